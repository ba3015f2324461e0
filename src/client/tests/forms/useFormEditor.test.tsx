import { act, renderHook, waitFor } from "@testing-library/react";
import { StrictMode } from "react";
import { beforeEach, describe, expect, it } from "vitest";
import { dropDraft, keepDraft, keptDraft } from "../../src/features/forms/drafts";
import type { FormDocument, FormResponse } from "../../src/features/forms/types";
import { useFormEditor } from "../../src/features/forms/useFormEditor";
import { random, seeds } from "../random";
import { promised, refused, StandIn } from "../StandIn";

const stored = (title = "a", mayEdit = true) =>
  ({ id: "f", revision: 1, mayEdit, form: { title, moves: [] } }) as unknown as FormResponse;

/** A server whose only edit is to write a letter after the title, and that counts what it saves. */
function serve(also: (call: { method: string; path: string; body: never }) => unknown = () => undefined) {
  let revision = 1;
  return new StandIn(async (call) => {
    const said = await also(call);
    if (said !== undefined) return said;
    const { path, method } = call;
    const body = call.body as { form: FormDocument; edits: { letter: string }[] };
    const readings = { moves: [], sections: [], findings: [] };
    if (path === "/api/readings") return readings;
    if (path === "/api/edits")
      return { form: { ...body.form, title: body.form.title + body.edits.map((e) => e.letter).join("") }, readings };
    if (path === "/api/forms/f" && method === "PUT") return { revision: ++revision };
    if (path === "/api/forms/f") return { ...stored("theirs"), revision: 7 };
    if (path === "/api/forms") return { id: "copy" };
    throw new Error(`Nobody answers ${method} ${path}.`);
  });
}

const write = (letter: string) => ({ letter }) as never;

async function opened(form = stored()) {
  const hook = renderHook(() => useFormEditor(form), { wrapper: StrictMode });
  await waitFor(() => expect(hook.result.current.written).toBeDefined());
  return { hook, title: () => hook.result.current.written?.form.title, editor: () => hook.result.current };
}

beforeEach(async () => {
  dropDraft("f");
  await waitFor(async () => expect(await keptDraft("f")).toBeUndefined());
});

describe("edits", () => {
  it("happen in the order they were asked for, each on what the one before gave", async () => {
    const first = promised();
    let calls = 0;
    serve(({ path }) => (path === "/api/edits" && calls++ === 0 ? first.promise : undefined));
    const { editor, title } = await opened();
    await act(async () => {
      const both = [editor().edit(write("b")), editor().edit(write("c"))];
      first.keep();
      await Promise.all(both);
    });
    expect(title()).toBe("abc");
  });

  it("are told what is wrong where the server refuses them, and change nothing", async () => {
    serve(({ path }) => (path === "/api/edits" ? refused(400) : undefined));
    const { editor, title } = await opened();
    await act(() => editor().edit(write("b")));
    expect(title()).toBe("a");
    expect(editor().problem).toBe("It cannot be done so.");
    expect(editor().canUndo).toBe(false);
  });

  it("are nobody's who may only read", async () => {
    const server = serve();
    const { editor, title } = await opened(stored("a", false));
    await act(() => editor().edit(write("b")));
    expect(title()).toBe("a");
    expect(server.sent("POST", "/api/edits")).toEqual([]);
  });

  it("go on after another height could not be read", async () => {
    let refuses = false;
    serve(({ path }) => (refuses && path === "/api/readings" ? refused(400) : undefined));
    const { editor, title } = await opened();
    refuses = true;
    act(() => editor().changeHeight(20));
    await waitFor(() => expect(editor().problem).toBe("It cannot be done so."));
    await act(() => editor().edit(write("b")));
    expect(title()).toBe("ab");
    act(() => editor().undo());
    await waitFor(() => expect(title()).toBe("a"));
  });

  it("do not wait for a save that is under way", async () => {
    const slow = promised();
    const server = serve(({ method }) => (method === "PUT" ? slow.promise : undefined));
    const { editor, title } = await opened();
    await act(() => editor().edit(write("b")));
    await waitFor(() => expect(editor().saveState).toBe("saving"));
    await act(() => editor().edit(write("c")));
    expect(title()).toBe("abc");
    // The save that was under way took what was there as it began; the rest is saved by the next one, on top of it.
    slow.keep();
    await waitFor(() => expect(editor().saveState).toBe("saved"), { timeout: 3000 });
    const saves = server.sent<{ basedOn: number; form: FormDocument }>("PUT", "/api/forms/f");
    expect(saves.map((s) => [s.basedOn, s.form.title])).toEqual([
      [1, "ab"],
      [2, "abc"],
    ]);
  });
});

