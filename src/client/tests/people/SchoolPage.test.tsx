import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import SchoolPage from "../../src/features/people/SchoolPage";
import { refused, StandIn } from "../StandIn";
import { show, told } from "../shown";

const stance = {
  id: "front-stance",
  name: "front stance",
  feet: "lead",
  length: "3 feet",
  width: "1 shoulders",
  leadWeight: 60,
  leadOut: 0,
  rearOut: 30,
  depth: 0.85,
  source: "the set",
  changed: false,
};

type Change = (body: never) => unknown;

/** The page of a school with two ranks, one class and one instructor; changes are answered as a test says, or taken. */
async function school(changes: Record<string, Change> = {}) {
  const ranks = [
    { id: "w", name: "white" },
    { id: "g", name: "green" },
  ];
  const server = new StandIn(({ method, path, body }) => {
    const answered = changes[`${method} ${path}`];
    if (answered) return answered(body);
    if (path === "/api/session")
      return {
        school: { name: "Reed Bank", tradition: "english", directions: "clock" },
        person: { role: "head" },
        token: "t",
      };
    if (path === "/api/school/lists") return { ranks, classes: [{ id: "m", name: "Monday" }] };
    if (path === "/api/school/stances")
      return {
        set: "long",
        sets: [
          { id: "long", name: "Long", about: "deep" },
          { id: "short", name: "Short", about: "high" },
        ],
        stances: [stance],
        changes: {},
      };
    if (path === "/api/accounts") return [{ id: "a", name: "Ines", email: "ines@reed.test", role: "head" }];
    if (path === "/api/students") return { students: [{ id: "s", name: "Pia" }], total: 1, pageSize: 50 };
    if (method === "POST" && path === "/api/ranks") {
      ranks.push({ id: "n", name: (body as { name: string }).name });
      return ranks.at(-1);
    }
    if (method === "DELETE") return new Response(null, { status: 204 });
    return {};
  });
  show(<SchoolPage />);
  await screen.findByRole("heading", { name: "School" });
  return server;
}

const list = (name: string) => within(screen.getByRole("region", { name }));
const ranks = () => list("Ranks, lowest first");
const nameOf = (name: string) => ranks().getByLabelText<HTMLInputElement>(`Name of ${name}`);
const offline = () => {
  throw new TypeError("network");
};
const cannotBeReached = /^The server cannot be reached/;

describe("a list of names", () => {
  it("gets one more, and an empty line to write the next", async () => {
    const server = await school();
    const line = ranks().getByLabelText<HTMLInputElement>("One more");
    fireEvent.change(line, { target: { value: "blue" } });
    fireEvent.submit(line);
    await ranks().findByLabelText("Name of blue");
    expect(server.sent("POST", "/api/ranks")).toEqual([{ name: "blue" }]);
    await waitFor(() => expect(line.value).toBe(""));
  });

  it("keeps what was typed, with what is wrong below it, where it is refused", async () => {
    await school({ "POST /api/ranks": () => refused(400, { errors: { name: ["That rank is there."] } }) });
    const line = ranks().getByLabelText<HTMLInputElement>("One more");
    fireEvent.change(line, { target: { value: "white" } });
    fireEvent.submit(line);
    await screen.findByText("That rank is there.");
    expect([line.value, line.getAttribute("aria-invalid")]).toEqual(["white", "true"]);
  });

  it("says so where nobody answers", async () => {
    await school({ "POST /api/classes": offline });
    const line = list("Classes").getByLabelText<HTMLInputElement>("One more");
    fireEvent.change(line, { target: { value: "Friday" } });
    fireEvent.submit(line);
    await list("Classes").findByText(cannotBeReached);
    expect(ranks().queryByText(cannotBeReached)).toBeNull();
    expect(line.value).toBe("Friday");
  });

  it("is renamed where the name stands, with Enter or by leaving it", async () => {
    const server = await school();
    const line = nameOf("green");
    line.focus();
    fireEvent.change(line, { target: { value: "dark green" } });
    fireEvent.keyDown(line, { key: "Enter" });
    await waitFor(() => expect(server.sent("PUT", "/api/ranks/g")).toEqual([{ name: "dark green" }]));
  });

  it("asks for nothing where the name was only visited", async () => {
    const server = await school();
    fireEvent.change(nameOf("green"), { target: { value: " green " } });
    fireEvent.blur(nameOf("green"));
    expect(server.calls.filter((c) => c.method === "PUT")).toEqual([]);
  });

  it("keeps a refused name as typed, marks it, and drops the mark when the old one is typed again", async () => {
    await school({ "PUT /api/ranks/g": () => refused(400, { errors: { name: ["Write a name."] } }) });
    fireEvent.change(nameOf("green"), { target: { value: "" } });
    fireEvent.blur(nameOf("green"));
    const wrong = await ranks().findByText("Write a name.");
    expect(nameOf("green").getAttribute("aria-describedby")).toBe(wrong.parentElement?.id);
    expect([nameOf("green").value, nameOf("green").getAttribute("aria-invalid")]).toEqual(["", "true"]);
    fireEvent.change(nameOf("green"), { target: { value: "green" } });
    fireEvent.blur(nameOf("green"));
    await waitFor(() => expect(ranks().queryByText("Write a name.")).toBeNull());
  });

  it("says why a name that is in use stays", async () => {
    await school({ "DELETE /api/ranks/w": () => refused(409, { detail: "Three students have it." }) });
    fireEvent.click(ranks().getByRole("button", { name: "Remove white" }));
    await ranks().findByText("Three students have it.");
    expect(nameOf("white").getAttribute("aria-invalid")).toBeNull();
  });
});

