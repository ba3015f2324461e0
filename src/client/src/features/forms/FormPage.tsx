import { useQuery } from "@tanstack/react-query";
import { useDeferredValue, useMemo, useRef, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { answer, api } from "../../api/client";
import { Button } from "../../ui/Button";
import { Waiting } from "../../ui/Waiting";
import { LinkSheet } from "../applications/LinkSheet";
import { type Said, WriteLine } from "../dictation/WriteLine";
import { FloorView } from "../floor/FloorView";
import { FigureOfMove } from "../walkthrough/FigureOfMove";
import { FormMenu } from "./FormMenu";
import { EmptyScore, linkWords, Standing, useHeadings } from "./FormParts";
import { HeaderSheet, KeysSheet, NameSectionSheet } from "./FormSheets";
import { type Layers, layerChoices, sameLayers } from "./layers";
import { MovePanel } from "./MovePanel";
import { AcceptSheet, AlternativeSheet, FillSheet, ReplaceSheet, TurnSheet } from "./PassageSheets";
import { SaveStatus } from "./SaveStatus";
import { Score } from "./Score";
import type { EditDocument, FormResponse, Written } from "./types";
import { useFormEditor } from "./useFormEditor";
import { type Open, useScoreCommands } from "./useScoreCommands";
import { useSelection } from "./useSelection";

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

function Editor({ stored }: { stored: FormResponse }) {
  const editor = useFormEditor(stored);
  const [layers, setLayers] = useState<Layers>({ feet: true, hands: true });
  const [open, setOpen] = useState<Open>();
  const [said, setSaid] = useState<Said>();
  const navigate = useNavigate();
  const line = useRef<HTMLTextAreaElement>(null);
  const applications = useQuery({
    queryKey: ["applications", stored.id],
    queryFn: () => answer(api.GET("/api/applications", { params: { query: { formId: stored.id } } })),
  });

  // On a small screen the floor alone stays in view.
  const wide = useMemo(() => matchMedia("(min-width: 64rem)").matches, []);
  const written = editor.written;
  const moves = written?.readings.moves ?? [];
  const selection = useSelection(moves);
  const { focusId, focus, selected, inOrder, select, chooseOnly } = selection;
  const { commands, onKey, fix, nextFinding, times } = useScoreCommands({
    editor,
    selection,
    mayEdit: stored.mayEdit,
    line,
    setOpen,
    layers,
    setLayers,
  });
  const close = () => setOpen(undefined);
  const editAndClose = (edit: EditDocument) => {
    editor.edit(edit);
    close();
  };

  // What was typed or pressed shows in the score at once; the floor with its many footprints follows in the next moment.
  const onFloor = useDeferredValue(
    useMemo(
      () =>
        written && {
          readings: said?.readings ?? written.readings,
          selected: said?.at ?? focus,
          remark: said && "With what stands in the line, not added yet.",
        },
      [written, said, focus],
    ),
  );

  const shown = written?.form;
  const headings = useHeadings();
  if (!written || !shown) return <Waiting error={editor.problem ? new Error(editor.problem) : undefined} />;

  const focusMove = shown.moves?.find((m) => m.id === focusId);
  const focusReading = moves[focus];
  const chosenWords = linkWords(moves.filter((m) => inOrder.includes(m.id)));
  const lastMove = moves.at(-1);
  const atEnd = focus < 0 || focus === moves.length - 1;
  const closes = focus < 0 && moves.some((m) => m.count > 0) && lastMove?.count === 0;
  const afterWords =
    moves.length === 0
      ? "first"
      : atEnd
        ? focus < 0 && closes
          ? "at the end, before the closing"
          : "at the end"
        : `after ${focusReading?.count ? `count ${focusReading.count}` : "the move chosen"}`;
  const added = (next: Written, last: string | undefined) => {
    editor.take(next);
    if (last) chooseOnly(last);
  };

  return (
    <main className="flex min-h-0 flex-1 flex-col" onKeyDown={onKey}>
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
          {layerChoices.map(([name, value]) => (
            <label
              key={name}
              className={`cursor-pointer rounded px-2 py-1 has-focus-visible:outline-3 has-focus-visible:outline-focus ${
                sameLayers(layers, value) ? "bg-water-soft font-semibold text-water" : "hover:bg-sunk"
              }`}
            >
              <input
                type="radio"
                name="layers"
                className="sr-only"
                checked={sameLayers(layers, value)}
                onChange={() => setLayers(value)}
              />
              {name}
            </label>
          ))}
        </fieldset>
        <span className="ml-auto flex flex-wrap items-center justify-end gap-x-2">
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
          <Link className="rounded px-2 py-1 text-water underline" to={`/forms/${stored.id}/walk`}>
            Walk through
          </Link>
          <Link className="rounded px-2 py-1 text-water underline" to={`/forms/${stored.id}/floor`}>
            Floor and room
          </Link>
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
          <div
            className="min-h-0 flex-1 overflow-y-auto px-2 pb-4 sm:px-4"
            tabIndex={moves.length === 0 ? 0 : undefined}
          >
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
                onAccept={(accept) => setOpen({ accept })}
                onReopen={({ move, rule, message }) => editor.edit({ kind: "reopen", move, rule, message })}
                onAlternative={(move, index, does) =>
                  editor.edit({ kind: does === "use" ? "useAlternative" : "dropAlternative", move, index })
                }
                onNameSection={(section) => setOpen({ section })}
                mayEdit={stored.mayEdit}
              />
            )}
          </div>
          {stored.mayEdit && (
            <WriteLine
              formId={stored.id}
              form={shown}
              heightCm={editor.heightCm}
              after={focusId && focus >= 0 ? focusId : undefined}
              afterWords={afterWords}
              onAdd={added}
              onSaid={setSaid}
              onLeave={() => {
                line.current?.blur();
                if (focus < 0 && lastMove) chooseOnly(lastMove.id);
              }}
              inputRef={line}
            />
          )}
        </div>
        <aside
          aria-label="Floor"
          className="order-1 min-h-0 border-line bg-sheet lg:max-h-[calc(100dvh-7.2rem)] lg:overflow-y-auto max-lg:sticky max-lg:top-0 max-lg:z-20 max-lg:border-b lg:order-2 lg:border-l"
        >
          {onFloor && <FloorView {...onFloor} />}
          {wide && focusId && focusReading && (
            <FigureOfMove form={shown} move={focusId} heightCm={editor.heightCm} words={focusReading.words} />
          )}
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
      {times > 1 && (
        <p role="status" className="fixed bottom-32 left-4 z-30 rounded bg-ink px-3 py-1 text-paper">
          {times} times: press r to repeat, s to alternate sides
        </p>
      )}
      {open === "keys" && <KeysSheet onClose={close} />}
      {open === "fill" && <FillSheet moves={inOrder} words={chosenWords} onClose={close} onEdit={editAndClose} />}
      {open === "turn" && <TurnSheet moves={inOrder} words={chosenWords} onClose={close} onEdit={editAndClose} />}
      {open === "replace" && (
        <ReplaceSheet form={shown} moves={inOrder} words={chosenWords} onClose={close} onEdit={editAndClose} />
      )}
      {open === "alternative" && focusId && focusReading && (
        <AlternativeSheet
          form={shown}
          move={focusId}
          words={focusReading.words}
          onClose={close}
          onEdit={editAndClose}
        />
      )}
      {typeof open === "object" && "accept" in open && (
        <AcceptSheet finding={open.accept} onClose={close} onEdit={editAndClose} />
      )}
      {open === "move" && focusMove && focusReading && (
        <MovePanel
          move={focusMove}
          count={focusReading.count}
          headings={headings}
          onClose={close}
          onKeep={(move) => editAndClose({ kind: "rewrite", move })}
        />
      )}
      {open === "link" && <LinkSheet formId={stored.id} moves={inOrder} words={chosenWords} onClose={close} />}
      {open === "header" && (
        <HeaderSheet
          form={shown}
          onClose={close}
          onKeep={({ weapon, ...header }) => {
            editor.edit({ kind: "setHeader", ...header }, { kind: "setWeapon", weapon });
            close();
          }}
        />
      )}
      {typeof open === "object" && "section" in open && (
        <NameSectionSheet
          section={open.section}
          onClose={close}
          onKeep={(name) => editAndClose({ kind: "nameSection", section: open.section.id, name })}
        />
      )}
    </main>
  );
}
