import { afterEach, expect, it, vi } from "vitest";
import { keep, recall } from "../../src/ui/kept";
import { random, seeds } from "../random";

afterEach(() => vi.unstubAllGlobals());

/** What the browser's own database has, once it is at rest. */
const stored = (key: string) =>
  vi.waitFor(async () => {
    const database = await new Promise<IDBDatabase>((resolve) => {
      const request = indexedDB.open("heron", 1);
      request.onupgradeneeded = () => request.result.createObjectStore("kept");
      request.onsuccess = () => resolve(request.result);
    });
    return new Promise((resolve) => {
      const request = database.transaction("kept").objectStore("kept").get(key);
      request.onsuccess = () => resolve(request.result);
    });
  });

it("is there at once, before it has been written", async () => {
  keep("a", "half a wor");
  expect(await recall("a")).toBe("half a wor");
});

it.each(seeds.slice(0, 12))("ends with the newest, however fast it was typed (seed %i)", async (seed) => {
  const dice = random(seed);
  let last: string | undefined;
  for (let k = 0; k < 30; k++) {
    last = dice.below(5) ? `words ${k}` : undefined;
    keep("line", last);
    if (dice.below(3) === 0) await new Promise((r) => setTimeout(r, dice.below(3)));
  }
  await vi.waitFor(async () => expect(await stored("line")).toBe(last));
  expect(await recall("line")).toBe(last);
});

it("tells what another tab kept since", async () => {
  keep("shared", "mine");
  await vi.waitFor(async () => expect(await stored("shared")).toBe("mine"));
  // Another tab has the same database and a page of its own.
  vi.resetModules();
  const other = await import("../../src/ui/kept");
  other.keep("shared", "theirs");
  await vi.waitFor(async () => expect(await stored("shared")).toBe("theirs"));
  expect(await recall("shared")).toBe("theirs");
});

it("falls back to the page's plain store where the browser allows no database", async () => {
  vi.stubGlobal("indexedDB", {
    open: () => {
      throw new DOMException("denied", "SecurityError");
    },
  });
  vi.resetModules();
  const denied = await import("../../src/ui/kept");
  denied.keep("plain", "typed");
  await vi.waitFor(() => expect(localStorage.getItem("plain")).toBe("typed"));
  expect(await denied.recall("plain")).toBe("typed");
  denied.keep("plain", undefined);
  await vi.waitFor(() => expect(localStorage.getItem("plain")).toBeNull());
});