describe("the school's ways", () => {
  it("are kept as chosen", async () => {
    const server = await school();
    fireEvent.change(screen.getByLabelText("Directions told"), { target: { value: "words" } });
    fireEvent.click(screen.getAllByRole("button", { name: "Keep" })[0] as HTMLElement);
    await told("Kept.");
    expect(server.sent("PUT", "/api/school")).toEqual([
      { name: "Reed Bank", tradition: "english", directions: "words" },
    ]);
  });

  it("say why they were not kept", async () => {
    await school({ "PUT /api/school": offline });
    fireEvent.click(screen.getAllByRole("button", { name: "Keep" })[0] as HTMLElement);
    await screen.findByText(cannotBeReached);
  });
});

describe("the stances", () => {
  it("are another set at once", async () => {
    const server = await school();
    fireEvent.change(await screen.findByLabelText("How the school stands"), { target: { value: "short" } });
    await told(/^Kept\. Every form/);
    expect(server.sent("PUT", "/api/school/stances")).toEqual([{ set: "short", changes: {} }]);
  });

  it("say why the set is as it was", async () => {
    await school({ "PUT /api/school/stances": offline });
    fireEvent.change(await screen.findByLabelText("How the school stands"), { target: { value: "short" } });
    await screen.findByText(cannotBeReached);
  });

  const change = async () => {
    fireEvent.click(await screen.findByText(/Every stance with its numbers/));
    fireEvent.click(screen.getByRole("button", { name: "Change" }));
    return within(await screen.findByRole("dialog"));
  };

  it("take a number of the school's own", async () => {
    const server = await school();
    const sheet = await change();
    fireEvent.change(sheet.getByLabelText("Long"), { target: { value: "80 cm" } });
    fireEvent.click(sheet.getByRole("button", { name: "Keep" }));
    await told(/^Kept\./);
    expect(server.sent("PUT", "/api/school/stances")).toEqual([
      {
        set: "long",
        changes: {
          "front-stance": {
            length: "80 cm",
            width: "1 shoulders",
            leadWeight: 60,
            leadOut: 0,
            rearOut: 30,
            depth: 0.85,
            source: null,
          },
        },
      },
    ]);
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
  });

  it.each([
    [
      "what is wrong with it",
      () => refused(400, { errors: { "changes.front-stance": ["Weight is 0 to 100."] } }),
      "Weight is 0 to 100.",
    ],
    ["why it is not kept", offline, cannotBeReached],
  ])("say %s, once, and keep it open", async (_, serve, words) => {
    await school({ "PUT /api/school/stances": serve });
    const sheet = await change();
    fireEvent.click(sheet.getByRole("button", { name: "Keep" }));
    await sheet.findByText(words);
    expect(screen.getAllByText(words)).toHaveLength(1);
    fireEvent.click(sheet.getByRole("button", { name: "Close" }));
    await waitFor(() => expect(screen.queryByText(words)).toBeNull());
  });
});

