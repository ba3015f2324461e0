import { fireEvent, render, screen } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { AtOnce, Understood } from "../../src/features/dictation/Understood";

const text = "low block, punch, punch. Turn left, low block, punch. Turn left, low blorck.";

/** A move as it comes with a reading, on a count, from words of the text. */
const moveOn = (count: number, at = 0) => ({
  said: { id: `m${at}`, count, start: at, length: 3, shout: false },
  read: {
    id: `m${at}`,
    feet: "step with the left foot",
    turn: 0,
    posture: { stanceName: "front stance", lead: "left", headingName: "twelve o'clock" },
    inferred: ["lead"],
    kick: null,
    hands: [{ hand: "left", name: "low block", level: "", inferred: false }],
    weapon: "",
  },
  written: { id: `m${at}`, stance: null, facing: null, turn: null, tempo: null, note: "" },
});

function reading(counts: number[], more: object = {}) {
  const moves = counts.map((count, at) => moveOn(count, at));
  return {
    moves: moves.map((m) => m.said),
    readings: { moves: moves.map((m) => m.read) },
    form: { moves: moves.map((m) => m.written) },
    fields: [],
    unread: [],
    findings: [],
    closingTurns: [],
    ...more,
  };
}

const guess = (move: number, start: number, length: number, assumption: string, instead = "") => ({
  move,
  field: "count",
  start,
  length,
  assumption,
  instead,
  unheeded: false,
});

function show(said: object) {
  const calls = { onTeach: vi.fn(), onInstead: vi.fn(), onFind: vi.fn(), onLook: vi.fn() };
  render(<Understood reading={said as never} text={text} {...calls} />);
  return calls;
}

describe("what was taken for granted", () => {
  it("is told once for all places, with their counts, and changed in all of them, the last place first", () => {
    const shared = "Told in one sentence: read as one count.";
    const calls = show(
      reading([1, 1, 1, 2, 2], {
        fields: [
          guess(1, 11, 0, shared, "next count "),
          guess(2, 18, 0, shared, "next count "),
          guess(4, 47, 0, shared, "next count "),
        ],
      }),
    );
    expect(screen.getAllByText(shared, { exact: false })).toHaveLength(1);
    expect(screen.getByText("Counts 1, 2:", { exact: false })).toBeTruthy();

    fireEvent.click(screen.getByRole("button", { name: "No: “next count”" }));
    expect(calls.onInstead).toHaveBeenCalledTimes(1);
    const [places, instead] = calls.onInstead.mock.calls[0] as [{ start: number }[], string];
    expect(places.map((p) => p.start)).toEqual([47, 18, 11]);
    expect(instead).toBe("next count ");
  });

  it("quotes the words it was taken from, which lead to them in the line", () => {
    const calls = show(reading([1, 2], { fields: [guess(1, 30, 4, "Read as turning to the left.")] }));
    fireEvent.click(screen.getByRole("button", { name: "“left”" }));
    expect(calls.onFind.mock.calls[0]?.[0]).toMatchObject({ start: 30, length: 4 });
    expect(screen.queryByText("No:", { exact: false })).toBeNull();
  });

  it("keeps apart what is not the same guess", () => {
    const said = [guess(0, 11, 5, "Read as the right hand."), guess(1, 30, 4, "Read as turning to the left.")];
    show(reading([1, 2], { fields: said }));
    for (const { assumption } of said) expect(screen.getByText(assumption, { exact: false })).toBeTruthy();
  });
});

describe("what was not understood", () => {
  it("is told once a word, and can be taught", () => {
    const blorck = { start: 70, length: 6, text: "blorck" };
    const calls = show(reading([1], { unread: [blorck, { ...blorck, start: 4 }] }));
    fireEvent.click(screen.getByRole("button", { name: "this means…" }));
    expect(calls.onTeach).toHaveBeenCalledExactlyOnceWith("blorck");
  });

  it("and words from which nothing comes lead to the line", () => {
    const calls = show(reading([1, 2], { fields: [{ ...guess(1, 30, 4, ""), unheeded: true }] }));
    expect(screen.getByText("Said, but nothing comes from it:")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "“left”" }));
    expect(calls.onFind).toHaveBeenCalledTimes(1);
  });
});

describe("the moves", () => {
  it("are told back one by one where they are few", () => {
    show(reading([1, 2]));
    expect(screen.queryByText("Read as", { exact: false })).toBeNull();
    expect(screen.getAllByText("front stance")).toHaveLength(2);
  });

  it("are counted, and told beside their words, where they are many", () => {
    const many = Array.from({ length: AtOnce + 1 }, (_, i) => i);
    const calls = show(reading(many));
    expect(screen.getByText(`${AtOnce + 1} moves`)).toBeTruthy();
    expect(screen.getByText(`${AtOnce} counts`)).toBeTruthy(); // the first is on none
    const last = screen.getByRole("group", { name: `Count ${AtOnce}` });
    fireEvent.pointerEnter(last);
    expect(calls.onLook).toHaveBeenLastCalledWith(`m${AtOnce}`);
    expect(screen.getByRole("group", { name: "Without a count" })).toBeTruthy();
  });

  it("that contradict themselves are told with their count, before the list of them", () => {
    const many = Array.from({ length: AtOnce + 1 }, (_, i) => i + 1);
    show(reading(many, { findings: [{ rule: "line-twice", move: 3, message: "Twice on one line." }] }));
    const told = screen.getAllByText("Twice on one line.", { exact: false });
    expect(told).toHaveLength(2);
    expect(told[0]?.textContent).toBe("Count 4: Twice on one line.");
  });

  it("that would bring a form back to where it began are offered", () => {
    const many = Array.from({ length: AtOnce + 1 }, (_, i) => i + 1);
    show(reading(many, { closingTurns: [{ count: 3, turned: 180, would: -90, endsCm: 12 }] }));
    expect(screen.getByText("if count 3 turned 90° left", { exact: false }).textContent).toContain(
      "read as 180° right",
    );
  });
});
