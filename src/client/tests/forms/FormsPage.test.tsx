import { fireEvent, screen, waitFor } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { expect, it } from "vitest";
import FormsPage from "../../src/features/forms/FormsPage";
import { refused, StandIn } from "../StandIn";
import { show, told } from "../shown";

const tide = {
  id: "f",
  title: "Heron at Low Tide",
  counts: 20,
  sections: 4,
  findings: 2,
  sharedFrom: "green",
  savedAt: "2026-11-01T10:00:00Z",
  savedBy: "Ines",
};

function forms({
  role = "instructor",
  list = [tide],
  serve,
}: {
  role?: string;
  list?: unknown[];
  serve?: (path: string) => unknown;
} = {}) {
  const server = new StandIn(({ method, path, query }) => {
    if (path === "/api/session") return { school: {}, person: { role }, token: "t" };
    if (method !== "GET") return serve?.(path) ?? { id: "new" };
    return query.get("archived") === "true" ? [{ ...tide, title: "Old Weir" }] : list;
  });
  show(
    <Routes>
      <Route path="/" element={<FormsPage />} />
      <Route path="/forms/:id" element={<p>the score</p>} />
    </Routes>,
  );
  return server;
}

it("lists every form with what waits in it and with whom it is shared", async () => {
  forms();
  const row = await screen.findByRole("listitem");
  await waitFor(() =>
    expect(row.textContent).toMatch(/20 counts, 4 sections · 2 to decide.*from green up · .*by Ines/),
  );
});

it("shows students only what there is to read", async () => {
  forms({ role: "student" });
  const row = await screen.findByRole("listitem");
  expect(row.textContent).not.toMatch(/green/);
  expect(screen.queryByLabelText("Name of a new form")).toBeNull();
  expect(screen.queryByRole("button", { name: "Take in a file" })).toBeNull();
});

it.each([
  ["instructor", /Give the first one a name/],
  ["student", /Ask your instructor/],
])("says to an %s what to do where there is none", async (role, words) => {
  forms({ role, list: [] });
  await screen.findByText(words);
});

it("begins a form by its name, and goes to it", async () => {
  const server = forms();
  const name = await screen.findByLabelText("Name of a new form");
  fireEvent.change(name, { target: { value: "Low Weir" } });
  fireEvent.submit(name);
  await screen.findByText("the score");
  expect(server.sent("POST", "/api/forms")).toEqual([{ form: { title: "Low Weir" } }]);
});

it.each([
  ["beside the name", { status: 400, errors: { "form.title": ["Give the form a name."] } }, "Give the form a name."],
  ["where the name is not what is wrong", { status: 403 }, "It cannot be done so."],
])("says why none was begun, %s", async (_, { status, ...extra }, words) => {
  forms({ serve: () => refused(status, extra) });
  const name = await screen.findByLabelText<HTMLInputElement>("Name of a new form");
  fireEvent.change(name, { target: { value: " " } });
  fireEvent.submit(name);
  await screen.findByText(words);
  expect([name.value, name.getAttribute("aria-invalid")]).toEqual([" ", "errors" in extra ? "true" : null]);
});

it("takes a form out again that was put away", async () => {
  const server = forms();
  fireEvent.click(await screen.findByRole("button", { name: "Forms put away" }));
  await screen.findByText("Old Weir");
  fireEvent.click(screen.getByRole("button", { name: "Take out again" }));
  await told("Old Weir is back among the forms.");
  expect(server.sent("POST", "/api/forms/f/restore")).toHaveLength(1);
});

it("says why a form stays put away", async () => {
  forms({ serve: () => refused(403) });
  fireEvent.click(await screen.findByRole("button", { name: "Forms put away" }));
  fireEvent.click(await screen.findByRole("button", { name: "Take out again" }));
  await told("It cannot be done so.");
});
