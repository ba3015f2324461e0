import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { useNavigate, useParams, useSearchParams } from "react-router";
import { answer, api } from "../../api/client";
import { Button } from "../../ui/Button";
import { useNotice } from "../../ui/notices";
import { Waiting } from "../../ui/Waiting";
import { LinkSheet } from "../applications/LinkSheet";
import { WriteLine } from "../dictation/WriteLine";
import { FloorView } from "../floor/FloorView";
import { FormMenu } from "./FormMenu";
import { EmptyScore, linkWords, Standing, useHeadings } from "./FormParts";
import { HeaderSheet, KeysSheet, NameSectionSheet } from "./FormSheets";
import { MovePanel } from "./MovePanel";
import { SaveStatus } from "./SaveStatus";
import { type Layers, Score } from "./Score";
import type { EditDocument, Finding, FormResponse, SectionReading, Written } from "./types";
import { useFormEditor } from "./useFormEditor";

export default function FormPage() {
  const { id = "" } = useParams();
  const { data, error } = useQuery({
    queryKey: ["form", id],
    queryFn: () => answer(api.GET("/api/forms/{id}", { params: { path: { id } } })),
    // The editor itself keeps up with the server from here on.
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  if (!data) return <Waiting error={error} />;
  return <Editor key={id} stored={data} />;
}

type Open = "keys" | "move" | "link" | "header" | { section: SectionReading } | undefined;

function Editor({ stored }: { stored: FormResponse }) {
  const editor = useFormEditor(stored);
  const [params, setParams] = useSearchParams();
  const [extent, setExtent] = useState(0); // how many rows the selection reaches beyond its focus, signed
  const [layers, setLayers] = useState<Layers>({ feet: true, hands: true });
  const [open, setOpen] = useState<Open>();
  const notify = useNotice();
  const navigate = useNavigate();
  const line = useRef<HTMLTextAreaElement>(null);
  const page = useRef<HTMLElement>(null);
  const applications = useQuery({
    queryKey: ["applications", stored.id],
    queryFn: () => answer(api.GET("/api/applications", { params: { query: { formId: stored.id } } })),
  });

  const written = editor.written;
  const moves = written?.readings.moves ?? [];
  const focusId = params.get("move") ?? undefined;
  const focus = focusId ? moves.findIndex((m) => m.id === focusId) : -1;
  const selected = useMemo(() => {
    if (focus < 0) return [];
    const anchor = Math.max(0, Math.min(moves.length - 1, focus + extent));
    const [first, last] = anchor < focus ? [anchor, focus] : [focus, anchor];
    const ids = moves.slice(first, last + 1).map((m) => m.id);
    // The focus comes last: it is what the floor shows and where new moves go.
    return anchor < focus ? ids : [...ids.filter((i) => i !== focusId), focusId as string];
  }, [moves, focus, focusId, extent]);

  const choose = useCallback(
    (id: string | undefined) => {
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

  const inOrder = useMemo(() => moves.filter((m) => selected.includes(m.id)).map((m) => m.id), [moves, selected]);

  const edit = useCallback((...edits: EditDocument[]) => editor.edit(...edits), [editor.edit]);

  const remove = async () => {
    if (inOrder.length === 0) return;
    const first = moves.findIndex((m) => m.id === inOrder[0]);
    const next = moves[first + inOrder.length] ?? moves[first - 1];
    await edit({ kind: "delete", moves: inOrder });
    setExtent(0);
    choose(next?.id);
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

  const fix = useCallback(
    (finding: Finding, k: number) => {
      const chosen = finding.fixes[k];
      if (chosen) edit(chosen.edit);
    },
    [edit],
  );

  const fixHere = () => {
    const finding = written?.readings.findings.find((f) => f.move === focusId && f.fixes.length > 0);
    if (finding) fix(finding, 0);
  };

  const nameSection = () => {
    const section = written?.readings.sections.find((s) => focus >= s.first && focus <= s.last);
    if (section) setOpen({ section });
  };

  const again = async (kind: "again" | "otherSide") => {
    if (inOrder.length === 0) return;
    await edit({ kind, moves: inOrder });
  };

  const pickFields = () => focusId && setOpen("move");

  const commands: Record<string, () => void> = {
    ".": () => line.current?.focus(),
    t: () => edit({ kind: "setCounting", moves: inOrder, counting: "then" }),
    m: () => edit({ kind: "setCounting", moves: inOrder, counting: "together" }),
    n: () => edit({ kind: "setCounting", moves: inOrder, counting: "own" }),
    u: () => edit({ kind: "setCounting", moves: inOrder, counting: "uncounted" }),
    r: () => again("again"),
    s: () => again("otherSide"),
    d: cut,
    e: nameSection,
    l: () => inOrder.length > 0 && setOpen("link"),
    w: nextFinding,
    x: fixHere,
    "?": () => setOpen("keys"),
    Enter: pickFields,
    Delete: remove,
    Backspace: remove,
  };
  const readOnly = new Set(["?", "w"]);

  const onKey = (e: React.KeyboardEvent) => {
    const target = e.target as HTMLElement;
    const ctrl = e.ctrlKey || e.metaKey;
    if (ctrl && !target.closest("textarea,input,select")) {
      const key = e.key.toLowerCase();
      if (key === "z" && !e.shiftKey) editor.undo();
      else if (key === "y" || (key === "z" && e.shiftKey)) editor.redo();
      else return;
      e.preventDefault();
      return;
    }
    if (target.closest("input,textarea,select,[role=dialog],[role=menu]")) return;
    if (e.key === "ArrowDown" || e.key === "ArrowUp") {
      const by = e.key === "ArrowDown" ? 1 : -1;
      e.preventDefault();
      if (e.altKey && stored.mayEdit) edit({ kind: "shift", moves: inOrder, by });
      else step(by, e.shiftKey);
      return;
    }
    if (ctrl || e.altKey) return;
    if (target.closest("a,button") && e.key === "Enter") return;
    const command = commands[e.key];
    if (!command || (!stored.mayEdit && !readOnly.has(e.key))) return;
    e.preventDefault();
    command();
  };

  // Keys work wherever nothing else has the focus.
  const onKeyRef = useRef(onKey);
  onKeyRef.current = onKey;
  useEffect(() => {
    const outside = (e: KeyboardEvent) => {
      if (e.target === document.body) onKeyRef.current(e as unknown as React.KeyboardEvent);
    };
    window.addEventListener("keydown", outside);
    return () => window.removeEventListener("keydown", outside);
  }, []);

  const shown = written?.form;
  const headings = useHeadings();
  if (!written || !shown) return <Waiting error={editor.problem ? new Error(editor.problem) : undefined} />;

  const focusMove = shown.moves?.find((m) => m.id === focusId);
  const focusReading = moves[focus];
  const lastMove = moves.at(-1);
  const atEnd = focus < 0 || focus === moves.length - 1;
  const afterWords =
    moves.length === 0
      ? "first"
      : atEnd
        ? "at the end"
        : `after ${focusReading?.count ? `count ${focusReading.count}` : "the move chosen"}`;
  const added = (next: Written, last: string | undefined) => {
    editor.take(next);
    setExtent(0);
    if (last) choose(last);
  };

  return (
    <main ref={page} className="flex min-h-0 flex-1 flex-col" onKeyDown={onKey}>
      <header className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line px-4 py-2">
        <h1 className="text-2xl">
          {stored.mayEdit ? (
            <button
              type="button"
              className="hover:underline"
              title="Name, opening and what is declared"
              onClick={() => setOpen("header")}
            >
              {shown.title}
            </button>
          ) : (
            shown.title
          )}
        </h1>
        <span className="text-ink-soft">
          {written.readings.counts} counts
          {written.readings.findings.length > 0 && (
            <>
              {" · "}
              <button type="button" className="text-reed underline" onClick={nextFinding}>
                {written.readings.findings.length} {written.readings.findings.length === 1 ? "finding" : "findings"}
              </button>
            </>
          )}
        </span>
        <fieldset className="flex items-center gap-1 text-sm">
          <legend className="sr-only">Layers shown</legend>
          {(
            [
              ["all", { feet: true, hands: true }],
              ["feet only", { feet: true, hands: false }],
              ["hands only", { feet: false, hands: true }],
            ] as const
          ).map(([name, value]) => (
            <label
              key={name}
              className={`cursor-pointer rounded px-2 py-1 has-focus-visible:outline-3 has-focus-visible:outline-focus ${
                layers.feet === value.feet && layers.hands === value.hands
                  ? "bg-water-soft font-semibold text-water"
                  : "hover:bg-sunk"
              }`}
            >
              <input
                type="radio"
                name="layers"
                className="sr-only"
                checked={layers.feet === value.feet && layers.hands === value.hands}
                onChange={() => setLayers(value)}
              />
              {name}
            </label>
          ))}
        </fieldset>
        <span className="ml-auto flex items-center gap-2">
          {stored.mayEdit && (
            <>
              <SaveStatus editor={editor} onCopied={(copy) => navigate(`/forms/${copy}`)} />
              <Button kind="quiet" disabled={!editor.canUndo} onClick={editor.undo} title="Ctrl Z">
                Undo
              </Button>
              <Button kind="quiet" disabled={!editor.canRedo} onClick={editor.redo} title="Ctrl Y">
                Redo
              </Button>
            </>
          )}
          <FormMenu commands={commands} mayEdit={stored.mayEdit} stored={stored} />
        </span>
      </header>
      {editor.problem && (
        <p role="alert" className="bg-ember-soft px-4 py-2 text-ember">
          {editor.problem}
        </p>
      )}
      {editor.recovered && editor.saveState !== "saved" && (
        <p className="bg-reed-soft px-4 py-2">
          Work that was not saved last time was found in this browser and put back.
        </p>
      )}
      <div className="grid min-h-0 flex-1 lg:grid-cols-[minmax(0,1fr)_minmax(20rem,27rem)]">
        <div className="order-2 flex min-h-0 flex-col lg:order-1 lg:h-[calc(100dvh-7.2rem)]">
          <div className="min-h-0 flex-1 overflow-y-auto px-2 pb-4 sm:px-4">
            {moves.length === 0 ? (
              <EmptyScore />
            ) : (
              <Score
                form={shown}
                readings={written.readings}
                applications={applications.data ?? []}
                formId={stored.id}
                selected={selected}
                layers={layers}
                onSelect={select}
                onOpen={() => stored.mayEdit && setOpen("move")}
                onFix={fix}
                onNameSection={(section) => setOpen({ section })}
                mayEdit={stored.mayEdit}
              />
            )}
          </div>
          {stored.mayEdit && (
            <WriteLine
              formId={stored.id}
              form={shown}
              after={focusId && focus >= 0 ? focusId : lastMove?.id}
              afterWords={afterWords}
              onAdd={added}
              onLeave={() => {
                line.current?.blur();
                if (focus < 0 && lastMove) choose(lastMove.id);
              }}
              inputRef={line}
            />
          )}
        </div>
        <aside
          aria-label="Floor"
          className="order-1 border-line bg-sheet max-lg:sticky max-lg:top-0 max-lg:z-20 max-lg:border-b lg:order-2 lg:border-l"
        >
          <FloorView readings={written.readings} selected={focus} />
          <div className="hidden border-t border-line px-3 py-2 lg:block">
            <Standing reading={focusReading} start={written.readings.start} />
            <label className="mt-3 flex items-center gap-2 text-sm text-ink-soft">
              Performer's height
              <input
                type="number"
                min={80}
                max={230}
                className="w-20 rounded border border-line-strong bg-sheet px-2 py-0.5 text-ink"
                defaultValue={editor.heightCm}
                onBlur={(e) => {
                  const cm = Number(e.target.value);
                  if (cm >= 80 && cm <= 230) editor.changeHeight(cm);
                  else e.target.value = String(editor.heightCm);
                }}
                onKeyDown={(e) => e.key === "Enter" && e.currentTarget.blur()}
              />
              cm
            </label>
          </div>
        </aside>
      </div>
      {open === "keys" && <KeysSheet onClose={() => setOpen(undefined)} />}
      {open === "move" && focusMove && focusReading && (
        <MovePanel
          move={focusMove}
          count={focusReading.count}
          headings={headings}
          onClose={() => setOpen(undefined)}
          onKeep={(move) => {
            edit({ kind: "rewrite", move });
            setOpen(undefined);
          }}
        />
      )}
      {open === "link" && (
        <LinkSheet
          formId={stored.id}
          moves={inOrder}
          words={linkWords(moves.filter((m) => inOrder.includes(m.id)))}
          onClose={() => setOpen(undefined)}
        />
      )}
      {open === "header" && (
        <HeaderSheet
          form={shown}
          onClose={() => setOpen(undefined)}
          onKeep={(header) => {
            edit({ kind: "setHeader", ...header });
            setOpen(undefined);
          }}
        />
      )}
      {typeof open === "object" && (
        <NameSectionSheet
          section={open.section}
          onClose={() => setOpen(undefined)}
          onKeep={(name) => {
            edit({ kind: "nameSection", section: open.section.id, name });
            setOpen(undefined);
          }}
        />
      )}
    </main>
  );
}
