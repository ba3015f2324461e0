import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { describe, expect, it, vi } from "vitest";
import { useSession } from "../../src/app/session";
import WalkPage from "../../src/features/walkthrough/WalkPage";
import { refused, StandIn } from "../StandIn";
import { show } from "../shown";

// What is drawn has tests of its own; here is told what would be.
vi.mock("../../src/features/walkthrough/Stage", () => ({
  Stage: ({ view, part, label }: { view: string; part: string; label: string }) => (
    <p data-testid="stage">
      {view}, {part}, {label}
    </p>
  ),
}));

interface Asked {
  pace: string;
  speed: number;
  heightCm: number;
}

const move = (k: number, extra: object = {}) => ({
  id: `m${k}`,
  count: k,
  beginsCount: true,
  countWord: "",
  words: `move ${k}`,
  feet: `feet ${k}`,
  hands: `hands ${k}`,
  mirrored: `mirrored ${k}`,
  headingName: "front",
  start: (k - 1) * 2,
  moving: 1,
  resting: 1,
  shout: false,
  timed: false,
  frames: [[0, 0, 0]],
  ...extra,
});

const walk = {
  title: "Low Weir",
  heightCm: 175,
  opening: [0, 0, 0],
  // The third is done on the second count.
  moves: [move(1), move(2), move(3, { count: 2, beginsCount: false }), move(4, { count: 3, shout: true })],
  sections: [
    { id: "a", letter: "A", name: "out", first: 0, last: 2 },
    { id: "b", letter: "B", name: "back", first: 3, last: 3 },
  ],
  phases: [{}, {}],
  totalSeconds: 8,
  cautions: ["Mind the knees."],
};

const Entered = () => useSession().data && <WalkPage />;

interface Shown {
  at?: string;
  moves?: typeof walk.moves;
  mayEdit?: boolean;
  tradition?: string;
  serve?: (asked: Asked) => unknown;
  save?: () => unknown;
}

async function play({ at = "", moves = walk.moves, mayEdit = true, tradition = "english", serve, save }: Shown = {}) {
  const server = new StandIn(({ method, path, body }) => {
    if (path === "/api/session") return { school: { tradition }, person: { id: "i", role: "instructor" }, token: "t" };
    if (path === "/api/walkthrough") return serve?.(body) || { ...walk, moves };
    if (path === "/api/edits") return { form: { title: "edited" } };
    if (method === "PUT") return save?.() ?? {};
    return { id: "f", title: "Low Weir", revision: 3, mayEdit, form: { title: "Low Weir" } };
  });
  show(
    <Routes>
      <Route path="/forms/:id/walk" element={<Entered />} />
    </Routes>,
    `/forms/f/walk${at}`,
  );
  await screen.findByRole("heading");
  return server;
}

const stage = () => screen.getByTestId("stage").textContent;
const key = (key: string, shiftKey = false) => fireEvent.keyDown(document.body, { key, shiftKey });
const asked = (server: StandIn) => server.sent<Asked>("POST", "/api/walkthrough").at(-1);

