import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import ComparePage from "../../src/features/forms/ComparePage";
import { refused, StandIn } from "../StandIn";
import { show } from "../shown";

const forms = ["Low Weir", "High Weir", "Still Water"].map((title, k) => ({ id: `f${k + 1}`, title }));

const comparison = {
  firstTitle: "Low Weir",
  secondTitle: "High Weir",
  lines: [
    {
      likeness: "mirrored",
      first: { count: 1, words: "low block" },
      second: { count: 1, words: "low block" },
      differences: [],
    },
    { likeness: "onlySecond", first: null, second: { count: 0, words: "bow" }, differences: [] },
  ],
};

const passage = {
  length: 4,
  firstForm: "f1",
  firstTitle: "Low Weir",
  firstMove: "m1",
  firstCount: 3,
  secondForm: "f1",
  secondTitle: "Low Weir",
  secondMove: "m9",
  secondCount: 9,
  mirrored: true,
};

function compare({
  at = "/",
  role = "instructor",
  list = forms,
  passages = [passage],
  serve,
}: {
  at?: string;
  role?: string;
  list?: unknown[];
  passages?: unknown[];
  serve?: () => unknown;
} = {}) {
  const server = new StandIn(({ path }) => {
    if (path === "/api/session") return { school: {}, person: { role }, token: "t" };
    if (path === "/api/forms/passages") return passages;
    if (path === "/api/forms/compare") return serve?.() ?? comparison;
    return list;
  });
  show(<ComparePage />, at);
  return server;
}

const asked = (server: StandIn) =>
  server.calls
    .filter((c) => c.path === "/api/forms/compare")
    .map((c) => `${c.query.get("first")} ${c.query.get("second")}`);

it("begins with the first two forms, and tells how they relate in words", async () => {
  const server = compare();
  await screen.findByText("2 of 2 lines differ.");
  expect(asked(server)).toEqual(["f1 f2"]);
  const rows = screen.getAllByRole("row").map((r) => r.textContent);
  expect(rows[1]).toMatch(/mirrored$/);
  expect(rows[2]).toMatch(/nothing here.*bowonly on the right$/);
});

it("compares the form that the address names with another one, never with itself", async () => {
  const server = compare({ at: "/?first=f2" });
  await screen.findByText("2 of 2 lines differ.");
  expect(asked(server)).toEqual(["f2 f1"]);
});

it("compares what is chosen", async () => {
  const server = compare();
  fireEvent.change(await screen.findByLabelText("On the right"), { target: { value: "f3" } });
  await waitFor(() => expect(asked(server).at(-1)).toBe("f1 f3"));
});

it("says that nothing differs", async () => {
  compare({ serve: () => ({ ...comparison, lines: [{ ...comparison.lines[0], likeness: "same" }] }) });
  await screen.findByText("No differences.");
});

it.each([
  [0, "Two forms are needed"],
  [1, "Two forms are needed"],
])("asks for two where there are %i", async (count, words) => {
  const server = compare({ list: forms.slice(0, count) });
  await screen.findByText(new RegExp(`^${words}`));
  expect(asked(server)).toEqual([]);
});

it("names the passages that are done twice, each a way to its moves", async () => {
  compare({
    passages: [
      passage,
      { ...passage, secondForm: "f3", secondTitle: "Still Water", secondMove: "x", mirrored: false, firstCount: 0 },
    ],
  });
  await screen.findByText("Passages that occur twice");
  const [mirrored, again] = screen.getAllByRole("listitem").map((l) => l.textContent);
  expect(mirrored).toBe("4 moves from Low Weir, count 3 are done on the other side from count 9");
  expect(again).toBe("4 moves from Low Weir, the opening are done again from Still Water, count 9");
  expect(screen.getByRole("link", { name: "Still Water, count 9" }).getAttribute("href")).toBe("/forms/f3?move=x");
});

it("says where there is no such passage, and nothing of it to students", async () => {
  compare({ passages: [] });
  await screen.findByText(/^None: every passage is done once/);
});

it("asks for no passages for a student", async () => {
  const server = compare({ role: "student" });
  await screen.findByText("2 of 2 lines differ.");
  expect(server.calls.some((c) => c.path === "/api/forms/passages")).toBe(false);
});

it("says why two forms cannot be compared", async () => {
  compare({ serve: () => refused(404) });
  await screen.findByText("It cannot be done so.");
});
