import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { describe, expect, it, vi } from "vitest";
import ApplicationPage from "../../src/features/applications/ApplicationPage";
import ApplicationsPage from "../../src/features/applications/ApplicationsPage";
import { LinkSheet } from "../../src/features/applications/LinkSheet";
import { refused, StandIn } from "../StandIn";
import { show, told } from "../shown";

const link = { formId: "f", firstMove: "m2", lastMove: "m3" };

const roof = {
  id: "r",
  revision: 4,
  name: "Roof and pour",
  attack: "overheadStrike",
  attackSide: "right",
  attackLevel: "high",
  steps: [
    { who: "attacker", text: "strikes with the right hand" },
    { who: "defender", text: "lifts the left arm" },
  ],
  risks: ["head"],
  cautions: ["Mind the head.", "The instructor present decides."],
  note: "",
  links: [link],
};

const otherRoof = {
  ...roof,
  attackSide: "left",
  steps: roof.steps.map((s) => ({ ...s, text: s.text.replace("right", "LEFT").replace("left", "right") })),
};

const moves = ["m1", "m2", "m3"].map((id, k) => ({ id, count: k + 1, words: `move ${k + 1}` }));

function pages(
  at: string,
  { role = "instructor", serve }: { role?: string; serve?: (method: string, path: string) => unknown } = {},
) {
  const server = new StandIn(({ method, path, query }) => {
    const answered = serve?.(method, path);
    if (answered) return answered;
    if (path === "/api/session") return { school: {}, person: { role }, token: "t" };
    if (path === "/api/applications/r") return query.get("otherSide") === "true" ? otherRoof : roof;
    if (path === "/api/applications") return method === "POST" ? { id: "r" } : [roof];
    if (path === "/api/forms") return [{ id: "f", title: "Still Water" }];
    if (path === "/api/forms/f") return { id: "f", title: "Still Water", revision: 1, form: { moves: [] } };
    if (path === "/api/readings") return { moves };
    return {};
  });
  show(
    <Routes>
      <Route path="/applications" element={<ApplicationsPage />} />
      <Route path="/applications/:id" element={<ApplicationPage />} />
    </Routes>,
    at,
  );
  return server;
}

const sheet = () => within(screen.getByRole("dialog"));
const steps = () => screen.getAllByRole("listitem").map((l) => l.textContent);

describe("an application", () => {
  it("tells what it is against, who does what, its cautions and the moves that it explains", async () => {
    pages("/applications/r");
    await screen.findByRole("heading", { name: "Roof and pour" });
    screen.getByText("right overhead strike, high");
    expect(steps().slice(0, 2)).toEqual(["Attackerstrikes with the right hand", "Defenderlifts the left arm"]);
    expect(screen.getByRole("region", { name: "Cautions" }).textContent).toBe(
      "Mind the head.The instructor present decides.",
    );
    await screen.findByText("3. move 3");
    expect([screen.queryByText("2. move 2"), screen.queryByText("1. move 1")].map((m) => m !== null)).toEqual([
      true,
      false,
    ]);
    expect(screen.getByRole("link", { name: "Still Water" }).getAttribute("href")).toBe("/forms/f?move=m2");
  });

  it("is read for the other side and back; the form stays as it is performed", async () => {
    pages("/applications/r");
    fireEvent.click(await screen.findByRole("button", { name: "Read for the other side" }));
    await screen.findByText("left overhead strike, high");
    expect(steps()[0]).toBe("Attackerstrikes with the LEFT hand");
    await screen.findByText(/shown as it is performed/);
    fireEvent.click(screen.getByRole("button", { name: "Read as written" }));
    await screen.findByText("right overhead strike, high");
  });

  it("says where the moves have gone from the form", async () => {
    pages("/applications/r", { serve: (_, path) => path === "/api/readings" && { moves: moves.slice(0, 1) } });
    await screen.findByText(/no longer in the form/);
  });

  it("is only read by students", async () => {
    pages("/applications/r", { role: "student" });
    await screen.findByRole("heading", { name: "Roof and pour" });
    await screen.findByText("3. move 3");
    expect(screen.queryByRole("button", { name: "Change" })).toBeNull();
    expect(screen.queryByRole("button", { name: "Put away" })).toBeNull();
  });

  it("is changed as it was written, though the other side is being read", async () => {
    const server = pages("/applications/r?side=other");
    await screen.findByText("left overhead strike, high");
    fireEvent.click(await screen.findByRole("button", { name: "Change" }));
    await screen.findByRole("dialog");
    const told = sheet()
      .getAllByLabelText<HTMLInputElement>("does")
      .map((f) => f.value);
    expect(told).toEqual(["strikes with the right hand", "lifts the left arm"]);
    fireEvent.click(sheet().getByRole("button", { name: "Unlink" }));
    fireEvent.click(sheet().getByRole("button", { name: "Keep" }));
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(server.sent("PUT", "/api/applications/r")).toMatchObject([{ attackSide: "right", links: [], basedOn: 4 }]);
  });

  it.each([
    ["beside the step", { status: 400, errors: { "steps[1].text": ["Say what is done."] } }, "Say what is done."],
    ["where somebody changed it meanwhile", { status: 409 }, "It cannot be done so."],
    ["where a link is wrong", { status: 400, errors: { "links[0]": ["No such move."] } }, "links[0]: No such move."],
  ])("is not kept %s, and says why once", async (_, { status, ...extra }, words) => {
    pages("/applications/r", { serve: (method) => method === "PUT" && refused(status, extra) });
    fireEvent.click(await screen.findByRole("button", { name: "Change" }));
    fireEvent.click(await screen.findByRole("button", { name: "Keep" }));
    await sheet().findByText(words);
    expect(sheet().getAllByText(words)).toHaveLength(1);
  });

  it("is put away, and taken out again by Undo", async () => {
    const server = pages("/applications/r");
    fireEvent.click(await screen.findByRole("button", { name: "Put away" }));
    await told("Application put away.");
    await screen.findByRole("heading", { name: "Applications" });
    fireEvent.click(screen.getByRole("button", { name: "Undo" }));
    await waitFor(() => expect(server.sent("POST", "/api/applications/r/restore")).toHaveLength(1));
  });
});

