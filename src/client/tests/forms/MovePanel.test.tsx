import { fireEvent, screen, within } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { MovePanel } from "../../src/features/forms/MovePanel";
import type { MoveDocument } from "../../src/features/forms/types";
import { StandIn } from "../StandIn";
import { show } from "../shown";

const terms = [
  { id: "step", name: "step", kind: "footwork", limb: "" },
  { id: "slide", name: "slide", kind: "footwork", limb: "" },
  { id: "front-stance", name: "front stance", kind: "stance", limb: "", feet: "lead" },
  { id: "horse-stance", name: "horse stance", kind: "stance", limb: "", feet: "even" },
  { id: "punch", name: "punch", kind: "technique", limb: "hand" },
  { id: "low-block", name: "low block", kind: "technique", limb: "hand" },
  { id: "front-kick", name: "front kick", kind: "technique", limb: "foot" },
].map((t) => ({ names: {}, aliases: [], hidden: false, family: "", ...t }));

const blank = { id: "m1", hands: [], note: "", shout: false, counting: "own" } as unknown as MoveDocument;

const onKeep = vi.fn();
const onClose = vi.fn();
beforeEach(() => {
  onKeep.mockReset();
  onClose.mockReset();
});

async function panel(move: object = {}) {
  new StandIn(() => terms);
  show(
    <MovePanel
      move={{ ...blank, ...move }}
      count={3}
      headings={[
        ["0", "front"],
        ["90", "right"],
      ]}
      onClose={onClose}
      onKeep={onKeep}
    />,
  );
  // The lists are there when a picked name is.
  fireEvent.click(field("Stance"));
  await screen.findByRole("option", { name: /front stance/ });
  fireEvent.keyDown(field("Stance"), { key: "Escape" });
}

const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label, { selector: "input,select,textarea" });
const set = (label: string, value: string) => fireEvent.change(field(label), { target: { value } });
const pick = (label: string, typed: string) => {
  set(label, typed);
  fireEvent.keyDown(field(label), { key: "Enter" });
};
const unpick = (label: string) => {
  fireEvent.click(field(label));
  fireEvent.mouseDown(within(screen.getByRole("listbox")).getAllByRole("option")[0] as HTMLElement);
};
const kept = () => {
  fireEvent.click(screen.getByRole("button", { name: "Keep" }));
  return onKeep.mock.calls[0]?.[0];
};

it("is headed by the count, and keeps a move as it was where nothing is set", async () => {
  await panel({ turn: -90, facing: 90, stance: { kind: "front-stance", lead: "left" } });
  screen.getByRole("dialog", { name: "Count 3" });
  expect([field("Turn").value, field("Facing afterwards").value, field("Stance").value]).toEqual([
    "-90",
    "90",
    "front stance",
  ]);
  expect(kept()).toEqual({ ...blank, turn: -90, facing: 90, stance: { kind: "front-stance", lead: "left" } });
});

describe("the feet", () => {
  it("are set by picking; which foot and way only once there is footwork", async () => {
    await panel();
    expect([field("Foot that moves").disabled, field("Way").disabled, field("Leading foot").disabled]).toEqual([
      true,
      true,
      true,
    ]);
    pick("Footwork", "sli");
    set("Foot that moves", "right");
    set("Way", "backLeft");
    pick("Stance", "front");
    set("Leading foot", "left");
    set("Turn", "135");
    set("Facing afterwards", "0");
    set("Turns on", "heel");
    expect(kept()).toMatchObject({
      footwork: { kind: "slide", foot: "right", way: "backLeft" },
      stance: { kind: "front-stance", lead: "left" },
      turn: 135,
      facing: 0,
      pivot: "heel",
    });
  });

  it("lead in no stance that stands even", async () => {
    await panel({ stance: { kind: "front-stance", lead: "left" } });
    expect(field("Leading foot").disabled).toBe(false);
    pick("Stance", "horse");
    expect(field("Leading foot").disabled).toBe(true);
  });

  it("are left unsaid again", async () => {
    await panel({
      footwork: { kind: "step", foot: "left", way: null },
      stance: { kind: "front-stance", lead: "left" },
      turn: 90,
    });
    unpick("Footwork");
    unpick("Stance");
    set("Turn", "");
    expect(kept()).toMatchObject({ footwork: null, stance: null, turn: null });
  });
});

describe("the hands", () => {
  it("get a row each, that can be taken out again", async () => {
    await panel({ hands: [{ technique: "punch", hand: "right", level: "middle" }] });
    fireEvent.click(screen.getByRole("button", { name: "Add what a hand does" }));
    const second = screen.getAllByLabelText<HTMLInputElement>("Technique")[1] as HTMLInputElement;
    fireEvent.change(second, { target: { value: "low" } });
    fireEvent.keyDown(second, { key: "Enter" });
    fireEvent.change(screen.getAllByLabelText("Hand")[1] as HTMLElement, { target: { value: "both" } });
    fireEvent.click(screen.getAllByRole("button", { name: "Remove" })[0] as HTMLElement);
    expect(kept().hands).toEqual([{ technique: "low-block", hand: "both", level: null }]);
  });

  it("keep their technique where none is picked: a row without one says nothing", async () => {
    await panel({ hands: [{ technique: "punch", hand: "right", level: null }] });
    unpick("Technique");
    expect(kept().hands).toEqual([{ technique: "punch", hand: "right", level: null }]);
  });
});

it("sets a kick with its foot, level and landing, and takes all of it away", async () => {
  await panel();
  expect(field("Kicking foot").disabled).toBe(true);
  pick("Kick, knee or sweep", "front");
  set("Kicking foot", "right");
  set("Kick level", "high");
  set("Comes down", "samePlace");
  expect(kept().kick).toEqual({ technique: "front-kick", foot: "right", level: "high", landing: "samePlace" });
  unpick("Kick, knee or sweep");
  onKeep.mockReset();
  expect(kept().kick).toBeNull();
});

it("sets how it is counted and done, the weapon, the shout and the note", async () => {
  await panel();
  for (const [label, value] of [
    ["Counting", "together"],
    ["Tempo", "slow"],
    ["Breath", "longOut"],
    ["Gaze", "left"],
    ["Hand on top while loading", "left"],
    ["Hand that leads the grip", "right"],
    ["Tip", "eyes"],
    ["Stops", "fullReach"],
    ["Note: watch-points, intent", "knee in"],
  ] as const)
    set(label, value);
  fireEvent.click(field("Shout"));
  expect(kept()).toMatchObject({
    counting: "together",
    tempo: "slow",
    breath: "longOut",
    gaze: "left",
    setOnTop: "left",
    weapon: { leads: "right", tip: "eyes", stop: "fullReach" },
    shout: true,
    note: "knee in",
  });
});

it("leaves the move as it was", async () => {
  await panel();
  set("Turn", "90");
  fireEvent.click(screen.getByRole("button", { name: "Leave as it was" }));
  expect([onClose.mock.calls.length, onKeep.mock.calls.length]).toEqual([1, 0]);
});
