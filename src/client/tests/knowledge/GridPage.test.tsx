import { fireEvent, screen, waitFor } from "@testing-library/react";
import { beforeEach, describe, expect, it } from "vitest";
import GridPage from "../../src/features/knowledge/GridPage";
import { promised, refused, StandIn } from "../StandIn";
import { show, told } from "../shown";

const steps = ["not shown yet", "shown once", "follows along", "by the count", "alone", "full spirit"];

interface Shown {
  students?: number;
  total?: number;
  marks?: { studentId: string; section: string; step: string }[];
  mark?: (body: { studentId: string; section: string; step: string }) => unknown;
  unmark?: () => unknown;
}

/** Two sections of a form, and students who are called S1, S2, … */
async function grid({ students = 2, total = students, marks = [], mark, unmark }: Shown = {}) {
  const server = new StandIn(({ method, path, body }) => {
    if (path === "/api/forms") return [{ id: "f", title: "Heron at Low Tide", sections: 2 }];
    if (path === "/api/school/lists") return { classes: [{ id: "c", name: "Monday" }], ranks: [] };
    if (method === "POST")
      return mark?.(body) ?? { id: "made", markedAt: "2026-11-01", markedBy: "Ines", ...(body as object) };
    if (method === "DELETE") return unmark?.() ?? new Response(null, { status: 204 });
    return {
      formId: "f",
      title: "Heron at Low Tide",
      total,
      pageSize: 50,
      sections: ["A", "B"].map((letter, k) => ({
        id: letter,
        letter,
        name: "",
        firstCount: k * 5 + 1,
        lastCount: k * 5 + 5,
      })),
      students: Array.from({ length: students }, (_, k) => ({ id: `s${k + 1}`, name: `S${k + 1}`, rank: null })),
      marks: marks.map((m, k) => ({ id: `m${k}`, markedAt: "2026-10-01", markedBy: "Ines", ...m })),
    };
  });
  show(<GridPage />);
  await waitFor(() => expect(screen.queryByRole("status")).toBeNull());
  return server;
}

const cell = (student: number, section: string) =>
  screen.getByRole("button", { name: new RegExp(`^S${student}, section ${section}:`) });
const step = (student: number, section: string) => cell(student, section).textContent?.match(/: ([a-z ]+)/)?.[1] ?? "";
const shows = (student: number, section: string, level: number) =>
  waitFor(() => expect(step(student, section)).toBe(steps[level]));
const at = () => (document.activeElement as HTMLElement).dataset.cell;

describe("a mark", () => {
  let server: StandIn;
  beforeEach(async () => {
    server = await grid({ marks: [{ studentId: "s1", section: "A", step: "follows" }] });
  });

  it("goes one step up with a tap, and is sent for that student and section", async () => {
    fireEvent.click(cell(1, "A"));
    await shows(1, "A", 3);
    await told("S1, section A: by the count.");
    expect(server.sent("POST", "/api/knowledge")).toEqual([
      { studentId: "s1", formId: "f", section: "A", step: "byCount" },
    ]);
    await shows(2, "A", 0);
  });

  it.each(["1", "2", "3", "4", "5"])("is set by the key %s where the focus is", async (key) => {
    fireEvent.keyDown(cell(2, "B"), { key });
    await shows(2, "B", Number(key));
    await told(`S2, section B: ${steps[Number(key)]}.`);
  });

  it("is not sent again where it already stands so", () => {
    fireEvent.keyDown(cell(1, "A"), { key: "2" });
    expect(server.sent("POST", "/api/knowledge")).toEqual([]);
  });

  it("stays on the highest step", async () => {
    fireEvent.keyDown(cell(1, "A"), { key: "5" });
    await told("S1, section A: full spirit.");
    fireEvent.click(cell(1, "A"));
    expect(server.sent("POST", "/api/knowledge")).toHaveLength(1);
  });

  it("is taken back by Undo, to what was there before", async () => {
    fireEvent.click(cell(1, "A"));
    fireEvent.click(await screen.findByRole("button", { name: "Undo" }));
    await waitFor(() => expect(step(1, "A")).toBe(steps[2]));
    expect(server.calls.filter((c) => c.method === "DELETE").map((c) => c.path)).toEqual(["/api/knowledge/made"]);
  });
});

it("sets what was chosen above with every tap", async () => {
  await grid();
  fireEvent.click(screen.getByRole("radio", { name: /alone/ }));
  fireEvent.click(cell(1, "A"));
  fireEvent.click(cell(2, "B"));
  await shows(1, "A", 4);
  await shows(2, "B", 4);
  await shows(1, "B", 0);
});

it("is put back, and why is said, where the server refuses it", async () => {
  const asked = promised<Response>();
  await grid({ mark: () => asked.promise });
  fireEvent.click(cell(1, "A"));
  await shows(1, "A", 1);
  asked.keep(refused(403));
  await told("It cannot be done so.");
  await shows(1, "A", 0);
});

it("stays, and why is said, where taking it back is refused", async () => {
  await grid({ unmark: () => refused(403) });
  fireEvent.click(cell(1, "A"));
  fireEvent.click(await screen.findByRole("button", { name: "Undo" }));
  await told("It cannot be done so.");
  await shows(1, "A", 1);
});

it("is one stop of the Tab key; arrows move within it and stop at its edges", async () => {
  await grid({ students: 3 });
  const cells = screen.getAllByRole("button", { name: /section/ });
  expect(cells.map((c) => c.tabIndex)).toEqual([0, -1, -1, -1, -1, -1]);
  cell(1, "A").focus();
  for (const [key, expected] of [
    ["ArrowUp", "0-0"],
    ["ArrowRight", "0-1"],
    ["ArrowRight", "0-1"],
    ["ArrowDown", "1-1"],
    ["ArrowDown", "2-1"],
    ["ArrowDown", "2-1"],
    ["ArrowLeft", "2-0"],
  ] as const) {
    fireEvent.keyDown(document.activeElement as Element, { key });
    expect(at()).toBe(expected);
  }
  expect(cell(3, "A").tabIndex).toBe(0);
  expect(cell(1, "A").tabIndex).toBe(-1);
});

it("asks for one page of many students at a time", async () => {
  await grid({ students: 50, total: 120 });
  expect(screen.getByText(/Page 1 of 3/)).toBeTruthy();
  fireEvent.click(screen.getByRole("button", { name: "Later" }));
  await screen.findByText(/Page 2 of 3/);
  fireEvent.change(screen.getByLabelText("Class"), { target: { value: "c" } });
  await screen.findByText(/Page 1 of 3/); // another class begins at its first page
});

it("says what to do where nobody is in the class", async () => {
  await grid({ students: 0 });
  expect(screen.getByRole("link", { name: /roster/ }).getAttribute("href")).toBe("/students");
});
