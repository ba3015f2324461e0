import { describe, expect, it } from "vitest";
import type { Walk } from "../../src/features/walkthrough/types";
import { moveAt, poseAt } from "../../src/features/walkthrough/usePlayer";
import { random, seeds } from "../random";

/** A made up walk of one joint: moves of a few frames, with rests between them. */
function walk(seed: number): Walk {
  const dice = random(seed);
  const moves = [];
  let start = 0;
  for (let k = 0; k < 1 + dice.below(8); k++) {
    const moving = dice.below(4) ? dice.next() + 0.1 : 0;
    const frames = Array.from({ length: 1 + dice.below(4) }, () => [
      dice.next() * 100,
      dice.next() * 100,
      dice.next() * 100,
    ]);
    moves.push({ start, moving, frames });
    start += moving + dice.next();
  }
  return { opening: [0, 0, 0], moves, totalSeconds: start } as unknown as Walk;
}

const pose = (of: Walk, seconds: number) => {
  const into = new Float64Array(3);
  poseAt(of, seconds, into);
  return [...into];
};

describe("the performer at a moment", () => {
  it.each(seeds)("is in the last move that has begun (seed %i)", (seed) => {
    const of = walk(seed);
    const dice = random(seed + 1000);
    for (let k = 0; k < 20; k++) {
      const seconds = dice.next() * of.totalSeconds;
      expect(moveAt(of, seconds)).toBe(of.moves.findLastIndex((m) => m.start < seconds - 1e-6));
    }
  });

  it.each(seeds)("stands as the move leaves them once it is over (seed %i)", (seed) => {
    const of = walk(seed);
    of.moves.forEach((move, k) => {
      const next = of.moves[k + 1]?.start ?? of.totalSeconds;
      if (next - (move.start + move.moving) < 1e-3) return;
      const last = move.frames.at(-1) ?? [];
      pose(of, (move.start + move.moving + next) / 2).forEach((v, i) => {
        expect(v).toBeCloseTo(last[i] ?? Number.NaN);
      });
    });
  });

  it.each(seeds)("moves without a jump from move to move (seed %i)", (seed) => {
    const of = walk(seed);
    for (const move of of.moves.filter((m) => m.moving > 0)) {
      const after = pose(of, move.start + 1e-5);
      pose(of, move.start).forEach((v, i) => {
        expect(Math.abs(v - (after[i] ?? Number.NaN))).toBeLessThan(1);
      });
    }
  });

  it("is as the form opens before anything moves", () => {
    expect(pose(walk(5), 0)).toEqual([0, 0, 0]);
    expect(moveAt(walk(5), 0)).toBe(-1);
  });
});