describe("going through a form", () => {
  it("begins with the opening, and says how long it takes", async () => {
    await play();
    expect(stage()).toBe("behind, both, The opening position.");
    screen.getByText("8 s at this pace, 2 phases");
  });

  it("goes by counts with the arrows, to the last of what is done on each; by actions with Shift", async () => {
    await play();
    const told = [];
    for (const [name, shift] of [
      ["ArrowRight"],
      ["ArrowRight"],
      ["ArrowRight"],
      ["ArrowRight"],
      ["ArrowLeft"],
      ["ArrowLeft", true],
      ["Home"],
    ] as const) {
      key(name, shift);
      told.push(stage()?.split(", ").slice(2).join(", "));
    }
    expect(told).toEqual([
      "Count 1: move 1.",
      "Count 2: move 3.",
      "Count 3: move 4.",
      "Count 3: move 4.", // there is no further one
      "Count 2: move 3.",
      "Count 2: move 2.",
      "The opening position.",
    ]);
  });

  it("takes no key for itself where one types", async () => {
    await play();
    const speed = screen.getByLabelText("Speed");
    fireEvent.keyDown(speed, { key: "ArrowRight" });
    expect(stage()).toBe("behind, both, The opening position.");
  });

  it("is seen from another side and in part by keys and by choice", async () => {
    await play();
    key("v");
    key("o");
    expect(stage()).toBe("mirrored, feet, The opening position.");
    fireEvent.change(screen.getByLabelText("Seen"), { target: { value: "above" } });
    fireEvent.change(screen.getByLabelText("Shown"), { target: { value: "hands" } });
    key("ArrowRight");
    expect(stage()).toBe("above, hands, Count 1: move 1.");
    const now = within(screen.getByRole("region", { name: "Now" }));
    now.getByText("hands 1");
    now.getByText("facing front");
  });

  it("plays to its end and stops", async () => {
    await play({ serve: () => ({ ...walk, moves: [move(1)], sections: [], totalSeconds: 0.1 }) });
    fireEvent.click(screen.getByRole("button", { name: "Play" }));
    screen.getByRole("button", { name: "Pause" });
    await screen.findByRole("button", { name: "Play" });
    expect(stage()).toBe("behind, both, Count 1: move 1.");
  });

  it("begins at the section chosen", async () => {
    await play();
    fireEvent.change(screen.getByLabelText("Passage, over and over"), { target: { value: "b" } });
    await waitFor(() => expect(screen.getByText("6.0 s of 8.0 s")).toBeTruthy());
  });

  it("says what whoever faces the class does", async () => {
    await play();
    screen.getByText("mirrored 4");
    screen.getByText("Mind the knees.");
  });
});

describe("the hall view", () => {
  it("shows the count large, what comes next and the shout, and is left by Escape", async () => {
    await play();
    key("h");
    key("ArrowRight");
    screen.getByRole("heading", { name: "Low Weir, hall view" });
    screen.getByText("Next: move 2");
    expect(screen.queryByLabelText("Speed")).toBeNull();
    key("ArrowRight");
    key("ArrowRight");
    screen.getByText("shout!");
    screen.getByText("The last move.");
    key("Escape");
    expect(stage()).toBe("behind, both, Count 3: move 4.");
    screen.getByLabelText("Speed");
  });

  it.each([
    ["japanese", 1],
    ["english", 0],
  ])("tells the count in the school's words: %s", async (tradition, times) => {
    await play({ at: "?hall=1", tradition, moves: [move(1, { countWord: "ichi" })] });
    key("ArrowRight");
    expect(screen.queryAllByText("ichi")).toHaveLength(times);
  });
});

describe("pace and body", () => {
  it("are asked for as chosen, and stand in the address", async () => {
    const server = await play({ at: "?pace=learning&speed=0.5" });
    expect(asked(server)).toMatchObject({ pace: "learning", speed: 0.5, heightCm: 175 });
    fireEvent.change(screen.getByLabelText("Pace"), { target: { value: "performance" } });
    await waitFor(() => expect(asked(server)?.pace).toBe("performance"));
  });

  it("keep the move that one is at", async () => {
    await play({
      serve: ({ speed }) =>
        speed !== 1 && {
          ...walk,
          moves: walk.moves.map((m) => ({ ...m, start: m.start * 2, moving: 2 })),
          totalSeconds: 16,
        },
    });
    key("ArrowRight");
    key("ArrowRight");
    fireEvent.change(screen.getByLabelText("Speed"), { target: { value: "0.5" } });
    await screen.findByText(/of 16\.0 s/);
    expect(stage()).toBe("behind, both, Count 2: move 3.");
  });

  it("say beside the field what is wrong with it, and go on showing what was seen", async () => {
    await play({
      serve: ({ heightCm }) => heightCm > 230 && refused(400, { errors: { heightCm: ["From 80 to 230 cm."] } }),
    });
    const height = screen.getByLabelText("Performer's height, cm");
    fireEvent.change(height, { target: { value: "1810" } });
    fireEvent.blur(height);
    await screen.findByText("From 80 to 230 cm.");
    expect(screen.getAllByText("From 80 to 230 cm.")).toHaveLength(1);
    expect(localStorage.getItem("heron.performer.i")).toBeNull();
    key("ArrowRight");
    expect(stage()).toBe("behind, both, Count 1: move 1.");
  });

  it("say why they could not be had", async () => {
    await play({
      serve: ({ pace }) => {
        if (pace === "learning") throw new TypeError("network");
      },
    });
    fireEvent.change(screen.getByLabelText("Pace"), { target: { value: "learning" } });
    await screen.findByText(/^The server cannot be reached/);
  });
});

