import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import PeoplePage from "../../src/features/people/PeoplePage";
import { refused, StandIn } from "../StandIn";
import { show, told } from "../shown";

interface Asked {
  search: string;
  left: boolean;
  page: number;
}

const lists = {
  ranks: [
    { id: "w", name: "white" },
    { id: "g", name: "green" },
  ],
  classes: [{ id: "m", name: "Monday" }],
};

const pia = {
  id: "s1",
  name: "Pia",
  rank: "green",
  rankId: "g",
  trainingClass: null,
  classId: null,
  heightCm: 162,
  measured: { legCm: 80 },
};

/** The roster of a school with so many pages; who has left is one page. */
async function roster({
  pages = 1,
  students = [pia],
  serve,
}: {
  pages?: number;
  students?: unknown[];
  serve?: (method: string, path: string) => unknown;
} = {}) {
  const asked: Asked[] = [];
  const server = new StandIn(({ method, path, query }) => {
    const answered = method === "GET" ? undefined : serve?.(method, path);
    if (answered) return answered;
    if (path === "/api/school/lists") return lists;
    if (method === "GET") {
      const left = query.get("left") === "true";
      asked.push({ search: query.get("search") ?? "", left, page: Number(query.get("page")) });
      return { students: left ? [] : students, total: left ? 0 : pages * 50, pageSize: 50 };
    }
    return {};
  });
  show(<PeoplePage />);
  await screen.findByRole("heading", { name: "Students" });
  return { server, asked };
}

describe("the roster", () => {
  it("is asked for by page and by name; another name begins at the first page", async () => {
    const { asked } = await roster({ pages: 3 });
    fireEvent.click(screen.getByRole("button", { name: "Later" }));
    await screen.findByText(/Page 2 of 3/);
    fireEvent.change(screen.getByLabelText("Find by name"), { target: { value: "pi" } });
    await screen.findByText(/Page 1 of 3/);
    await waitFor(() => expect(asked.at(-1)).toEqual({ search: "pi", left: false, page: 0 }));
  });

  it("shows those who have left from their first page, whatever page one was on", async () => {
    const { asked } = await roster({ pages: 3 });
    fireEvent.click(screen.getByRole("button", { name: "Later" }));
    await screen.findByText(/Page 2 of 3/);
    fireEvent.click(screen.getByRole("button", { name: "Former students" }));
    await screen.findByText("Nobody has left.");
    expect(asked.at(-1)).toEqual({ search: "", left: true, page: 0 });
  });

  it("says what to do where nobody is on it", async () => {
    await roster({ students: [] });
    screen.getByText(/Add the first student/);
    fireEvent.change(screen.getByLabelText("Find by name"), { target: { value: "x" } });
    await screen.findByText("Nobody has that name.");
  });

  it("lets somebody go, and back by Undo", async () => {
    const { server } = await roster();
    fireEvent.click(screen.getByRole("button", { name: "Pia has left" }));
    await told(/Pia is off the roster/);
    fireEvent.click(screen.getByRole("button", { name: "Undo" }));
    await waitFor(() => expect(server.sent("POST", "/api/students/s1/return")).toHaveLength(1));
    expect(server.sent("POST", "/api/students/s1/leave")).toHaveLength(1);
  });

  it("says why somebody stays", async () => {
    await roster({ serve: () => refused(403) });
    fireEvent.click(screen.getByRole("button", { name: "Pia has left" }));
    await told("It cannot be done so.");
  });
});

describe("a student", () => {
  const sheet = () => within(screen.getByRole("dialog"));
  const field = (label: string | RegExp) => sheet().getByLabelText<HTMLInputElement>(label);
  const fill = (label: string | RegExp, value: string) => fireEvent.change(field(label), { target: { value } });
  const keep = () => fireEvent.click(sheet().getByRole("button", { name: "Keep" }));

  it("is added with the lowest rank, no measure but what was filled in", async () => {
    const { server } = await roster();
    fireEvent.click(screen.getByRole("button", { name: "Add a student" }));
    fill("Name", "Oren");
    fill(/^Height/, "171");
    keep();
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(server.sent("POST", "/api/students")).toEqual([
      { name: "Oren", rankId: "w", classId: "m", heightCm: 171, measured: {} },
    ]);
  });

  it("is changed from what is stored, a tape's measure can be taken away", async () => {
    const { server } = await roster();
    fireEvent.click(screen.getByRole("button", { name: "Change Pia" }));
    expect([field("Name").value, field("Rank").value, field("Class").value, field(/^Height/).value]).toEqual([
      "Pia",
      "g",
      "",
      "162",
    ]);
    const taped = sheet()
      .getAllByRole<HTMLInputElement>("spinbutton")
      .find((f) => f.value === "80");
    fireEvent.change(taped as HTMLInputElement, { target: { value: "" } });
    fill(/^Height/, "");
    keep();
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(server.sent("PUT", "/api/students/s1")).toEqual([
      { name: "Pia", rankId: "g", classId: null, heightCm: null, measured: { legCm: null } },
    ]);
  });

  it.each([
    [
      "beside the field",
      () => refused(400, { errors: { heightCm: ["Between 80 and 230 cm."] } }),
      "Between 80 and 230 cm.",
    ],
    ["where no field is wrong", () => refused(403), "It cannot be done so."],
    [
      "where a field that is not shown is",
      () => refused(400, { errors: { order: ["It is taken."] } }),
      "order: It is taken.",
    ],
  ])("is refused %s, and what was filled in stays", async (_, serve, words) => {
    await roster({ serve });
    fireEvent.click(screen.getByRole("button", { name: "Add a student" }));
    fill("Name", "Oren");
    keep();
    await sheet().findByText(words);
    expect(sheet().getAllByText(words)).toHaveLength(1);
    expect(field("Name").value).toBe("Oren");
  });
});
