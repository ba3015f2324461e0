import { fireEvent, screen, within } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { Score } from "../../src/features/forms/Score";
import { show } from "../shown";

/** A row as it comes with the readings of a form. */
const row = (id: string, count: number, more: object = {}) => ({
  id,
  count,
  beginsCount: count > 0,
  posture: { lead: "left", stanceName: "front stance", heading: 0, headingName: "twelve o'clock" },
  feet: "step",
  turn: 0,
  kick: null,
  hands: [{ hand: "left", name: "low block", level: "", inferred: false }],
  inferred: [],
  shout: false,
  weapon: "",
  stepAdjustCm: 0,
  alternatives: [],
  ...more,
});

const rows = [
  row("m1", 0, { hands: [], feet: "bow" }),
  row("m2", 1, { turn: -90, inferred: ["stance"] }),
  row("m3", 1, {
    beginsCount: false,
    shout: true,
    hands: [{ hand: "both", name: "push", level: "middle", inferred: true }],
  }),
  row("m4", 2, {
    kick: { foot: "right", name: "front kick", level: "high", inferred: false },
    alternatives: [{ whose: "older way", words: "side kick" }],
  }),
];

const finding = {
  move: "m3",
  rule: "two-things",
  message: "The left hand does two things at once.",
  fixes: [{ label: "One after the other" }, { label: "Take the push out" }],
};
const accepted = {
  move: "m4",
  rule: "standing-foot",
  message: "The kicking foot carries the weight.",
  reason: "it hops",
};
const section = { letter: "A", name: "", first: 1, last: 3, firstCount: 1, lastCount: 2, startPosition: "ready" };

function score(more: object = {}) {
  const calls = {
    onSelect: vi.fn(),
    onOpen: vi.fn(),
    onFix: vi.fn(),
    onAccept: vi.fn(),
    onReopen: vi.fn(),
    onAlternative: vi.fn(),
    onNameSection: vi.fn(),
  };
  const props = {
    form: {
      title: "Heron at Low Tide",
      moves: rows.map((r) => ({ id: r.id, note: r.id === "m2" ? "slowly at first" : "" })),
    },
    readings: { moves: rows, sections: [section], findings: [finding], accepted: [accepted] },
    applications: [{ id: "a", name: "Wrist grab", links: [{ formId: "f", firstMove: "m2", lastMove: "m3" }] }],
    formId: "f",
    selected: ["m2"],
    layers: { feet: true, hands: true },
    mayEdit: true,
    ...more,
  };
  show(<Score {...({ ...props, ...calls } as unknown as Parameters<typeof Score>[0])} />);
  return calls;
}

const at = (k: number) => screen.getAllByRole("row").filter((r) => r.dataset.move)[k - 1] as HTMLElement;
const text = (k: number) => at(k).textContent ?? "";

describe("a row", () => {
  it("has its count once; what goes on in it says so, and what has none shows a dash", () => {
    score();
    const counts = [1, 2, 3, 4].map((k) => within(at(k)).getAllByRole("gridcell")[0]?.textContent);
    expect(counts).toEqual(["–", "1", "1 cont.", "2"]);
  });

  it("tells feet, facing, hands, kick and voice", () => {
    score();
    expect(text(2)).toMatch(/front stance.*step.*twelve o'clock.*90° left.*low block/);
    expect(text(3)).toMatch(/push middle.*shout/);
    expect(text(4)).toMatch(/front kick high/);
  });

  it("shows in italics what nobody said", () => {
    score();
    const stance = (k: number) => within(at(k)).getByText("front stance").className;
    expect(stance(2)).toContain("italic");
    expect(stance(4)).not.toContain("italic");
  });

  it("has below it what is noted, what explains it, what is wrong and what was let stand", () => {
    score();
    expect(text(2)).toContain("“slowly at first”");
    expect(within(at(2)).getByRole("link", { name: "Application: Wrist grab" }).getAttribute("href")).toBe(
      "/applications/a",
    );
    expect(text(3)).toContain(finding.message);
    expect(text(4)).toContain("Let stand, because it hops: The kicking foot carries the weight.");
  });

  it("marks every move that an application explains, and no other", () => {
    score();
    expect([1, 2, 3, 4].map((k) => within(at(k)).queryByTitle(/application explains/) !== null)).toEqual([
      false,
      true,
      true,
      false,
    ]);
  });
});

describe("layers", () => {
  it("hide the hands, but not the kick", () => {
    score({ layers: { feet: true, hands: false } });
    expect(text(2)).not.toContain("low block");
    expect(text(4)).toContain("front kick");
    expect(text(2)).toContain("front stance");
  });

  it("hide the feet and where they face", () => {
    score({ layers: { feet: false, hands: true } });
    expect(text(2)).not.toMatch(/front stance|twelve/);
    expect(text(2)).toContain("low block");
  });
});

it("selects with a press, more with Shift, and opens with a double click", () => {
  const { onSelect, onOpen } = score();
  fireEvent.mouseDown(at(3));
  fireEvent.mouseDown(at(4), { shiftKey: true });
  fireEvent.doubleClick(at(4));
  expect(onSelect.mock.calls).toEqual([
    ["m3", false],
    ["m4", true],
  ]);
  expect(onOpen).toHaveBeenCalledExactlyOnceWith("m4");
  expect(at(2).getAttribute("aria-selected")).toBe("true");
  expect(at(3).getAttribute("aria-selected")).toBe("false");
});

it("does not select where something in the row is pressed", () => {
  const { onSelect } = score();
  fireEvent.mouseDown(screen.getByRole("button", { name: "One after the other" }));
  fireEvent.mouseDown(screen.getByRole("link", { name: /Wrist grab/ }));
  expect(onSelect).not.toHaveBeenCalled();
});

it("offers the fixes of a finding, to let it stand, and to take it up again", () => {
  const { onFix, onAccept, onReopen, onAlternative } = score();
  fireEvent.click(screen.getByRole("button", { name: "Take the push out" }));
  fireEvent.click(screen.getByRole("button", { name: "Let it stand…" }));
  fireEvent.click(screen.getByRole("button", { name: "Take up again" }));
  fireEvent.click(screen.getByRole("button", { name: "Do it this way" }));
  expect(onFix).toHaveBeenCalledExactlyOnceWith(finding, 1);
  expect(onAccept).toHaveBeenCalledExactlyOnceWith(finding);
  expect(onReopen).toHaveBeenCalledExactlyOnceWith(accepted);
  expect(onAlternative).toHaveBeenCalledExactlyOnceWith("m4", 0, "use");
});

it("shows a reader the same, with nothing to change", () => {
  score({ mayEdit: false });
  expect(text(3)).toContain(finding.message);
  expect(screen.queryAllByRole("button")).toEqual([]);
});

it("has the section's head before its first move, with its counts and where it starts from", () => {
  const { onNameSection } = score();
  const heads = screen.getAllByRole("row").filter((r) => r.className === "score-section");
  expect(heads.map((h) => h.nextElementSibling?.getAttribute("data-move"))).toEqual(["m2"]);
  expect(heads[0]?.textContent).toContain("counts 1–2 · starts from: ready");
  fireEvent.click(screen.getByRole("button", { name: "Name this section" }));
  expect(onNameSection).toHaveBeenCalledExactlyOnceWith(section);
});
