import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import TermsPage from "../../src/features/terms/TermsPage";
import { refused, StandIn } from "../StandIn";
import { show } from "../shown";

const terms = [
  {
    id: "front-stance",
    name: "front stance",
    names: { english: "front stance", japanese: "zenkutsu dachi" },
    aliases: ["forward stance"],
    kind: "stance",
    family: "",
    size: "3 feet long",
    own: false,
    ownName: null,
    ownWords: [],
    hidden: false,
  },
  {
    id: "reed-cut",
    name: "reed cut",
    names: { english: "reed cut" },
    aliases: ["cutter"],
    kind: "technique",
    family: "striking",
    size: "",
    own: true,
    ownName: "reed cut",
    ownWords: ["cutter"],
    hidden: true,
  },
];

async function page({
  at = "/",
  role = "instructor",
  serve,
}: {
  at?: string;
  role?: string;
  serve?: () => unknown;
} = {}) {
  const server = new StandIn(({ method, path }) => {
    if (path === "/api/session") return { school: {}, person: { role }, token: "t" };
    return method === "GET" ? terms : (serve?.() ?? {});
  });
  show(<TermsPage />, at);
  await screen.findByRole("heading", { name: "Terms" });
  return server;
}

const rows = () => screen.queryAllByRole("listitem").map((r) => r.querySelector("b")?.textContent);
const find = (value: string) => fireEvent.change(screen.getByRole("searchbox"), { target: { value } });

describe("the terms", () => {
  it("stand by what they are, each with its names and other words", async () => {
    await page();
    expect(screen.getAllByRole("heading", { level: 2 }).map((h) => h.textContent)).toEqual(["Stances", "striking"]);
    const [front, cut] = screen.getAllByRole("listitem");
    expect(front?.textContent).toContain("zenkutsu dachi (Japanese)");
    expect(front?.textContent).toContain("also: forward stance");
    expect(front?.textContent).not.toContain("front stance (English)"); // the name itself is not told again
    expect(cut?.textContent).toMatch(/our own.*left out of lists/);
  });

  it.each([
    ["ZENKUTSU", ["front stance"]],
    ["forward", ["front stance"]],
    ["cut", ["reed cut"]],
    ["t", ["front stance", "reed cut"]],
    ["nothing such", []],
  ])("are found by any word of any language: %s", async (word, found) => {
    await page();
    find(word);
    await waitFor(() => expect(rows()).toEqual(found));
    screen.getByText(new RegExp(`^${found.length} of 2 terms`));
    expect(screen.queryByText("No term has that word.") !== null).toBe(found.length === 0);
  });

  it("are found as the address says", async () => {
    await page({ at: "/?q=cutter" });
    expect(rows()).toEqual(["reed cut"]);
  });

  it("are only read by students", async () => {
    await page({ role: "student" });
    expect(screen.queryByRole("button")).toBeNull();
  });
});

describe("a term", () => {
  const sheet = () => within(screen.getByRole("dialog"));
  const field = (label: string) => sheet().getByLabelText(label, { selector: "input,textarea" });
  const fill = (label: string, value: string) => fireEvent.change(field(label), { target: { value } });
  const keep = () => fireEvent.click(sheet().getByRole("button", { name: "Keep" }));
  const change = async (name: string) => fireEvent.click(await screen.findByRole("button", { name: `Change ${name}` }));

  it("gets the school's name and words, one a line", async () => {
    const server = await page();
    await change("front stance");
    fill("What the school calls it, if otherwise", " long stance ");
    fill("Further words that mean it, one a line", "long\n\n  long one  \n");
    keep();
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(server.sent("PUT", "/api/terms/front-stance")).toEqual([
      { name: "long stance", words: ["long", "  long one  "], hidden: false },
    ]);
  });

  it("has no other name where none is given, and comes back into the lists", async () => {
    const server = await page();
    await change("reed cut");
    fill("What the school calls it, if otherwise", "");
    fireEvent.click(sheet().getByRole("checkbox"));
    keep();
    await waitFor(() =>
      expect(server.sent("PUT", "/api/terms/reed-cut")).toEqual([{ name: null, words: ["cutter"], hidden: false }]),
    );
  });

  it.each([
    [
      "beside its field",
      { status: 400, errors: { words: ["“punch” means another term."] } },
      "“punch” means another term.",
    ],
    ["as a whole", { status: 403 }, "It cannot be done so."],
  ])("is refused %s, and what was typed stays", async (_, { status, ...extra }, words) => {
    await page({ serve: () => refused(status, extra) });
    await change("front stance");
    fill("Further words that mean it, one a line", "punch");
    keep();
    await sheet().findByText(words);
    expect(sheet().getByLabelText<HTMLTextAreaElement>("Further words that mean it, one a line").value).toBe("punch");
  });

  const add = async () => fireEvent.click(await screen.findByRole("button", { name: "Add a term of our own" }));

  it("is the school's own, done like one that ships", async () => {
    const server = await page();
    await add();
    expect(sheet().getByRole<HTMLButtonElement>("button", { name: "Keep" }).disabled).toBe(true);
    fireEvent.click(field("Done like"));
    expect(
      sheet()
        .getAllByRole("option")
        .map((o) => o.textContent),
    ).toEqual(["type any of its names", "front stancestance"]);
    fill("Done like", "zenk");
    fireEvent.keyDown(field("Done like"), { key: "Enter" });
    fill("What the school calls it", "heron stance");
    keep();
    await waitFor(() =>
      expect(server.sent("POST", "/api/terms")).toEqual([{ name: "heron stance", like: "front-stance" }]),
    );
  });

  it("is not added, and why is said", async () => {
    await page({
      serve: () => {
        throw new TypeError("network");
      },
    });
    await add();
    fill("Done like", "front");
    fireEvent.keyDown(field("Done like"), { key: "Enter" });
    keep();
    await sheet().findByText(/^The server cannot be reached/);
  });
});
