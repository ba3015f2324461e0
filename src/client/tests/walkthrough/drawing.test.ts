import { describe, expect, it } from "vitest";
import { type Colours, draw, type Scene } from "../../src/features/walkthrough/drawing";
import type { Part, View } from "../../src/features/walkthrough/types";
import { random, seeds } from "../random";

const names = ["Hip", "Knee", "Ankle", "Heel", "Toes", "Shoulder", "Elbow", "Wrist", "Fingers"];
const joints = new Map(
  ["neck", "headTop", "eyes", ...names.flatMap((n) => [`left${n}`, `right${n}`])].map((n, k) => [n, k]),
);
const colours: Colours = {
  ink: "ink",
  sheet: "sheet",
  line: "line",
  left: "left",
  right: "right",
  reed: "reed",
  weapon: "weapon",
};
const [width, height] = [400, 300];

type Stroke = { colour: string; points: [number, number][] };

/** What is stroked on a canvas, in the order in which it is painted. */
function painted(view: View, part: Part, frame: number[]): Stroke[] {
  const strokes: Stroke[] = [];
  let path: [number, number][] = [];
  const canvas = {
    strokeStyle: "",
    beginPath: () => {
      path = [];
    },
    moveTo: (x: number, y: number) => path.push([x, y]),
    lineTo: (x: number, y: number) => path.push([x, y]),
    stroke: () => strokes.push({ colour: canvas.strokeStyle, points: [...path] }),
    arc: () => {},
    fill: () => {},
    clearRect: () => {},
    closePath: () => {},
    setLineDash: () => {},
  };
  const scene: Scene = {
    view,
    part,
    joints,
    frame,
    height: 1750,
    centre: { x: 0, y: 0 },
    half: { across: 2000, upright: 1500 },
    trail: [],
    colours,
  };
  draw(canvas as unknown as CanvasRenderingContext2D, width, height, scene);
  return strokes;
}

const body = (seed: number) => {
  const dice = random(seed);
  return Array.from({ length: joints.size * 3 }, () => dice.next() * 1600 - 800);
};

const limbs = (strokes: Stroke[], side: "left" | "right") =>
  strokes.filter((s) => s.colour === side).map((s) => s.points);

describe("the performer drawn", () => {
  it.each(seeds)("in the mirror is as facing you, with left and right of the picture exchanged (seed %i)", (seed) => {
    const [facing, mirrored] = [
      limbs(painted("facing", "both", body(seed)), "left"),
      limbs(painted("mirrored", "both", body(seed)), "left"),
    ];
    expect(mirrored.map((points) => points.map(([x, y]) => [(width - x).toFixed(6), y.toFixed(6)]))).toEqual(
      facing.map((points) => points.map(([x, y]) => [x.toFixed(6), y.toFixed(6)])),
    );
  });

  it("from behind has its left limbs where they are: do as you see", () => {
    const frame = new Array<number>(joints.size * 3).fill(0);
    for (const [name, k] of joints) frame[k * 3] = name.startsWith("left") ? -300 : name.startsWith("right") ? 300 : 0;
    for (const [x] of limbs(painted("behind", "both", frame), "left").flat()) expect(x).toBeLessThan(width / 2);
    for (const [x] of limbs(painted("facing", "both", frame), "left").flat()) expect(x).toBeGreaterThan(width / 2);
  });

  it("shows the feet or the hands alone", () => {
    const frame = body(1);
    const [both, feet, hands] = (["both", "feet", "hands"] as const).map(
      (part) => limbs(painted("behind", part, frame), "right").length,
    );
    expect([both, feet, hands]).toEqual([6, 3, 3]);
  });

  it("paints what is nearer over what is farther away", () => {
    const frame = new Array<number>(joints.size * 3).fill(0);
    for (const [name, k] of joints)
      frame[k * 3 + 1] = name.startsWith("left") ? 500 : name.startsWith("right") ? -500 : 0;
    const order = (view: View) =>
      painted(view, "both", frame)
        .map((s) => s.colour)
        .filter((c) => c === "left" || c === "right");
    expect([order("behind")[0], order("behind").at(-1)]).toEqual(["left", "right"]);
    expect([order("facing")[0], order("facing").at(-1)]).toEqual(["right", "left"]);
  });
});
