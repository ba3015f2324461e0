import { fireEvent, screen } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { expect, it } from "vitest";
import HistoryPage from "../../src/features/forms/HistoryPage";
import { refused, StandIn } from "../StandIn";
import { show, told } from "../shown";

const old = { title: "as it was", moves: [] };

const lines = [
  { likeness: "same", first: { count: 1, words: "bow" }, second: { count: 1, words: "bow" }, differences: [] },
  { likeness: "onlyFirst", first: { count: 2, words: "low block" }, second: null, differences: [] },
  {
    likeness: "different",
    first: { count: 3, words: "punch" },
    second: { count: 2, words: "punch" },
    differences: ["the other hand"],
  },
];

function history({
  restore = () => ({ revision: 4 }),
  compare = () => ({ lines }),
}: {
  restore?: () => unknown;
  compare?: () => unknown;
} = {}) {
  const server = new StandIn(({ method, path }) => {
    if (method === "PUT") return restore();
    if (path === "/api/forms/f") return { id: "f", title: "Heron at Low Tide", revision: 3, form: {} };
    if (path === "/api/forms/f/revisions")
      return [3, 2, 1].map((number) => ({ number, savedAt: `2026-11-0${number}`, savedBy: `Ines ${number}` }));
    if (path === "/api/forms/f/revisions/2") return old;
    if (path === "/api/forms/compare") return compare();
    throw new Error(`Nobody answers ${method} ${path}.`);
  });
  show(
    <Routes>
      <Route path="/forms/:id/history" element={<HistoryPage />} />
      <Route path="/forms/:id" element={<p>the score</p>} />
    </Routes>,
    "/forms/f/history",
  );
  return server;
}

it("lists every save with who, newest first; the newest cannot be compared with itself", async () => {
  history();
  const saves = await screen.findAllByRole("listitem");
  expect(saves.map((s) => s.textContent?.match(/Ines \d/)?.[0])).toEqual(["Ines 3", "Ines 2", "Ines 1"]);
  expect(screen.getAllByRole("button", { name: /Compare/ }).map((b) => b.textContent)).toEqual([
    "Compare save 2",
    "Compare save 1",
  ]);
});

const choose = async (save: number) =>
  fireEvent.click(await screen.findByRole("button", { name: new RegExp(`save ${save}$`) }));

it("shows what has changed since one of them, in words", async () => {
  const server = history();
  await choose(2);
  expect((await screen.findByText(/lines differ/)).textContent).toBe("2 of 3 lines differ.");
  const rows = screen.getAllByRole("row").map((r) => r.textContent);
  expect(rows[0]).toContain("Save 2Newest");
  expect(rows[2]).toMatch(/2low block.*nothing here.*only on the left/);
  expect(rows[3]).toMatch(/3punch2punch.*differentthe other hand/);
  expect(server.calls.filter((c) => c.path === "/api/forms/compare")).toHaveLength(1);
});

it("makes the form as it was then, as one more save on the newest, and goes to it", async () => {
  const server = history();
  await choose(2);
  fireEvent.click(await screen.findByRole("button", { name: /as it was in save 2/ }));
  await screen.findByText("the score");
  expect(server.sent("PUT", "/api/forms/f")).toEqual([{ basedOn: 3, form: old }]);
  await told(/again as it was in save 2/);
});

it("stays and says why where someone saved meanwhile", async () => {
  history({ restore: () => refused(409) });
  await choose(2);
  fireEvent.click(await screen.findByRole("button", { name: /as it was in save 2/ }));
  await told("It cannot be done so.");
  expect(screen.queryByText("the score")).toBeNull();
});

it("says why where two saves cannot be compared", async () => {
  history({ compare: () => refused(404) });
  await choose(2);
  await screen.findByText("It cannot be done so.");
});
