import type { MoveDocument } from "./types";

const key = "heron.copied";

/** Keeps moves to put in elsewhere, in this form or another one, also after a reload. */
export function copyMoves(moves: readonly MoveDocument[]) {
  // A copy is a move of its own: it gets a new id where it is put in.
  const fresh = moves.map((m) => ({
    ...m,
    id: null,
    accepted: [],
    alternatives: m.alternatives?.map((a) => ({ ...a, move: { ...a.move, id: null } })),
  }));
  localStorage.setItem(key, JSON.stringify(fresh));
}

export function copiedMoves(): MoveDocument[] {
  try {
    return JSON.parse(localStorage.getItem(key) ?? "[]") as MoveDocument[];
  } catch {
    return [];
  }
}