describe("an account", () => {
  it("gets a new password, shown once", async () => {
    const server = await school({ "POST /api/accounts/a/password": () => ({ password: "reed-7" }) });
    fireEvent.click(await screen.findByRole("button", { name: "New password" }));
    const status = await screen.findByText("reed-7");
    expect(status.closest("[role=status]")?.textContent).toMatch(/^ines@reed\.test signs in with reed-7/);
    expect(server.sent("POST", "/api/accounts/a/password")).toHaveLength(1);
  });

  it("keeps its password, and why is said, where a new one is refused", async () => {
    await school({ "POST /api/accounts/a/password": () => refused(403) });
    fireEvent.click(await screen.findByRole("button", { name: "New password" }));
    await told("It cannot be done so.");
  });

  const give = () => fireEvent.click(screen.getByRole("button", { name: "Give an account" }));

  it("is given for a student on the roster", async () => {
    const server = await school({ "POST /api/accounts": () => ({ password: "reed-8" }) });
    fireEvent.change(screen.getByLabelText("As"), { target: { value: "student" } });
    await screen.findByRole("option", { name: "Pia" });
    fireEvent.change(screen.getByLabelText("Who"), { target: { value: "s" } });
    fireEvent.change(screen.getByLabelText("Email address"), { target: { value: "pia@reed.test" } });
    give();
    await screen.findByText("reed-8");
    expect(server.sent("POST", "/api/accounts")).toEqual([
      { name: "", email: "pia@reed.test", role: "student", studentId: "s" },
    ]);
    expect(screen.getByLabelText<HTMLInputElement>("Email address").value).toBe("");
  });

  it("names no student where it is an instructor's", async () => {
    const server = await school({ "POST /api/accounts": () => ({ password: "x" }) });
    fireEvent.change(screen.getByLabelText("As"), { target: { value: "student" } });
    await screen.findByRole("option", { name: "Pia" });
    fireEvent.change(screen.getByLabelText("Who"), { target: { value: "s" } });
    fireEvent.change(screen.getByLabelText("As"), { target: { value: "instructor" } });
    give();
    await waitFor(() => expect(server.sent<{ studentId: unknown }>("POST", "/api/accounts")[0]?.studentId).toBeNull());
  });

  it.each([
    ["beside its field", () => refused(400, { errors: { email: ["Somebody has it."] } }), "Somebody has it."],
    ["where no field is wrong", () => refused(403), "It cannot be done so."],
    ["where nobody answers", offline, cannotBeReached],
  ])("is refused %s", async (_, serve, words) => {
    await school({ "POST /api/accounts": serve });
    fireEvent.change(screen.getByLabelText("Email address"), { target: { value: "pia@reed.test" } });
    give();
    await screen.findByText(words);
    expect(screen.getByLabelText<HTMLInputElement>("Email address").value).toBe("pia@reed.test");
  });
});

describe("the archive", () => {
  const file = new File(["zip"], "school.zip", { type: "application/zip" });
  const takeIn = () => fireEvent.change(screen.getByLabelText("Archive of a school"), { target: { files: [file] } });

  it("is taken in, and what came with it is told", async () => {
    await school({
      "POST /api/school/archive": () => ({
        forms: 2,
        applications: 1,
        students: 3,
        marks: 4,
        ranks: 0,
        classes: 0,
        terms: 5,
        notes: ["Pia was here already."],
      }),
    });
    takeIn();
    expect((await screen.findByText(/^Taken in/)).textContent).toMatch(/2 forms, 1 applications, 3 students, 4 marks/);
    screen.getByText("Pia was here already.");
  });

  it.each([
    [
      "by place",
      () => refused(400, { errors: { "forms/a.json": ["Line 3: a comma is missing."] } }),
      "forms/a.json: Line 3: a comma is missing.",
    ],
    ["as a whole", () => refused(413), "It cannot be done so."],
    ["where nobody answers", offline, cannotBeReached],
  ])("is refused %s, and nothing is taken in", async (_, serve, words) => {
    await school({ "POST /api/school/archive": serve });
    takeIn();
    await screen.findByText("Nothing was taken in.");
    screen.getByText(words);
  });
});
