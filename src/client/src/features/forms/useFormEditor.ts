import { replaceEqualDeep } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { answer, api, Problem, type Schemas, whyNot } from "../../api/client";
import { dropDraft, keepDraft, keptDraft } from "./drafts";
import type { EditDocument, FormDocument, FormResponse, Readings, Written } from "./types";

/** How the newest state relates to what the server has. */
export type SaveState = "saved" | "unsaved" | "saving" | "offline" | "conflict";

export interface Conflict {
  savedBy: string;
  revision: number;
}

const saveAfterMs = 600;
const retryAfterMs = 3000;

/** The next state, in which what says the same is the same object as before, so that only what has changed is drawn anew. */
function sharing(before: Written, next: Written): Written {
  const { moves: said, ...form } = next.form;
  const { moves, ...readings } = next.readings;
  return {
    form:
      next.form === before.form ? before.form : { ...form, moves: said && sharingById(before.form.moves ?? [], said) },
    readings: {
      ...replaceEqualDeep<Omit<Readings, "moves">>(before.readings, readings),
      moves: sharingById(before.readings.moves, moves),
    },
  };
}

/** Move by move, wherever it now stands: one put in near the top does not make all below it new. */
function sharingById<T extends { id?: string | null }>(before: readonly T[], next: readonly T[]): T[] {
  const was = new Map(before.map((move) => [move.id, move]));
  return next.map((move) => replaceEqualDeep(was.get(move.id), move));
}

/**
 * The form being written. Every edit is computed by the server; this hook keeps the order of edits, the way back and
 * forth, and what has been saved. What the server has not taken is kept in the browser.
 */
