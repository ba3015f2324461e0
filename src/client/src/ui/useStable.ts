import { useCallback, useRef } from "react";

/** A function that stays the same object from render to render and does what the newest one does, so that memoised rows rest. */
export function useStable<A extends unknown[], R>(newest: (...args: A) => R): (...args: A) => R {
  const latest = useRef(newest);
  latest.current = newest;
  return useCallback((...args: A) => latest.current(...args), []);
}
