import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import {
  AcceptSheet,
  AlternativeSheet,
  FillSheet,
  ReplaceSheet,
  TurnSheet,
} from "../../src/features/forms/PassageSheets";
import type { Finding, FormDocument } from "../../src/features/forms/types";
import { promised, refused, StandIn } from "../StandIn";
import { show } from "../shown";

const terms = [
  { id: "front-stance", name: "front stance", kind: "stance", limb: "", family: "" },
  { id: "back-stance", name: "back stance", kind: "stance", limb: "", family: "" },
  { id: "old-stance", name: "old stance", kind: "stance", limb: "", family: "", hidden: true },
  { id: "punch", name: "punch", kind: "technique", limb: "hand", family: "punching" },
  { id: "low-block", name: "low block", kind: "technique", limb: "hand", family: "receiving" },
  { id: "front-kick", name: "front kick", kind: "technique", limb: "foot", family: "kicking" },
  { id: "side-kick", name: "side kick", kind: "technique", limb: "foot", family: "kicking" },
].map((t) => ({ names: {}, aliases: [], hidden: false, ...t }));

const form: FormDocument = {
  title: "Low Weir",
  moves: [
    {
      id: "m1",
      stance: { kind: "front-stance", lead: null },
      hands: [{ technique: "punch", hand: "right", level: null }],
    },
    {
      id: "m2",
      stance: { kind: "front-stance", lead: null },
      kick: { technique: "front-kick", foot: null, level: null, landing: null },
    },
  ],
} as unknown as FormDocument;

const onEdit = vi.fn();
const onClose = vi.fn();
const rest = { words: "counts 1 and 2", onClose, onEdit };
const button = (name: string) => screen.getByRole<HTMLButtonElement>("button", { name });
const fill = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
const edits = () => onEdit.mock.calls.splice(0).map(([edit]) => edit);

describe("filling down", () => {
  it("gives the part chosen of the first move to all", () => {
    show(<FillSheet moves={["m1", "m2"]} {...rest} />);
    fill("Part", "hands");
    fireEvent.click(button("Fill down"));
    expect(edits()).toEqual([{ kind: "fillDown", moves: ["m1", "m2"], part: "hands" }]);
  });

  it("says how several moves are chosen where one is", () => {
    show(<FillSheet moves={["m1"]} {...rest} />);
    expect(button("Fill down").disabled).toBe(true);
    screen.getByText(/hold Shift/);
  });
});

it("turns a passage by so many degrees, right positive", () => {
  show(<TurnSheet moves={["m1"]} {...rest} />);
  const offered = within(screen.getByLabelText("By"))
    .getAllByRole<HTMLOptionElement>("option")
    .map((o) => [o.value, o.text]);
  expect(offered).toEqual(
    expect.arrayContaining([
      ["-45", "45° to the left"],
      ["180", "half a turn"],
    ]),
  );
  fill("By", "-135");
  fireEvent.click(button("Turn"));
  expect(edits()).toEqual([{ kind: "turn", moves: ["m1"], by: -135 }]);
});