export function useFormEditor(stored: FormResponse) {
  const [written, setWritten] = useState<Written>();
  const [ways, setWays] = useState({ back: false, forth: false });
  const [saveState, setSaveState] = useState<SaveState>("saved");
  const [conflict, setConflict] = useState<Conflict>();
  const [problem, setProblem] = useState<string>();
  const [recovered, setRecovered] = useState(false);
  const [heightCm, setHeightCm] = useState(175);

  const now = useRef<Written | undefined>(undefined);
  const basedOn = useRef(stored.revision);
  const past = useRef<Written[]>([]);
  const future = useRef<Written[]>([]);
  // What changes the form happens in the order it was asked for; a save under way holds none of it back.
  const queue = useRef<Promise<unknown>>(Promise.resolve());
  const saves = useRef<Promise<unknown>>(Promise.resolve());
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const height = useRef(heightCm);
  height.current = heightCm;

  const show = useCallback((next: Written) => {
    const shared = now.current ? sharing(now.current, next) : next;
    now.current = shared;
    setWritten(shared);
  }, []);

  const read = useCallback(
    async (form: FormDocument): Promise<Written> => ({
      form,
      readings: await answer(api.POST("/api/readings", { body: { form, heightCm: height.current } })),
    }),
    [],
  );

  const save = useCallback(async () => {
    const form = now.current?.form;
    if (!form) return;
    setSaveState("saving");
    try {
      const saved = await answer(
        api.PUT("/api/forms/{id}", {
          params: { path: { id: stored.id } },
          body: { basedOn: basedOn.current, form },
        }),
      );
      basedOn.current = saved.revision;
      if (now.current?.form === form) {
        dropDraft(stored.id);
        setSaveState("saved");
      } else keepDraft(stored.id, { basedOn: basedOn.current, form: now.current?.form ?? form });
      setProblem(undefined);
    } catch (error) {
      if (error instanceof Problem && error.status === 409) {
        setConflict({ savedBy: String(error.extra.savedBy), revision: Number(error.extra.revision) });
        setSaveState("conflict");
      } else if (error instanceof Problem && (error.status === 0 || error.status === 503)) {
        setSaveState("offline");
        timer.current = setTimeout(() => schedule.current(0), retryAfterMs);
      } else {
        setSaveState("unsaved");
        setProblem(whyNot(error));
      }
    }
  }, [stored.id]);

  const schedule = useRef<(after: number) => void>(() => {});
  schedule.current = (after) => {
    clearTimeout(timer.current);
    timer.current = setTimeout(() => {
      saves.current = saves.current.then(save);
    }, after);
  };

  const changed = useCallback(
    (next: Written) => {
      show(next);
      keepDraft(stored.id, { basedOn: basedOn.current, form: next.form });
      setSaveState((state) => (state === "conflict" ? state : "unsaved"));
      schedule.current(saveAfterMs);
    },
    [show, stored.id],
  );

  /** Keeps a state to come back to, and whether there is a way back or forth. */
  const remember = useCallback((before: Written | undefined, from: Written[], to: Written[]) => {
    past.current = before ? [...from, before] : from;
    future.current = to;
    setWays({ back: past.current.length > 0, forth: future.current.length > 0 });
  }, []);

  const step = useCallback(
    (next: Written) => {
      remember(now.current, past.current, []);
      changed(next);
    },
    [changed, remember],
  );

  /** Applies edits in the order in which they were asked for; answers the form after them. */
  const edit = useCallback(
    (...edits: EditDocument[]) => {
      const work = queue.current.then(async () => {
        const form = now.current?.form;
        if (!form || !stored.mayEdit) return undefined;
        try {
          const next = await answer(api.POST("/api/edits", { body: { form, edits, heightCm: height.current } }));
          step(next);
          setProblem(undefined);
          return next.form;
        } catch (error) {
          setProblem(whyNot(error));
          return undefined;
        }
      });
      queue.current = work;
      return work;
    },
    [step, stored.mayEdit],
  );

  const undo = useCallback(() => {
    queue.current = queue.current.then(() => {
      const back = past.current.at(-1);
      if (!back || !now.current) return;
      remember(undefined, past.current.slice(0, -1), [now.current, ...future.current]);
      changed(back);
    });
  }, [changed, remember]);

  const redo = useCallback(() => {
    queue.current = queue.current.then(() => {
      const [next, ...rest] = future.current;
      if (!next) return;
      remember(now.current, past.current, rest);
      changed(next);
    });
  }, [changed, remember]);

  /** Gives up one's own version and takes the newest saved one. */
  const takeTheirs = useCallback(async () => {
    const newest = await answer(api.GET("/api/forms/{id}", { params: { path: { id: stored.id } } }));
    basedOn.current = newest.revision;
    dropDraft(stored.id);
    const theirs = await read(newest.form);
    remember(now.current, past.current, []);
    show(theirs);
    setConflict(undefined);
    setSaveState("saved");
  }, [read, remember, show, stored.id]);

  /** What both people did since, and their work put together; nothing is changed by asking. */
  const merge = useCallback(async () => {
    const form = now.current?.form;
    if (!form) throw new Error("The form is still loading.");
    const body = { basedOn: basedOn.current, form };
    return answer(api.POST("/api/forms/{id}/merge", { params: { path: { id: stored.id } }, body }));
  }, [stored.id]);

  /** Goes on from the merged form; where both changed a part, with theirs for the clashes named. */
  const takeMerged = useCallback(
    async (merged: Schemas["MergeResponse"], theirs: ReadonlySet<number>) => {
      let form = merged.merged;
      merged.clashes.forEach((clash, k) => {
        if (!theirs.has(k) || !clash.move) return;
        const { move, theirs: wanted } = clash;
        form = {
          ...form,
          moves: wanted
            ? form.moves?.map((m) => (m.id === move ? wanted : m))
            : form.moves?.filter((m) => m.id !== move),
        };
      });
      const next = await read(form);
      basedOn.current = merged.revision;
      setConflict(undefined);
      setSaveState("unsaved");
      step(next);
    },
    [read, step],
  );

  /** Keeps one's own version as a form of its own and leaves the newest saved one as it is. */
  const keepMineAsCopy = useCallback(async () => {
    const mine = now.current?.form;
    if (!mine) return undefined;
    const copy = await answer(
      api.POST("/api/forms", { body: { form: { ...mine, title: `${mine.title} (my copy)` } } }),
    );
    await takeTheirs();
    return copy.id;
  }, [takeTheirs]);

  // Opening: the newest saved version, or work of this browser that was never taken.
  useEffect(() => {
    let current = true;
    const open = async () => {
      const kept = stored.mayEdit ? await keptDraft(stored.id) : undefined;
      if (!current) return;
      basedOn.current = kept?.basedOn ?? stored.revision;
      const opening = kept && JSON.stringify(kept.form) !== JSON.stringify(stored.form) ? kept.form : stored.form;
      const first = await read(opening);
      if (!current) return;
      show(first);
      if (opening !== stored.form) {
        setRecovered(true);
        setSaveState("unsaved");
        schedule.current(0);
      } else if (kept) dropDraft(stored.id);
    };
    open().catch((error) => setProblem(whyNot(error)));
    return () => {
      current = false;
      clearTimeout(timer.current);
    };
  }, [read, show, stored]);

  const changeHeight = useCallback(
    (cm: number) => {
      setHeightCm(cm);
      height.current = cm;
      queue.current = queue.current.then(async () => {
        try {
          if (now.current) show(await read(now.current.form));
          setProblem(undefined);
        } catch (error) {
          setProblem(whyNot(error)); // what comes after it still has its turn
        }
      });
    },
    [read, show],
  );

  return {
    written,
    edit,
    /** Takes in a form that the server computed, such as what was dictated. */
    take: step,
    undo,
    redo,
    canUndo: ways.back,
    canRedo: ways.forth,
    saveState,
    conflict,
    merge,
    takeMerged,
    takeTheirs,
    keepMineAsCopy,
    problem,
    recovered,
    heightCm,
    changeHeight,
  };
}

export type FormEditor = ReturnType<typeof useFormEditor>;
