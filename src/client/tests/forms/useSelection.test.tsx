import { act, renderHook } from "@testing-library/react";
import type { ReactNode } from "react";
import { MemoryRouter, useLocation } from "react-router";
import { describe, expect, it } from "vitest";
import type { MoveReading } from "../../src/features/forms/types";
import { useSelection } from "../../src/features/forms/useSelection";
import { random, seeds } from "../random";

const moves = Array.from({ length: 9 }, (_, k) => ({ id: `m${k}` }) as MoveReading);

function chosen(at = "/") {
  const inRouter = ({ children }: { children: ReactNode }) => (
    <MemoryRouter initialEntries={[at]}>{children}</MemoryRouter>
  );
  return renderHook(() => ({ ...useSelection(moves), address: useLocation().search }), { wrapper: inRouter }).result;
}

describe("which moves are chosen", () => {
  it("is told by the address, so that a reload finds it again", () => {
    expect(chosen("/?move=m4").current).toMatchObject({ focus: 4, selected: ["m4"] });
  });

  it("goes into the address and leaves the rest of it", () => {
    const now = chosen("/?fold=feet");
    act(() => now.current.select("m2", false));
    expect(now.current.address).toBe("?fold=feet&move=m2");
    act(() => now.current.chooseOnly(undefined));
    expect(now.current.address).toBe("?fold=feet");
  });

  it("begins at the near end where nothing was chosen", () => {
    const [down, up] = [chosen(), chosen()];
    act(() => down.current.step(1, false));
    act(() => up.current.step(-1, false));
    expect([down.current.focusId, up.current.focusId]).toEqual(["m0", "m8"]);
  });

  it.each(seeds)("is a run from where one began with Shift to where one is (seed %i)", (seed) => {
    const dice = random(seed);
    const now = chosen();
    let [anchor, at] = [-1, -1];
    for (let k = 0; k < 25; k++) {
      const extend = dice.below(3) > 0;
      const to = dice.below(2) ? dice.below(moves.length) : undefined;
      const by = dice.pick([1, -1]);
      act(() => (to === undefined ? now.current.step(by, extend) : now.current.select(`m${to}`, extend)));
      const next = to ?? (at < 0 ? (by > 0 ? 0 : moves.length - 1) : Math.max(0, Math.min(moves.length - 1, at + by)));
      anchor = extend && at >= 0 ? anchor : next;
      at = next;
      const [first, last] = [Math.min(anchor, at), Math.max(anchor, at)];
      expect(now.current.inOrder).toEqual(moves.slice(first, last + 1).map((m) => m.id));
      expect(now.current.selected.at(-1)).toBe(`m${at}`);
    }
  });
});