describe("replacing", () => {
  const offered = (label: string) => {
    const box = screen.getByLabelText(label, { selector: "input" });
    fireEvent.click(box);
    const names = within(screen.getByRole("listbox"))
      .getAllByRole("option")
      .map((o) => o.textContent);
    fireEvent.keyDown(box, { key: "Escape" });
    return names.slice(1);
  };
  const pick = (label: string, typed: string) => {
    const box = screen.getByLabelText(label, { selector: "input" });
    fireEvent.change(box, { target: { value: typed } });
    fireEvent.keyDown(box, { key: "Enter" });
  };

  it("offers what the form uses, with how often, and for it what can take its place", async () => {
    new StandIn(() => terms);
    show(<ReplaceSheet form={form} moves={[]} {...rest} />);
    await screen.findByLabelText("Every");
    expect(offered("Every")).toEqual(["front stance2×", "punch1×", "front kick1×"]);
    expect(offered("becomes")).toEqual([]);
    pick("Every", "front kick");
    expect(offered("becomes")).toEqual(["side kickkicking"]);
    pick("Every", "punch");
    expect(offered("becomes")).toEqual(["low blockreceiving"]);
    pick("Every", "front st");
    expect(offered("becomes")).toEqual(["back stancestance"]); // not what is left out of lists
  });

  it.each([
    ["chosen", ["m1", "m2"]],
    ["all", []],
  ])("is done where one says: %s", async (where, moves) => {
    new StandIn(() => terms);
    show(<ReplaceSheet form={form} moves={["m1", "m2"]} {...rest} />);
    await screen.findByLabelText("Every");
    expect(button("Replace").disabled).toBe(true);
    pick("Every", "punch");
    pick("becomes", "low");
    fill("Where", where);
    fireEvent.click(button("Replace"));
    expect(edits()).toEqual([{ kind: "replaceTerm", from: "punch", to: "low-block", moves }]);
  });

  it("says why there are no terms to choose from", async () => {
    new StandIn(() => refused(500));
    show(<ReplaceSheet form={form} moves={[]} {...rest} />);
    await screen.findByText("It cannot be done so.");
  });
});

it("lets a finding stand with a reason, never without", () => {
  const finding = { move: "m1", rule: "kick-side", message: "The left foot stands." } as Finding;
  show(<AcceptSheet finding={finding} {...rest} />);
  screen.getByText("The left foot stands.");
  fill("Why it may stand", "  ");
  fireEvent.submit(screen.getByLabelText("Why it may stand"));
  expect(edits()).toEqual([]);
  fill("Why it may stand", "so it is done here");
  fireEvent.click(button("Let it stand"));
  expect(edits()).toEqual([
    { kind: "accept", move: "m1", rule: "kick-side", message: "The left foot stands.", reason: "so it is done here" },
  ]);
});

describe("another way of doing a move", () => {
  const read = (words: string, ...unread: string[]) => ({
    moves: words ? [{ id: "x", text: words }] : [],
    form: { moves: words ? [{ id: "x", note: words }] : [] },
    unread: unread.map((text) => ({ text })),
  });
  function way(serve: (text: string) => unknown) {
    const server = new StandIn(({ body }) => serve((body as { text: string }).text));
    show(<AlternativeSheet form={form} move="m2" {...rest} words="count 2" />);
    return server;
  }
  const say = (text: string) => fill("Said as a move", text);

  it("is read as if the move itself had not been written, and kept with whose it is", async () => {
    const server = way((text) => read(text));
    say("punch");
    await screen.findByText("Understood: punch.");
    expect(server.sent("POST", "/api/dictation")).toMatchObject([{ form: { moves: [{ id: "m1" }] }, after: "m1" }]);
    expect(button("Keep it beside").disabled).toBe(true);
    fill("Whose way it is", "the older version");
    fireEvent.click(button("Keep it beside"));
    expect(edits()).toEqual([
      { kind: "addAlternative", move: "m2", whose: "the older version", way: { id: "x", note: "punch" } },
    ]);
  });

  it("says what was not understood, and is not kept without a move", async () => {
    way(() => read("", "wobble"));
    say("wobble");
    await screen.findByText(/Nothing in these words is a move yet/);
    screen.getByText(/Not understood: wobble/);
    fill("Whose way it is", "mine");
    expect(button("Keep it beside").disabled).toBe(true);
  });

  it("waits for what was typed last: an older answer is not kept", async () => {
    const late = promised<unknown>();
    way((text) => (text === "punch" ? read("punch") : late.promise));
    say("punch");
    fill("Whose way it is", "mine");
    await waitFor(() => expect(button("Keep it beside").disabled).toBe(false));
    say("punch low");
    expect(button("Keep it beside").disabled).toBe(true);
    late.keep(read("punch, low"));
    await screen.findByText("Understood: punch, low.");
    expect(button("Keep it beside").disabled).toBe(false);
  });

  it("says why words could not be read, until they are gone", async () => {
    way(() => refused(503));
    say("punch");
    await screen.findByText("It cannot be done so.");
    say("");
    await waitFor(() => expect(screen.queryByText("It cannot be done so.")).toBeNull());
  });
});