describe("the applications", () => {
  it("stand by what they are against, with the forms that they explain", async () => {
    pages("/applications");
    await screen.findByRole("heading", { name: "overhead strike" });
    await waitFor(() => expect(screen.getByRole("listitem").textContent).toMatch(/Roof and pour.*Still Water/));
  });

  it("say how the first one is written", async () => {
    pages("/applications", { serve: (_, path) => path === "/api/applications" && [] });
    await screen.findByText(/No application is written yet/);
  });

  it("get one more, whose steps take turns, and go to it", async () => {
    const server = pages("/applications");
    fireEvent.click(await screen.findByRole("button", { name: "Write an application" }));
    fireEvent.change(sheet().getByLabelText("Name"), { target: { value: "Sweep and step in" } });
    fireEvent.click(sheet().getByRole("button", { name: "Add a step" }));
    expect(
      sheet()
        .getAllByLabelText<HTMLSelectElement>(/^Step/)
        .map((f) => f.value),
    ).toEqual(["attacker", "defender", "attacker"]);
    fireEvent.click(sheet().getByLabelText("joints"));
    fireEvent.click(sheet().getByRole("button", { name: "Keep" }));
    await screen.findByRole("heading", { name: "Roof and pour" });
    expect(server.sent("POST", "/api/applications")).toMatchObject([
      {
        name: "Sweep and step in",
        risks: ["joints"],
        steps: [{ who: "attacker" }, { who: "defender" }, { who: "attacker", text: "" }],
      },
    ]);
  });

  it("say why one could not be kept", async () => {
    pages("/applications", { serve: (method) => method === "POST" && refused(403) });
    fireEvent.click(await screen.findByRole("button", { name: "Write an application" }));
    fireEvent.change(sheet().getByLabelText("Name"), { target: { value: "Sweep" } });
    fireEvent.click(sheet().getByRole("button", { name: "Keep" }));
    await sheet().findByText("It cannot be done so.");
    expect(sheet().getByLabelText<HTMLInputElement>("Name").value).toBe("Sweep");
  });
});

describe("linking", () => {
  function linking(serve: (method: string) => unknown) {
    const server = new StandIn(({ method }) => (method === "GET" ? [{ ...roof, links: [] }] : serve(method)));
    const onClose = vi.fn();
    show(<LinkSheet formId="f" moves={["m2", "m3"]} words="counts 2 and 3" onClose={onClose} />);
    return { server, onClose };
  }

  it("writes a new application for the stretch chosen", async () => {
    const { server, onClose } = linking(() => ({ id: "n" }));
    fireEvent.change(sheet().getByLabelText("Name"), { target: { value: "Sweep" } });
    fireEvent.click(sheet().getByRole("button", { name: "Link it" }));
    await told("“Sweep” is linked to counts 2 and 3.");
    expect(server.sent("POST", "/api/applications")).toMatchObject([{ name: "Sweep", links: [link] }]);
    expect(onClose).toHaveBeenCalled();
  });

  it("adds the stretch to one that the school has", async () => {
    const { server } = linking(() => roof);
    fireEvent.click(await sheet().findByRole("button", { name: "Link this one" }));
    await told("“Roof and pour” is linked to counts 2 and 3.");
    expect(server.sent("PUT", "/api/applications/r")).toMatchObject([{ links: [link], basedOn: 4 }]);
  });

  it.each([
    ["Link it", "POST"],
    ["Link this one", "PUT"],
  ])("stays open and says why, by “%s”", async (button, refusing) => {
    const { onClose } = linking((method) => (method === refusing ? refused(409) : {}));
    fireEvent.click(await sheet().findByRole("button", { name: button }));
    await sheet().findByText("It cannot be done so.");
    expect(onClose).not.toHaveBeenCalled();
  });
});
