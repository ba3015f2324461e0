import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { expect, it, vi } from "vitest";
import { FormMenu } from "../../src/features/forms/FormMenu";
import type { FormResponse } from "../../src/features/forms/types";
import { refused, StandIn } from "../StandIn";
import { show, told } from "../shown";

const ranks = [
  { id: "w", name: "white" },
  { id: "g", name: "green" },
];

const commands = { r: vi.fn(), "?": vi.fn() };

async function menu({ mayEdit = true, serve }: { mayEdit?: boolean; serve?: () => unknown } = {}) {
  const server = new StandIn(({ method }) => (method === "GET" ? { ranks, classes: [] } : (serve?.() ?? {})));
  const stored = { id: "f", sharedFromRankId: "w" } as FormResponse;
  show(
    <Routes>
      <Route path="/" element={<FormMenu commands={commands} mayEdit={mayEdit} stored={stored} />} />
      <Route path="*" element={<p>another page</p>} />
    </Routes>,
  );
  await open();
  return server;
}

const open = async () => {
  fireEvent.keyDown(screen.getByRole("button", { name: "Menu" }), { key: "Enter" });
  return within(await screen.findByRole("menu"));
};
const choose = (name: string | RegExp) => fireEvent.click(screen.getByRole("menuitem", { name }));
const shared = () =>
  screen
    .getAllByRole("menuitemradio")
    .filter((i) => i.getAttribute("aria-checked") === "true")
    .map((i) => i.textContent?.replace("✓", ""));

it("names what the keys do, and does it once the menu is closed", async () => {
  await menu();
  const item = screen.getByRole("menuitem", { name: /^repeat the moves chosen/ });
  expect(item.textContent).toMatch(/r$/);
  fireEvent.click(item);
  await waitFor(() => expect(commands.r).toHaveBeenCalledTimes(1));
  expect(screen.queryByRole("menu")).toBeNull();
});

it("offers every format, also to who only reads", async () => {
  await menu({ mayEdit: false });
  const taken = screen
    .getAllByRole("menuitem")
    .map((i) => i.getAttribute("href"))
    .filter((h) => h !== null);
  expect(taken.map((h) => h.split("as=")[1])).toEqual(
    expect.arrayContaining(["json", "csv", "md", "txt", "floor", "figures", "vtt", "times", "wav"]),
  );
  expect(screen.queryByRole("menuitem", { name: "Put the form away" })).toBeNull();
  expect(screen.queryByRole("menuitem", { name: "History" })).toBeNull();
});

it("shares the form from a rank up, and shows it from then on", async () => {
  const server = await menu();
  await screen.findByRole("menuitemradio", { name: "green" });
  expect(shared()).toEqual(["white"]);
  fireEvent.click(screen.getByRole("menuitemradio", { name: "green" }));
  await told("Shared with students from green up.");
  await open();
  expect(shared()).toEqual(["green"]);
  fireEvent.click(screen.getByRole("menuitemradio", { name: "Instructors only" }));
  await told("Instructors only.");
  expect(server.sent("PUT", "/api/forms/f/sharing")).toEqual([{ fromRankId: "g" }, { fromRankId: null }]);
});

it("shows it shared as it was where that is refused, and says why", async () => {
  await menu({ serve: () => refused(403) });
  fireEvent.click(await screen.findByRole("menuitemradio", { name: "green" }));
  await told("It cannot be done so.");
  await open();
  expect(shared()).toEqual(["white"]);
});

it("puts the form away, and brings it back by Undo", async () => {
  const server = await menu();
  choose("Put the form away");
  await told("Form put away.");
  screen.getByText("another page");
  fireEvent.click(screen.getByRole("button", { name: "Undo" }));
  await waitFor(() => expect(server.sent("POST", "/api/forms/f/restore")).toHaveLength(1));
});

it("stays at the form where putting it away is refused", async () => {
  await menu({ serve: () => refused(409) });
  choose("Put the form away");
  await told("It cannot be done so.");
  expect(screen.queryByText("another page")).toBeNull();
});
