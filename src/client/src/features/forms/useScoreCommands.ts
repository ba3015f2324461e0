import { type RefObject, useEffect, useRef, useState } from "react";
import { useNotice } from "../../ui/notices";
import { copiedMoves, copyMoves } from "./clipboard";
import { type Layers, nextLayers } from "./layers";
import type { EditDocument, Finding, SectionReading } from "./types";
import type { FormEditor } from "./useFormEditor";
import type { Selection } from "./useSelection";

/** What lies open over the score. */
export type Open =
  | "keys"
  | "move"
  | "link"
  | "header"
  | "fill"
  | "turn"
  | "replace"
  | "alternative"
  | { section: SectionReading }
  | { accept: Finding }
  | undefined;

/** Everything that the keys of the score do; the menu runs the same commands by the same names. */
export function useScoreCommands({
  editor,
  selection,
  mayEdit,
  line,
  setOpen,
  layers,
  setLayers,
}: {
  editor: FormEditor;
  selection: Selection;
  mayEdit: boolean;
  line: RefObject<HTMLTextAreaElement | null>;
  setOpen: (open: Open) => void;
  layers: Layers;
  setLayers: (layers: Layers) => void;
}) {
  const notify = useNotice();
  const [times, setTimes] = useState(1); // a digit typed before a repeat says how many times
  const { focusId, focus, inOrder, select, chooseOnly } = selection;
  const written = editor.written;
  const moves = written?.readings.moves ?? [];
  const chosen = (written?.form.moves ?? []).filter((m) => m.id && inOrder.includes(m.id));
  const edit = (...edits: EditDocument[]) => editor.edit(...edits);
  const withMoves = (kind: "mirror") => inOrder.length > 0 && edit({ kind, moves: inOrder });
  const count = (counting: "own" | "then" | "together" | "uncounted") =>
    inOrder.length > 0 && edit({ kind: "setCounting", moves: inOrder, counting });

  const remove = async () => {
    if (inOrder.length === 0) return;
    const first = moves.findIndex((m) => m.id === inOrder[0]);
    const next = moves[first + inOrder.length] ?? moves[first - 1];
    await edit({ kind: "delete", moves: inOrder });
    chooseOnly(next?.id);
    notify(inOrder.length === 1 ? "Move taken out." : `${inOrder.length} moves taken out.`, editor.undo);
  };

  const cut = () => {
    const section = written?.readings.sections.find((s) => moves[s.first]?.id === focusId);
    if (section && section.first > 0) edit({ kind: "joinSection", section: section.id });
    else if (focusId) edit({ kind: "cutHere", first: focusId });
  };

  const nextFinding = () => {
    const findings = written?.readings.findings ?? [];
    if (findings.length === 0) {
      notify("No findings.");
      return;
    }
    const order = findings.map((f) => moves.findIndex((m) => m.id === f.move));
    const at = order.find((i) => i > focus) ?? order[0];
    if (at !== undefined && moves[at]) select(moves[at].id, false);
  };

  const fix = (finding: Finding, k: number) => {
    const way = finding.fixes[k];
    if (way) edit(way.edit);
  };

  const fixHere = () => {
    const finding = written?.readings.findings.find((f) => f.move === focusId && f.fixes.length > 0);
    if (finding) fix(finding, 0);
  };

  const acceptHere = () => {
    const finding = written?.readings.findings.find((f) => f.move === focusId);
    if (finding) setOpen({ accept: finding });
    else notify("There is no finding at this move.");
  };

  const nameSection = () => {
    const section = written?.readings.sections.find((s) => focus >= s.first && focus <= s.last);
    if (section) setOpen({ section });
  };

  const repeat = (kind: "again" | "otherSide") => {
    if (inOrder.length > 0) edit({ kind, moves: inOrder, times: Math.max(1, times - 1) });
    setTimes(1);
  };

  const copy = () => {
    if (chosen.length === 0) return;
    copyMoves(chosen);
    notify(chosen.length === 1 ? "Move copied." : `${chosen.length} moves copied.`);
  };

  const paste = async () => {
    const copied = copiedMoves();
    if (copied.length === 0) {
      notify("Nothing has been copied. Choose moves and press Ctrl C.");
      return;
    }
    const at = focus < 0 ? moves.length - 1 : focus;
    const form = await edit({ kind: "insert", moves: copied, after: moves[at]?.id ?? null });
    const last = form?.moves?.[at + copied.length]?.id;
    if (last) chooseOnly(last);
  };

  const setFields = () => focusId && setOpen("move");
  const over = (open: Open) => () => inOrder.length > 0 && setOpen(open);

  const commands: Record<string, () => void> = {
    ".": () => line.current?.focus(),
    t: () => count("then"),
    m: () => count("together"),
    n: () => count("own"),
    u: () => count("uncounted"),
    r: () => repeat("again"),
    s: () => repeat("otherSide"),
    i: () => withMoves("mirror"),
    g: over("turn"),
    f: over("fill"),
    h: () => setOpen("replace"),
    p: () => focusId && edit({ kind: "split", move: focusId }),
    v: () => focusId && setOpen("alternative"),
    d: cut,
    e: nameSection,
    l: over("link"),
    w: nextFinding,
    x: fixHere,
    a: acceptHere,
    o: () => setLayers(nextLayers(layers)),
    "?": () => setOpen("keys"),
    Enter: setFields,
    "Ctrl C": copy,
    "Ctrl X": () => {
      copy();
      remove();
    },
    "Ctrl V": paste,
    Delete: remove,
    Backspace: remove,
  };
  const forReaders = new Set(["?", "w", "o", "Ctrl C"]);
  const run = (name: string) => {
    const command = commands[name];
    if (!command || (!mayEdit && !forReaders.has(name))) return false;
    command();
    return true;
  };

  const onKey = (e: React.KeyboardEvent) => {
    const target = e.target as HTMLElement;
    if (target.closest("input,textarea,select,[role=dialog],[role=menu]")) return;
    const ctrl = e.ctrlKey || e.metaKey;
    if (ctrl) {
      const key = e.key.toLowerCase();
      if (key === "z" && !e.shiftKey) editor.undo();
      else if (key === "y" || (key === "z" && e.shiftKey)) editor.redo();
      // Words marked with the mouse are copied as usual.
      else if (key === "c" && String(getSelection())) return;
      else if (!run(`Ctrl ${key.toUpperCase()}`)) return;
      e.preventDefault();
      return;
    }
    if (e.key === "ArrowDown" || e.key === "ArrowUp") {
      const by = e.key === "ArrowDown" ? 1 : -1;
      e.preventDefault();
      if (e.altKey && mayEdit) edit({ kind: "shift", moves: inOrder, by });
      else selection.step(by, e.shiftKey);
      return;
    }
    if (e.altKey) return;
    if (target.closest("a,button") && e.key === "Enter") return;
    if (mayEdit && /^[2-9]$/.test(e.key)) {
      setTimes(Number(e.key));
      return;
    }
    if (e.key === "Escape") setTimes(1);
    if (run(e.key)) e.preventDefault();
  };

  // Keys work wherever nothing else has the focus.
  const latest = useRef(onKey);
  latest.current = onKey;
  useEffect(() => {
    const outside = (e: KeyboardEvent) => {
      if (e.target === document.body) latest.current(e as unknown as React.KeyboardEvent);
    };
    window.addEventListener("keydown", outside);
    return () => window.removeEventListener("keydown", outside);
  }, []);

  return { commands, onKey, fix, nextFinding, times };
}
