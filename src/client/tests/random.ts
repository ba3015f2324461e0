/** Numbers that look random and come the same for the same seed, so that what failed can be run again. */
export function random(seed: number) {
  let state = seed >>> 0;
  const next = () => {
    // mulberry32 (common practice)
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  return {
    /** From 0 up to, not including, a bound. */
    below: (bound: number) => Math.floor(next() * bound),
    pick: <T>(from: readonly T[]) => from[Math.floor(next() * from.length)] as T,
    next,
  };
}

/** The seeds that a property is tried with; the failing one is told in the test's name. */
export const seeds = Array.from({ length: 40 }, (_, k) => k + 1);
