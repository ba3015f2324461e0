import { fireEvent, screen, within } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { HeaderSheet, KeysSheet, NameSectionSheet } from "../../src/features/forms/FormSheets";
import { scoreKeys } from "../../src/features/forms/keys";
import type { FormDocument, SectionReading } from "../../src/features/forms/types";
import { StandIn } from "../StandIn";
import { show } from "../shown";

const term = (id: string, kind: string, limb = "", feet = "") => ({
  id,
  name: id.replace("-", " "),
  kind,
  limb,
  feet,
  names: {},
  aliases: [],
  hidden: false,
  family: "",
});

const terms = [
  term("ready-stance", "stance", "", "even"),
  term("front-stance", "stance", "", "lead"),
  term("punch", "technique", "hand"),
  term("low-block", "technique", "hand"),
];

const weapons = [{ id: "staff", name: "staff", lengthCm: 181.8 }];

it("tells every key once, with what it does", () => {
  show(<KeysSheet onClose={vi.fn()} />);
  const keys = screen.getAllByRole("term").map((t) => t.textContent);
  expect(keys).toEqual(scoreKeys.map((k) => k.key));
  expect(new Set(keys).size).toBe(keys.length);
});

it("names a section, without blanks around", () => {
  const onKeep = vi.fn();
  show(
    <NameSectionSheet
      section={{ letter: "B", name: "old", startPosition: "left front stance" } as SectionReading}
      onClose={vi.fn()}
      onKeep={onKeep}
    />,
  );
  screen.getByText("Starts from: left front stance.");
  fireEvent.change(screen.getByLabelText("What the school calls it"), { target: { value: " the weir " } });
  fireEvent.click(screen.getByRole("button", { name: "Keep" }));
  expect(onKeep.mock.calls).toEqual([["the weir"]]);
});

describe("what the school says about a form", () => {
  async function header(form: object = {}) {
    new StandIn(({ path }) => (path === "/api/weapons" ? weapons : terms));
    const onKeep = vi.fn();
    show(<HeaderSheet form={{ title: "Low Weir", ...form } as FormDocument} onClose={vi.fn()} onKeep={onKeep} />);
    await screen.findByRole("option", { name: "staff" });
    return () => {
      fireEvent.click(screen.getByRole("button", { name: "Keep" }));
      return onKeep.mock.calls[0]?.[0];
    };
  }
  const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
  const fill = (label: string, value: string) => fireEvent.change(field(label), { target: { value } });
  const pick = (box: HTMLElement, typed: string) => {
    fireEvent.change(box, { target: { value: typed } });
    fireEvent.keyDown(box, { key: "Enter" });
  };

  it("is kept as it was where nothing is changed", async () => {
    const declared = {
      opening: { stance: "front-stance", lead: "right" },
      declaredCounts: 20,
      declaredShouts: 2,
      noLineTwice: true,
      pairs: [{ first: "low-block", second: "punch" }],
      weapon: { kind: "staff", lengthCm: 170.5 },
    };
    const kept = await header(declared);
    expect(kept()).toEqual({ title: "Low Weir", ...declared });
  });

  it("is nothing where nothing is given", async () => {
    const kept = await header();
    expect(kept()).toEqual({
      title: "Low Weir",
      opening: { stance: "ready-stance", lead: null },
      declaredCounts: null,
      declaredShouts: null,
      noLineTwice: false,
      pairs: [],
      weapon: null,
    });
  });

  it("asks for the leading foot only where one leads", async () => {
    const kept = await header();
    expect(screen.queryByLabelText("Leading foot at the opening")).toBeNull();
    pick(field("Opens in"), "front");
    fill("Leading foot at the opening", "right");
    expect(kept().opening).toEqual({ stance: "front-stance", lead: "right" });
  });

  it("takes no form without a name", async () => {
    await header();
    fill("Name", "  ");
    screen.getByText("Give the form a name.");
    expect(screen.getByRole<HTMLButtonElement>("button", { name: "Keep" }).disabled).toBe(true);
  });

  it("shows how long the weapon usually is, and takes another length only with one", async () => {
    const kept = await header();
    expect(field("Its length, cm").disabled).toBe(true);
    fill("Weapon", "staff");
    expect([field("Its length, cm").disabled, field("Its length, cm").placeholder]).toEqual([false, "181.8"]);
    fill("Its length, cm", "165");
    expect(kept().weapon).toEqual({ kind: "staff", lengthCm: 165 });
  });

  it("keeps the pairs that are whole", async () => {
    const kept = await header({ pairs: [{ first: "punch", second: "punch" }] });
    fireEvent.click(screen.getByRole("button", { name: "Add a pair" }));
    fireEvent.click(screen.getByRole("button", { name: "Add a pair" }));
    const [, after, half] = screen.getAllByLabelText("After");
    pick(after as HTMLElement, "low");
    pick(screen.getAllByLabelText("comes")[1] as HTMLElement, "punch");
    pick(half as HTMLElement, "low");
    const pairs = within(screen.getByRole("group", { name: /always go together/ }));
    fireEvent.click(pairs.getAllByRole("button", { name: "Remove" })[0] as HTMLElement);
    expect(kept().pairs).toEqual([{ first: "low-block", second: "punch" }]);
  });
});
