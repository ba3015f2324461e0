import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { beforeEach, describe, expect, it } from "vitest";
import { useSession } from "../../src/app/session";
import FloorPage from "../../src/features/floor/FloorPage";
import { refused, StandIn } from "../StandIn";
import { show } from "../shown";

/** As in the app, there is no page before it is known who is signed in. */
const SignedIn = () => useSession().data && <FloorPage />;

interface Asked {
  room: { widthCm: number; depthCm: number; borderCm: number; ceilingCm: number | null };
  heightCm: number;
  measured: object;
  frontCm: number | null;
  limitCm: number;
  mayTurn: boolean;
  endAt: { x: number; y: number };
}

const fit = {
  fits: true,
  start: { x: 0, y: -120 },
  turnedDegrees: 0,
  front: 210,
  back: 40,
  left: 100,
  right: 100,
  clearanceCm: 40,
  over: [],
};

const end = { before: { x: 0, y: 30 }, reached: true, changes: [{ move: "m2", count: 2, byCm: -15 }], applied: [] };

const plan = {
  widthCm: 300,
  depthCm: 450,
  ceilingCm: 220,
  weapon: "",
  hull: [
    { x: -1, y: -1 },
    { x: 1, y: 1 },
  ],
  fit,
  sections: [{ id: "s", letter: "A", name: "", widthCm: 200, depthCm: 150, fit: { ...fit, turnedDegrees: 90 } }],
  spacing: { sideBySideCm: 320, behindCm: 470, perRow: 2, rows: 1 },
  rose: [{ heading: 0, headingName: "front", techniques: 3 }],
  tape: {
    totalCm: 900,
    cutOff: true,
    lines: [{ heading: 0, headingName: "front", lengthCm: 300, marks: [{ fromCentreCm: 80.4, feet: "left" }] }],
  },
  end,
  sums: [],
};

const posture = { left: { x: -10, y: 0, heading: 0 }, right: { x: 10, y: 0, heading: 0 } };

let wrongAt: (asked: Asked) => Response | undefined;
let server: StandIn;
let shownPlan: object;

beforeEach(() => {
  wrongAt = () => undefined;
  shownPlan = plan;
});

async function floor() {
  server = new StandIn(({ method, path, body }) => {
    if (path === "/api/session")
      return { school: {}, person: { id: "i", role: "instructor", name: "Ines" }, token: "t" };
    if (path === "/api/floor/rings")
      return [{ name: "ring, 8 by 8 m", room: { widthCm: 800, depthCm: 800, borderCm: 100, ceilingCm: null } }];
    if (path === "/api/floor/lever") return { name: "", value: 1, unit: "", formula: "", source: "" };
    if (path === "/api/floor") return wrongAt(body) ?? shownPlan;
    if (path === "/api/readings")
      return { start: posture, moves: [{ id: "m1", posture }], footBreadthCm: 9, footLengthCm: 26 };
    if (path === "/api/students")
      return {
        total: 60,
        pageSize: 50,
        students: [
          { id: "p", name: "Pia", heightCm: 162, measured: { legCm: 80 } },
          { id: "o", name: "Oren", heightCm: null, measured: {} },
        ],
      };
    if (method === "PUT") return {};
    if (path === "/api/edits") return { form: { title: "adjusted" } };
    return { id: "f", title: "Low Weir", revision: 3, mayEdit: true, form: { title: "Low Weir" } };
  });
  const page = show(
    <Routes>
      <Route path="/forms/:id/floor" element={<SignedIn />} />
    </Routes>,
    "/forms/f/floor",
  );
  await screen.findByRole("heading", { name: "Low Weir: floor and room" });
  return page;
}

const asked = () => server.sent<Asked>("POST", "/api/floor").at(-1) as Asked;
const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
const give = (label: string, value: string) => {
  fireEvent.change(field(label), { target: { value } });
  fireEvent.blur(field(label));
};
const tooLow = (asked: Asked) =>
  asked.room.ceilingCm !== null && asked.room.ceilingCm < 100
    ? refused(400, { errors: { "room.ceilingCm": ["Give a ceiling from 1 to 50 m."] } })
    : undefined;

describe("what floor a form takes", () => {
  it("is told in words, with where to start", async () => {
    await floor();
    expect(screen.getByText(/^It fits/).textContent).toMatch(
      /Start 1\.2 m behind the middle.*Free: front 2\.1 m, back 40 cm/,
    );
    screen.getByText(/2 in a row, 1 row\./);
    screen.getByText("turned 90°");
    screen.getByText(/some lines end at the wall/);
    expect(screen.getByRole("img").getAttribute("aria-label")).toMatch(
      /The form fits; the least room on any side is 40 cm/,
    );
  });

  it("names each count that goes over an edge", async () => {
    shownPlan = {
      ...plan,
      fit: { ...fit, fits: false, over: [{ count: 4, edge: "front", byCm: 35, onBorder: true }] },
    };
    await floor();
    screen.getByText(/^It does not fit/);
    screen.getByText("Count 4: 35 cm over the front, on the border");
  });
});

