import { describe, expect, it } from "vitest";
import { answer, api, byField, Problem, useToken, whyNot } from "../../src/api/client";
import { refused, StandIn } from "../StandIn";

describe("what the server refuses", () => {
  const readings = () => answer(api.POST("/api/readings", { body: { form: {}, heightCm: 175 } as never }));

  it("is told with the places that are wrong", async () => {
    new StandIn(() =>
      refused(400, {
        errors: {
          "moves[3].turn": ["Turn by 45 degrees or a multiple."],
          title: ["Give it a title.", "It may have 200 letters."],
        },
      }),
    );
    const problem = (await readings().catch((e) => e)) as Problem;
    expect(problem).toBeInstanceOf(Problem);
    expect(problem.status).toBe(400);
    expect(problem.words()).toBe(
      "moves[3].turn: Turn by 45 degrees or a multiple. title: Give it a title. It may have 200 letters.",
    );
  });

  it("is told but for what stands beside its field already", async () => {
    new StandIn(() => refused(400, { errors: { "steps[1].text": ["Say what is done."], name: ["Give it a name."] } }));
    const problem = (await readings().catch((e) => e)) as Problem;
    expect(problem.words(["name"])).toBe("steps[1].text: Say what is done.");
    expect(problem.words(["steps"])).toBe("name: Give it a name.");
    expect(problem.words(["step", "name"])).toBe("steps[1].text: Say what is done.");
    expect(problem.words(["steps", "name"])).toBe("");
    expect(whyNot(problem, ["name"])).toBe(problem.words(["name"]));
    expect(byField(problem).name).toEqual(["Give it a name."]);
  });

  it("has no fields where something else went wrong", () => {
    expect(byField(new TypeError("x"))).toEqual({});
    expect(whyNot(new TypeError("x"), ["name"])).toMatch(/TypeError: x/);
  });

  it("is told in a sentence where no place is named, and where the answer cannot be read", async () => {
    new StandIn(() => refused(409));
    expect(((await readings().catch((e) => e)) as Problem).words()).toBe("It cannot be done so.");
    new StandIn(() => new Response("<html>", { status: 502 }));
    expect(((await readings().catch((e) => e)) as Problem).words()).toBe("Error 502");
  });

  it("says that nothing is lost where nobody answers", async () => {
    new StandIn(() => {
      throw new TypeError("network");
    });
    const problem = (await readings().catch((e) => e)) as Problem;
    expect([problem.status, problem.words()]).toEqual([
      0,
      "The server cannot be reached. What you typed is kept in this browser. Check the connection.",
    ]);
  });
});

it("sends the session's token with what changes something, and only with that", async () => {
  const server = new StandIn(() => ({}));
  useToken("t1");
  await answer(api.POST("/api/readings", { body: { form: {}, heightCm: 175 } as never }));
  await answer(api.GET("/api/forms/{id}", { params: { path: { id: "f" } } }));
  expect(server.calls.map((c) => [c.method, c.token])).toEqual([
    ["POST", "t1"],
    ["GET", null],
  ]);
});