describe("the way back and forth", () => {
  it("takes back an edit that the server is still at", async () => {
    serve();
    const { editor, title } = await opened();
    await act(async () => {
      const edited = editor().edit(write("b"));
      editor().undo();
      await edited;
    });
    await waitFor(() => expect(title()).toBe("a"));
    act(() => editor().redo());
    await waitFor(() => expect(title()).toBe("ab"));
  });

  it.each(seeds)("leads to where one was, whatever was done (seed %i)", async (seed) => {
    serve();
    const { editor, title } = await opened();
    const dice = random(seed);
    const model = { past: [] as string[], now: "a", future: [] as string[] };
    await act(async () => {
      for (let k = 0; k < 12; k++) {
        const what = dice.pick(["edit", "edit", "undo", "redo"]);
        if (what === "edit") {
          const letter = dice.pick(["b", "c", "d"]);
          await editor().edit(write(letter));
          model.past.push(model.now);
          model.now += letter;
          model.future = [];
        } else {
          const [from, to] = what === "undo" ? [model.past, model.future] : [model.future, model.past];
          const there = from.pop();
          if (there !== undefined) {
            to.push(model.now);
            model.now = there;
          }
          if (what === "undo") editor().undo();
          else editor().redo();
        }
      }
    });
    await waitFor(() => expect(title()).toBe(model.now));
    expect([editor().canUndo, editor().canRedo]).toEqual([model.past.length > 0, model.future.length > 0]);
  });
});

describe("nothing is lost", () => {
  it("where the server cannot be reached: it is kept here, and saved when it can", async () => {
    let reachable = false;
    serve(({ method }) => {
      if (method === "PUT" && !reachable) throw new TypeError("network");
      return undefined;
    });
    const { editor } = await opened();
    await act(() => editor().edit(write("b")));
    await waitFor(() => expect(editor().saveState).toBe("offline"), { timeout: 3000 });
    expect((await keptDraft("f"))?.form.title).toBe("ab");
    reachable = true;
    await waitFor(() => expect(editor().saveState).toBe("saved"), { timeout: 5000 });
    await waitFor(async () => expect(await keptDraft("f")).toBeUndefined());
  });

  it("of what a browser kept that ended before it was saved", async () => {
    const server = serve();
    keepDraft("f", { basedOn: 1, form: { title: "half typed", moves: [] } as unknown as FormDocument });
    const { editor, title } = await opened();
    expect(title()).toBe("half typed");
    expect(editor().recovered).toBe(true);
    await waitFor(() => expect(editor().saveState).toBe("saved"), { timeout: 3000 });
    expect(server.sent<{ form: FormDocument }>("PUT", "/api/forms/f").map((s) => s.form.title)).toEqual(["half typed"]);
  });

  it("where another person saved meanwhile: it is told, and neither version is written over", async () => {
    const server = serve(({ method }) =>
      method === "PUT" ? refused(409, { savedBy: "Another", revision: 7 }) : undefined,
    );
    const { editor, title } = await opened();
    await act(() => editor().edit(write("b")));
    await waitFor(() => expect(editor().conflict).toEqual({ savedBy: "Another", revision: 7 }), { timeout: 3000 });
    await act(() => editor().edit(write("c")));
    expect(editor().saveState).toBe("conflict");
    await act(async () => {
      expect(await editor().keepMineAsCopy()).toBe("copy");
    });
    expect(title()).toBe("theirs");
    expect(server.sent<{ form: FormDocument }>("POST", "/api/forms").map((s) => s.form.title)).toEqual([
      "abc (my copy)",
    ]);
    act(() => editor().undo());
    await waitFor(() => expect(title()).toBe("abc"));
  });
});
