import { act, renderHook } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { copiedMoves } from "../../src/features/forms/clipboard";
import { scoreKeys } from "../../src/features/forms/keys";
import { layerChoices } from "../../src/features/forms/layers";
import type { FormEditor } from "../../src/features/forms/useFormEditor";
import { type Open, useScoreCommands } from "../../src/features/forms/useScoreCommands";
import type { Selection } from "../../src/features/forms/useSelection";

const finding = { move: "m2", message: "The feet cross.", fixes: [{ edit: { kind: "delete", moves: ["m2"] } }] };
const moves = ["m1", "m2", "m3"].map((id) => ({ id, accepted: [], note: id }));

/** The commands over three moves, the second one chosen, with what they call written down. */
function commands({ mayEdit = true } = {}) {
  const done: unknown[] = [];
  const opened: Open[] = [];
  const line = { current: document.createElement("textarea") };
  document.body.append(line.current);
  const edit = async (...edits: unknown[]) => void done.push(...edits);
  const editor = {
    edit,
    undo: () => done.push("undo"),
    redo: () => done.push("redo"),
    written: { form: { moves }, readings: { moves, findings: [finding], sections: [{ id: "s1", first: 0, last: 2 }] } },
  };
  const selection = {
    focusId: "m2",
    focus: 1,
    inOrder: ["m2"],
    select: (id: string) => done.push(`choose ${id}`),
    chooseOnly: (id: string) => done.push(`only ${id}`),
    step: (by: number, extend: boolean) => done.push(`step ${by}${extend ? " further" : ""}`),
  };
  const setLayers = vi.fn();
  const hook = renderHook(() =>
    useScoreCommands({
      editor: editor as unknown as FormEditor,
      selection: selection as unknown as Selection,
      mayEdit,
      line,
      setOpen: (open) => opened.push(open),
      layers: layerChoices[0][1],
      setLayers,
    }),
  );
  const press = (key: string, held: { shift?: boolean; ctrl?: boolean; alt?: boolean } = {}) =>
    act(async () => {
      const event = new KeyboardEvent("keydown", {
        key,
        shiftKey: held.shift,
        ctrlKey: held.ctrl,
        altKey: held.alt,
        bubbles: true,
        cancelable: true,
      });
      document.body.dispatchEvent(event);
    });
  const happened = () =>
    done.length + opened.length + setLayers.mock.calls.length + (document.activeElement === line.current ? 1 : 0);
  return { hook, press, done, opened, happened, line };
}

/** The presses that a line of the list of keys speaks of. */
const presses = (key: string) => {
  if (key === "2 … 9") return [["3"], ["r"]] as const;
  const [held, rest] = /^(Ctrl|Alt) (.*)$/.exec(key)?.slice(1) ?? ["", key];
  return (rest ?? "")
    .split(" ")
    .map((k) => [{ "↑": "ArrowUp", "↓": "ArrowDown" }[k] ?? (held === "Ctrl" ? k.toLowerCase() : k), held] as const);
};

describe("the keys of the score", () => {
  it.each(scoreKeys.map((k) => [k.key, k.does] as const))("%s: %s", async (key) => {
    for (const [name, held] of presses(key)) {
      const { press, happened } = commands();
      localStorage.setItem("heron.copied", JSON.stringify(moves));
      if (key === "2 … 9") await press("3");
      const before = happened();
      await press(key === "2 … 9" ? "r" : name, { ctrl: held === "Ctrl", alt: held === "Alt" });
      const copied = name === "c" && copiedMoves().length === 1;
      expect(happened() > before || copied, `${held} ${name} does something`).toBe(true);
    }
  });

  it("that change the form do nothing for who may only read", async () => {
    for (const { key, group } of scoreKeys)
      if (!["Choose", "Back"].includes(group))
        for (const [name, held] of presses(key)) {
          const { press, done } = commands({ mayEdit: false });
          await press(name, { ctrl: held === "Ctrl", alt: held === "Alt" });
          expect(
            done.filter((d) => typeof d === "object"),
            `${held} ${name}`,
          ).toEqual([]);
        }
  });

  it("say how many times with a digit: so many in all", async () => {
    const { press, done } = commands();
    await press("4");
    await press("s");
    await press("r");
    expect(done).toEqual([
      { kind: "otherSide", moves: ["m2"], times: 3 },
      { kind: "again", moves: ["m2"], times: 1 },
    ]);
  });

  it("are letters where one types", async () => {
    const { hook, done, line } = commands();
    const event = { key: "r", target: line.current, preventDefault: () => done.push("taken") };
    act(() => hook.result.current.onKey(event as unknown as React.KeyboardEvent));
    expect(done).toEqual([]);
  });

  it("choose several with Shift and carry the moves with Alt", async () => {
    const { press, done } = commands();
    await press("ArrowDown", { shift: true });
    await press("ArrowUp", { alt: true });
    expect(done).toEqual(["step 1 further", { kind: "shift", moves: ["m2"], by: -1 }]);
  });

  it("go to the next finding after the move chosen, and round", async () => {
    const { press, done } = commands();
    await press("w");
    expect(done).toEqual(["choose m2"]);
  });

  it("put in copies, not the same moves", async () => {
    const { press, done } = commands();
    await press("c", { ctrl: true });
    await press("v", { ctrl: true });
    expect(done).toEqual([{ kind: "insert", moves: [{ id: null, accepted: [], note: "m2" }], after: "m2" }]);
  });
});
