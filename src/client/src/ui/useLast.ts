import { useRef } from "react";

/** The newest value there was: what was last right stays on screen while what was asked for is refused. */
export function useLast<T>(value: T | undefined): T | undefined {
  const last = useRef(value);
  if (value !== undefined) last.current = value;
  return last.current;
}