describe("the time line", () => {
  const bar = (name: string) => screen.getByRole("button", { name });

  it("has a bar for each move, and goes to the one that is chosen", async () => {
    await play();
    expect(screen.getAllByRole("button", { name: /seconds$/ })).toHaveLength(4);
    fireEvent.click(bar("Count 3, 2.0 seconds"));
    expect(stage()).toBe("behind, both, Count 3: move 4.");
    expect(bar("Count 3, 2.0 seconds").getAttribute("aria-current")).toBe("step");
  });

  it("holds the form against what it must last", async () => {
    await play();
    fireEvent.change(screen.getByLabelText("At least, seconds"), { target: { value: "10" } });
    screen.getByText("2.0 s too short");
    fireEvent.change(screen.getByLabelText("At least, seconds"), { target: { value: "8" } });
    expect(screen.queryByText(/too short/)).toBeNull();
    fireEvent.change(screen.getByLabelText("At most, seconds"), { target: { value: "6.5" } });
    screen.getByText("1.5 s too long");
  });

  const takes = (seconds: string) => {
    const field = screen.getByLabelText(/This move takes/);
    fireEvent.change(field, { target: { value: seconds } });
    fireEvent.blur(field);
  };

  it("sets how long a move takes", async () => {
    const server = await play();
    key("ArrowRight");
    takes("2.5");
    await waitFor(() =>
      expect(server.sent("PUT", "/api/forms/f")).toEqual([{ basedOn: 3, form: { title: "edited" } }]),
    );
    expect(server.sent("POST", "/api/edits")).toEqual([
      { form: { title: "Low Weir" }, edits: [{ kind: "setSeconds", move: "m1", seconds: 2.5 }] },
    ]);
  });

  it.each(["0", "500", "-1"])("takes no time that a move cannot take: %s", async (seconds) => {
    const server = await play();
    key("ArrowRight");
    takes(seconds);
    screen.getByText("Give 0.1 to 120 seconds.");
    key("ArrowRight"); // another move has done nothing wrong
    expect(screen.queryByText(/^Give 0.1/)).toBeNull();
    expect(server.sent("POST", "/api/edits")).toEqual([]);
  });

  it("says why a time was not kept", async () => {
    await play({ save: () => refused(409) });
    key("ArrowRight");
    takes("2");
    await screen.findByText("It cannot be done so.");
  });

  it("gives a move's time back to its marks", async () => {
    const server = await play({ moves: [move(1, { timed: true })] });
    key("ArrowRight");
    fireEvent.click(screen.getByRole("button", { name: "as its marks say" }));
    await waitFor(() =>
      expect(server.sent<{ edits: object[] }>("POST", "/api/edits")[0]?.edits).toEqual([
        { kind: "setSeconds", move: "m1", seconds: null },
      ]),
    );
  });

  it("is only read by who may not change the form", async () => {
    await play({ mayEdit: false });
    key("ArrowRight");
    expect(screen.queryByLabelText(/This move takes/)).toBeNull();
  });
});

it("says that there is nothing to play where nothing is written", async () => {
  await play({ moves: [] });
  expect(screen.getByRole("link", { name: "Write the first move" }).getAttribute("href")).toBe("/forms/f");
});
