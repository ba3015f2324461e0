import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import { Problem } from "../../src/api/client";
import { MergeSheet } from "../../src/features/forms/MergeSheet";
import { show } from "../shown";

const merged = {
  savedBy: "Ines",
  theirs: [{ count: 3, kind: "rewritten", words: "rising block" }],
  mine: [
    { count: 3, kind: "takenOut", words: "low block" },
    { count: 0, kind: "added", words: "bow" },
  ],
  clashes: [
    { part: "Count 3", move: "m3", mineWords: "taken out", theirsWords: "rising block" },
    { part: "Count 4", move: "m4", mineWords: "punch", theirsWords: "reverse punch" },
    { part: "The name", move: null, mineWords: "", theirsWords: "" },
  ],
};

const editor = { merge: vi.fn(), takeMerged: vi.fn(), keepMineAsCopy: vi.fn(), takeTheirs: vi.fn() };
const onClose = vi.fn();
const onCopied = vi.fn();

const open = () =>
  show(
    <MergeSheet
      editor={editor as never}
      conflict={{ revision: 4, savedBy: "Ines" } as never}
      onClose={onClose}
      onCopied={onCopied}
    />,
  );

beforeEach(() => {
  vi.resetAllMocks();
  editor.merge.mockResolvedValue(merged);
});

it("tells what each did, by count, and who saved", async () => {
  open();
  const list = async (title: string) => (await screen.findByText(title)).parentElement?.textContent;
  expect(await list("What Ines did")).toContain("Count 3 changed: rising block");
  expect(await list("What you did")).toMatch(/Count 3 taken out: low block.*No count added: bow/);
  expect(screen.getByText(/Ines saved it after you opened it/)).toBeTruthy();
});

it("keeps mine where both changed, unless theirs is taken", async () => {
  open();
  const third = within(await screen.findByRole("group", { name: "Count 3" }));
  const fourth = within(screen.getByRole("group", { name: "Count 4" }));
  expect(third.getByRole<HTMLInputElement>("radio", { name: /Yours/ }).checked).toBe(true);
  fireEvent.click(fourth.getByRole("radio", { name: /Theirs/ }));
  fireEvent.click(third.getByRole("radio", { name: /Theirs/ }));
  fireEvent.click(third.getByRole("radio", { name: /Yours/ }));
  fireEvent.click(screen.getByRole("button", { name: /merge/ }));
  await waitFor(() => expect(onClose).toHaveBeenCalledTimes(1));
  expect(editor.takeMerged).toHaveBeenCalledExactlyOnceWith(merged, new Set([1]));
});

it("says which part cannot be chosen here", async () => {
  open();
  const name = within(await screen.findByRole("group", { name: "The name" }));
  expect(name.queryByRole("radio")).toBeNull();
  expect(name.getByText(/Yours is kept/)).toBeTruthy();
});

it("goes to the copy, and stays where none could be made", async () => {
  editor.keepMineAsCopy.mockResolvedValueOnce(undefined).mockResolvedValueOnce("copy");
  open();
  const copy = await screen.findByRole("button", { name: /copy/ });
  fireEvent.click(copy);
  await waitFor(() => expect(editor.keepMineAsCopy).toHaveBeenCalledTimes(1));
  expect(onCopied).not.toHaveBeenCalled();
  fireEvent.click(copy);
  await waitFor(() => expect(onCopied).toHaveBeenCalledExactlyOnceWith("copy"));
});

it("takes theirs", async () => {
  open();
  fireEvent.click(await screen.findByRole("button", { name: /Take theirs/ }));
  expect(editor.takeTheirs).toHaveBeenCalledTimes(1);
});

it("says why where it cannot be told what changed", async () => {
  editor.merge.mockRejectedValue(new Problem(500, "No merge", "The form could not be read.", {}, {}));
  open();
  expect(await screen.findByText("The form could not be read.")).toBeTruthy();
});
