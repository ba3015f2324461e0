import { act, fireEvent, screen, waitFor } from "@testing-library/react";
import { createRef } from "react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { WriteLine } from "../../src/features/dictation/WriteLine";
import { keep, recall } from "../../src/ui/kept";
import { promised, refused, StandIn } from "../StandIn";
import { show } from "../shown";

const form = { title: "Heron at Low Tide", moves: [] };

/** What the server makes of words: one move of each sentence. */
function read(text: string) {
  const moves = text
    .split(".")
    .filter((s) => s.trim() !== "")
    .map((_, k) => ({ id: `m${k}`, count: k + 1, start: 0, length: 1, shout: false }));
  return {
    moves,
    readings: {
      moves: moves.map((m) => ({
        ...m,
        feet: "step with the left foot",
        turn: 0,
        posture: { stanceName: "front stance", lead: "left", headingName: "twelve o'clock" },
        inferred: [],
        kick: null,
        hands: [],
        weapon: "",
      })),
    },
    form: {
      ...form,
      moves: moves.map((m) => ({ id: m.id, stance: null, facing: null, turn: null, tempo: null, note: "" })),
    },
    fields: [],
    unread: [],
    findings: [],
    closingTurns: [],
  };
}

type Body = { text: string; after: string | null };

function line(serve: (body: Body) => unknown = ({ text }) => read(text), after?: string) {
  const server = new StandIn(({ body }) => serve(body));
  const calls = { onAdd: vi.fn(), onSaid: vi.fn(), onLeave: vi.fn() };
  show(
    <WriteLine
      formId="f"
      form={form as never}
      heightCm={170}
      after={after}
      afterWords="at the end"
      inputRef={createRef()}
      {...calls}
    />,
  );
  return { server, ...calls };
}

const box = () => screen.getByRole<HTMLTextAreaElement>("textbox");
const type = (value: string) => fireEvent.change(box(), { target: { value } });
const press = (key: string, more: object = {}) => fireEvent.keyDown(box(), { key, ...more });
const understood = () => screen.getByRole("region", { name: "What was understood" });

beforeEach(async () => {
  keep("heron.line.f", undefined);
  await vi.waitFor(async () => expect(await recall("heron.line.f")).toBeUndefined());
});

describe("words", () => {
  it("are understood as they are typed, for the place where they go", async () => {
    const { server, onSaid } = line(undefined, "m7");
    type("step");
    await waitFor(() => expect(understood().textContent).toContain("front stance"));
    expect(server.sent<Body>("POST", "/api/dictation").at(-1)).toMatchObject({
      text: "step",
      after: "m7",
      heightCm: 170,
    });
    await waitFor(() => expect(onSaid).toHaveBeenLastCalledWith(expect.objectContaining({ at: 0 })));
  });

  it("are added with Enter, and the line is empty for the next", async () => {
    const { onAdd } = line();
    type("step. step.");
    press("Enter");
    await waitFor(() => expect(onAdd).toHaveBeenCalledTimes(1));
    expect(onAdd.mock.calls[0]?.[1]).toBe("m1");
    await waitFor(() => expect(box().value).toBe(""));
    await waitFor(async () => expect(await recall("heron.line.f")).toBeUndefined());
  });

  it("are added once, however often Enter is pressed while the server thinks", async () => {
    const slow = promised();
    const { onAdd } = line(async ({ text }) => {
      await slow.promise;
      return read(text);
    });
    type("step");
    press("Enter");
    press("Enter");
    press("Enter");
    await act(async () => slow.keep());
    await waitFor(() => expect(onAdd).toHaveBeenCalledTimes(1));
    expect(onAdd).toHaveBeenCalledTimes(1);
  });

  it.each([
    ["no move is in them", () => ({ ...read(""), form }), "Say a step, a stance or a technique"],
    ["the server refuses", () => refused(400), "It cannot be done so."],
  ])("stay in the line with the reason, where %s", async (_, serve, reason) => {
    const { onAdd } = line(serve);
    type("um");
    press("Enter");
    await waitFor(() => expect(understood().textContent).toContain(reason));
    expect(onAdd).not.toHaveBeenCalled();
    expect(box().value).toBe("um");
  });
});

it("shows what the newest words mean, though the answer to older ones comes later", async () => {
  const first = promised();
  line(async ({ text }) => {
    if (text === "one.") await first.promise;
    return read(text);
  });
  type("one.");
  await new Promise((r) => setTimeout(r, 80)); // until it is asked
  type("one. two.");
  await waitFor(() => expect(screen.getAllByText(/front stance/)).toHaveLength(2));
  await act(async () => first.keep());
  expect(screen.getAllByText(/front stance/)).toHaveLength(2);
});

it("keeps what is half typed for the next time, but not over what was typed since", async () => {
  keep("heron.line.f", "step with the le");
  line();
  await waitFor(() => expect(box().value).toBe("step with the le"));
  type("step with the left");
  await waitFor(async () => expect(await recall("heron.line.f")).toBe("step with the left"));
});

it("leaves for the score with Escape; Shift and Enter begin a new line", () => {
  const { onLeave, onAdd } = line();
  type("step");
  press("Escape");
  expect(onLeave).toHaveBeenCalledTimes(1);
  expect(press("Enter", { shiftKey: true })).toBe(true); // not prevented
  expect(onAdd).not.toHaveBeenCalled();
});

it("asks nothing for an empty line, and adds nothing", async () => {
  const { server, onAdd } = line();
  type("   ");
  press("Enter");
  await new Promise((r) => setTimeout(r, 80));
  expect(server.calls).toEqual([]);
  expect(onAdd).not.toHaveBeenCalled();
});
