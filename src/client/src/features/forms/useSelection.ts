import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { useSearchParams } from "react-router";
import type { MoveReading } from "./types";

/** Which moves are chosen: one in focus, named in the address, and perhaps some of its neighbours. */
export function useSelection(moves: readonly MoveReading[]) {
  const [params, setParams] = useSearchParams();
  const [extent, setExtent] = useState(0); // how many rows the selection reaches beyond its focus, signed

  // The address follows in a transition of its own, later than the next key may come: what is chosen is known here at once.
  const named = params.get("move") ?? undefined;
  const [focusId, setFocusId] = useState(named);
  const latest = useRef(named);
  const underWay = useRef(new Set<string | undefined>());
  useEffect(() => {
    if (named === latest.current) underWay.current.clear();
    else if (!underWay.current.has(named)) {
      latest.current = named; // somebody else named another move
      setFocusId(named);
    }
  }, [named]);
  const focus = focusId ? moves.findIndex((m) => m.id === focusId) : -1;
  const selected = useMemo(() => {
    if (focus < 0) return [];
    const anchor = Math.max(0, Math.min(moves.length - 1, focus + extent));
    const [first, last] = anchor < focus ? [anchor, focus] : [focus, anchor];
    const ids = moves.slice(first, last + 1).map((m) => m.id);
    // The focus comes last: it is what the floor shows and where new moves go.
    return anchor < focus ? ids : [...ids.filter((i) => i !== focusId), focusId as string];
  }, [moves, focus, focusId, extent]);
  const inOrder = useMemo(() => moves.filter((m) => selected.includes(m.id)).map((m) => m.id), [moves, selected]);

  const choose = useCallback(
    (id: string | undefined) => {
      underWay.current.add(latest.current);
      latest.current = id;
      setFocusId(id);
      setParams(
        (p) => {
          if (id) p.set("move", id);
          else p.delete("move");
          return p;
        },
        { replace: true },
      );
    },
    [setParams],
  );

  const select = useCallback(
    (id: string, extend: boolean) => {
      const to = moves.findIndex((m) => m.id === id);
      setExtent(extend && focus >= 0 ? focus + extent - to : 0);
      choose(id);
    },
    [moves, focus, extent, choose],
  );

  const step = (by: number, extend: boolean) => {
    const to = Math.max(0, Math.min(moves.length - 1, focus < 0 ? (by > 0 ? 0 : moves.length - 1) : focus + by));
    const target = moves[to];
    if (target) select(target.id, extend);
  };

  /** Chooses one move alone, or none. */
  const chooseOnly = useCallback(
    (id: string | undefined) => {
      setExtent(0);
      choose(id);
    },
    [choose],
  );

  return { focusId, focus, selected, inOrder, select, step, chooseOnly };
}

export type Selection = ReturnType<typeof useSelection>;
