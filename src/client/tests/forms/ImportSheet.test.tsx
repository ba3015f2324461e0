import { fireEvent, screen, waitFor } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { expect, it, vi } from "vitest";
import { ImportSheet } from "../../src/features/forms/ImportSheet";
import { refused, StandIn } from "../StandIn";
import { show } from "../shown";

function sheet(serve: () => unknown) {
  const server = new StandIn(serve);
  show(
    <Routes>
      <Route path="/" element={<ImportSheet onClose={vi.fn()} />} />
      <Route path="/forms/:id" element={<p>the new form</p>} />
    </Routes>,
  );
  return server;
}

const take = (name: string, text: () => Promise<string>) => {
  const file = Object.assign(new File([], name), { text });
  fireEvent.change(screen.getByLabelText("File"), { target: { files: [file] } });
  fireEvent.click(screen.getByRole("button", { name: "Take it in" }));
};

it.each([
  ["form.json", "json"],
  ["moves.csv", "csv"],
  ["MOVES.CSV", "csv"],
])("sends what is in %s as %s, and goes to the form", async (name, as) => {
  const server = sheet(() => ({ id: "new" }));
  take(name, async () => "what is in it");
  await screen.findByText("the new form");
  expect(server.sent("POST", "/api/forms/import")).toEqual([{ as, content: "what is in it", title: null }]);
});

it("tells by place what is wrong with a file, and that nothing was taken in", async () => {
  sheet(() =>
    refused(400, {
      title: "The table has faults",
      errors: { "line 3": ['There is no stance "frnt".'], title: ["There is one of that name."] },
    }),
  );
  take("moves.csv", async () => "x");
  const alert = await screen.findByRole("alert");
  expect(alert.textContent).toContain("The table has faults. Nothing was taken in.");
  expect(alert.textContent).toContain('line 3: There is no stance "frnt".');
  expect(screen.getByLabelText(/Name/).getAttribute("aria-invalid")).toBe("true");
});

it("takes in nothing before there is a file", async () => {
  sheet(() => ({ id: "new" }));
  await waitFor(() =>
    expect(screen.getByRole<HTMLButtonElement>("button", { name: "Take it in" }).disabled).toBe(true),
  );
});

it("says so where the file itself cannot be read", async () => {
  const server = sheet(() => ({ id: "new" }));
  take("moves.csv", () => Promise.reject(new DOMException("It was moved.", "NotFoundError")));
  expect((await screen.findByRole("alert")).textContent).toMatch(
    /could not be read, and nothing was taken in.*It was moved/,
  );
  expect(server.calls).toEqual([]);
});
