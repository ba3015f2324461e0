import { fireEvent, render, screen, waitFor } from "@testing-library/react";
import { useState } from "react";
import { beforeEach, expect, it, vi } from "vitest";
import { Picker } from "../../src/ui/Picker";
import { Sheet } from "../../src/ui/Sheet";

const onClose = vi.fn();
const stances = [{ id: "front", name: "front stance", words: "", group: "" }];

function Stance() {
  const [value, setValue] = useState<string | null>(null);
  return <Picker label="Stance" value={value} options={stances} onPick={setValue} />;
}

beforeEach(() => {
  onClose.mockReset();
  render(
    <Sheet open onClose={onClose} title="A move" about="One of many.">
      <label>
        Note <input />
      </label>
      <Stance />
    </Sheet>,
  );
});

const note = () => screen.getByLabelText<HTMLInputElement>("Note");
const write = (value: string) => {
  note().focus();
  fireEvent.change(note(), { target: { value } });
};
const pressEscape = () => fireEvent.keyDown(document.activeElement ?? document.body, { key: "Escape" });
const asks = () => screen.queryByText(/not kept yet/) !== null;

it("is named and told", () => {
  const sheet = screen.getByRole("dialog", { name: "A move" });
  expect(document.getElementById(sheet.getAttribute("aria-describedby") ?? "")?.textContent).toBe("One of many.");
});

it.each([
  ["Escape", pressEscape],
  ["its Close", () => fireEvent.click(screen.getByRole("button", { name: "Close" }))],
])("is left by %s where nothing was filled in", (_, leave) => {
  leave();
  expect(onClose).toHaveBeenCalledTimes(1);
});

it("asks first where something was typed, and goes on where one was", async () => {
  write("knee in");
  pressEscape();
  expect([asks(), onClose.mock.calls.length]).toEqual([true, 0]);
  expect(document.activeElement?.textContent).toBe("Go on with it");
  fireEvent.click(screen.getByRole("button", { name: "Go on with it" }));
  expect([asks(), note().value]).toEqual([false, "knee in"]);
  await waitFor(() => expect(document.activeElement).toBe(note()));
});

it("asks first where something was picked with the mouse", () => {
  fireEvent.click(screen.getByLabelText("Stance"));
  fireEvent.mouseDown(screen.getByRole("option", { name: /front stance/ }));
  pressEscape();
  expect([asks(), onClose.mock.calls.length]).toEqual([true, 0]);
});

it.each([
  ["by saying so", () => fireEvent.click(screen.getByRole("button", { name: "Leave it" }))],
  ["by Escape once more", pressEscape],
])("is left all the same %s", (_, leave) => {
  write("knee in");
  pressEscape();
  leave();
  expect(onClose).toHaveBeenCalledTimes(1);
});

it("asks no longer where one went on typing", () => {
  write("knee in");
  pressEscape();
  write("knee in, heel down");
  expect(asks()).toBe(false);
  pressEscape();
  expect([asks(), onClose.mock.calls.length]).toEqual([true, 0]);
});

it("stays where Escape closes a list in it", () => {
  const list = screen.getByLabelText("Stance");
  list.focus();
  fireEvent.click(list);
  pressEscape();
  expect([screen.queryByRole("listbox"), onClose.mock.calls.length]).toEqual([null, 0]);
  pressEscape();
  expect(onClose).toHaveBeenCalledTimes(1);
});