describe("the room", () => {
  it("is asked about in centimetres, given in metres", async () => {
    await floor();
    expect(asked()).toMatchObject({
      room: { widthCm: 800, ceilingCm: null },
      heightCm: 175,
      limitCm: 15,
      mayTurn: false,
    });
    give("Width, m", "6.5");
    await waitFor(() => expect(asked().room.widthCm).toBe(650));
    expect(field("Size").value).toBe("");
    give("Ceiling, m", "2.4");
    await waitFor(() => expect(asked().room.ceilingCm).toBe(240));
    give("Ceiling, m", "");
    await waitFor(() => expect(asked().room.ceilingCm).toBeNull());
    give("Wanted from the front edge, m", "2");
    fireEvent.click(field("May face another edge"));
    await waitFor(() => expect(asked()).toMatchObject({ frontCm: 200, mayTurn: true }));
  });

  it("is remembered", async () => {
    const page = await floor();
    give("Width, m", "6.5");
    await waitFor(() => expect(localStorage.getItem("heron.room")).toContain("650"));
    page.unmount();
    await floor();
    expect(field("Width, m").value).toBe("6.5");
  });

  it("is said to be wrong beside its field, what was seen stays, and it is not remembered", async () => {
    wrongAt = tooLow;
    const page = await floor();
    give("Ceiling, m", "0.5");
    await screen.findByText("Give a ceiling from 1 to 50 m.");
    expect(screen.getAllByText("Give a ceiling from 1 to 50 m.")).toHaveLength(1);
    screen.getByText(/^It fits/);
    page.unmount();
    await floor(); // opens: it would not with a room that is refused
    expect(field("Ceiling, m").value).toBe("");
  });

  it("says what is wrong beside a field elsewhere, as a whole where none stands, and where nobody answers", async () => {
    wrongAt = (a) => (a.limitCm > 100 ? refused(400, { errors: { limitCm: ["Give 1 to 100 cm."] } }) : undefined);
    await floor();
    give("At most, cm a step", "400");
    await screen.findByText("Give 1 to 100 cm.");
    expect(field("At most, cm a step").getAttribute("aria-invalid")).toBe("true");
    wrongAt = () => refused(400, { errors: { endAt: ["Give a spot in the room."] } });
    give("At most, cm a step", "30");
    await screen.findByText("endAt: Give a spot in the room.");
    wrongAt = () => {
      throw new TypeError("network");
    };
    give("At most, cm a step", "20");
    await screen.findByText(/^The server cannot be reached/);
  });
});

describe("the performer", () => {
  it("is a student of the roster; whose height is not known cannot be", async () => {
    await floor();
    fireEvent.click(await screen.findByRole("button", { name: "Take a student's body" }));
    const sheet = within(screen.getByRole("dialog"));
    expect((await sheet.findByRole<HTMLButtonElement>("button", { name: /Oren/ })).disabled).toBe(true);
    sheet.getByText(/58 more/);
    fireEvent.click(sheet.getByRole("button", { name: /Pia.*162 cm, measured/ }));
    await waitFor(() => expect(asked()).toMatchObject({ heightCm: 162, measured: { legCm: 80 } }));
    screen.getByText("Pia");
    give("Performer's height, cm", "163");
    await screen.findByText("Nobody in particular"); // it is no longer that student's body
    expect(asked()).toMatchObject({ heightCm: 163, measured: { legCm: 80 } });
  });

  it("is remembered for whoever is signed in, but not what is refused", async () => {
    wrongAt = (a) => (a.heightCm > 230 ? refused(400, { errors: { heightCm: ["From 80 to 230 cm."] } }) : undefined);
    const page = await floor();
    give("Performer's height, cm", "181");
    await waitFor(() => expect(localStorage.getItem("heron.performer.i")).toContain("181"));
    give("Performer's height, cm", "1810");
    await screen.findByText("From 80 to 230 cm.");
    page.unmount();
    await floor();
    await waitFor(() => expect(field("Performer's height, cm").value).toBe("181"));
  });
});

describe("ending on the spot", () => {
  it("adjusts the steps that are named, in the newest saved form", async () => {
    await floor();
    screen.getByText(/It ends 30 cm off: 30 cm forward/);
    expect(screen.getByText(/15 cm/, { selector: "b" }).parentElement?.textContent).toBe("Count 2: step 15 cm shorter");
    fireEvent.click(screen.getByRole("button", { name: "Adjust these steps" }));
    await waitFor(() =>
      expect(server.sent("PUT", "/api/forms/f")).toEqual([{ basedOn: 3, form: { title: "adjusted" } }]),
    );
    expect(server.sent("POST", "/api/edits")).toEqual([
      { form: { title: "Low Weir" }, edits: [{ kind: "adjustSteps", changes: [{ move: "m2", byCm: -15 }] }] },
    ]);
  });

  it.each([
    ["it does already", { ...end, before: { x: 0, y: 0 } }, /^It ends where it began\./, false],
    ["no steps bring it there", { ...end, reached: false }, /^No eight steps or fewer/, true],
  ])("says so where %s", async (_, end, words) => {
    shownPlan = { ...plan, end };
    await floor();
    screen.getByText(words);
    expect(screen.queryByRole("button", { name: "Adjust these steps" })).toBeNull();
  });

  it("takes adjustments away", async () => {
    shownPlan = { ...plan, end: { ...end, applied: [{ move: "m2", count: 2, byCm: 12 }] } };
    await floor();
    screen.getByText(/count 2 by \+12 cm/);
    fireEvent.click(screen.getByRole("button", { name: "Take the adjustments away" }));
    await waitFor(() =>
      expect(server.sent<{ edits: object[] }>("POST", "/api/edits")[0]?.edits).toEqual([{ kind: "clearAdjustments" }]),
    );
  });

  it("asks about another spot", async () => {
    await floor();
    give("Wanted: cm right", "-40");
    give("cm forward", "25");
    await waitFor(() => expect(asked().endAt).toEqual({ x: -40, y: 25 }));
  });
});
