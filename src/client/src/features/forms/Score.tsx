import { memo, useEffect, useRef } from "react";
import type { Schemas } from "../../api/client";
import { grouped } from "../../ui/grouped";
import { SideMark } from "../../ui/SideMark";
import { useStable } from "../../ui/useStable";
import type { Layers } from "./layers";
import { RowRemarks } from "./RowRemarks";
import type { Accepted, Finding, FormDocument, MoveReading, Readings, SectionReading } from "./types";
import { breathWords, gazeWords, tempoWords } from "./words";

type Application = Schemas["ApplicationResponse"];

interface Props {
  form: FormDocument;
  readings: Readings;
  applications: Application[];
  formId: string;
  selected: readonly string[];
  layers: Layers;
  onSelect: (id: string, extend: boolean) => void;
  onOpen: (id: string) => void;
  onFix: (finding: Finding, fix: number) => void;
  onAccept: (finding: Finding) => void;
  onReopen: (accepted: Accepted) => void;
  onAlternative: (move: string, index: number, does: "use" | "drop") => void;
  onNameSection: (section: SectionReading) => void;
  mayEdit: boolean;
}

/** The form to read down: section spine, counts, and the layers in steady columns. */
export function Score(props: Props) {
  const { form, readings, applications, formId } = props;
  // A row draws itself anew only when its own move says something else.
  const onSelect = useStable(props.onSelect);
  const onOpen = useStable(props.onOpen);
  const onFix = useStable(props.onFix);
  const onAccept = useStable(props.onAccept);
  const onReopen = useStable(props.onReopen);
  const onAlternative = useStable(props.onAlternative);
  const sectionOf = new Map<number, SectionReading>();
  for (const s of readings.sections) for (let i = s.first; i <= s.last; i++) sectionOf.set(i, s);
  const findings = grouped(readings.findings, (f) => f.move);
  const accepted = grouped(readings.accepted, (a) => a.move);
  const starts = new Map<string, Application[]>();
  const covered = new Map<string, number>();
  for (const application of applications)
    for (const link of application.links.filter((l) => l.formId === formId)) {
      starts.set(link.firstMove, [...(starts.get(link.firstMove) ?? []), application]);
      const first = form.moves?.findIndex((m) => m.id === link.firstMove) ?? -1;
      const last = form.moves?.findIndex((m) => m.id === link.lastMove) ?? -1;
      for (let i = first; i >= 0 && i <= last; i++) {
        const id = form.moves?.[i]?.id ?? "";
        covered.set(id, (covered.get(id) ?? 0) + 1);
      }
    }
  return (
    <div role="grid" aria-label={`Score of ${form.title}`} aria-rowcount={readings.moves.length} className="score-grid">
      <div role="row" className="score-head sticky top-0 z-10 bg-paper text-sm text-ink-soft">
        <span role="columnheader" className="col-count">
          Count
        </span>
        <span role="columnheader" className="col-feet">
          Feet
        </span>
        <span role="columnheader" className="col-facing">
          Facing
        </span>
        <span role="columnheader" className="col-left">
          Left hand
        </span>
        <span role="columnheader" className="col-right">
          Right hand
        </span>
        <span role="columnheader" className="col-voice">
          Voice
        </span>
      </div>
      {readings.moves.map((move, i) => {
        const section = sectionOf.get(i);
        const id = form.moves?.[i]?.id ?? "";
        return (
          <div key={move.id} role="rowgroup" className="score-move">
            {section && section.first === i && (
              <SectionHead section={section} order={readings.sections.indexOf(section)} props={props} />
            )}
            <Row
              move={move}
              note={form.moves?.[i]?.note ?? ""}
              breath={form.moves?.[i]?.breath ?? null}
              tempo={form.moves?.[i]?.tempo ?? null}
              gaze={form.moves?.[i]?.gaze ?? null}
              order={section ? readings.sections.indexOf(section) : -1}
              selected={props.selected.includes(move.id)}
              focused={props.selected.at(-1) === move.id}
              layers={props.layers}
              findings={findings.get(move.id)}
              accepted={accepted.get(move.id)}
              applications={starts.get(id)}
              covered={covered.has(id)}
              onSelect={onSelect}
              onOpen={onOpen}
              onFix={onFix}
              onAccept={onAccept}
              onReopen={onReopen}
              onAlternative={onAlternative}
              mayEdit={props.mayEdit}
              index={i}
            />
          </div>
        );
      })}
    </div>
  );
}

function band(order: number) {
  return order < 0 ? "transparent" : `var(--band-${(order % 6) + 1})`;
}

function SectionHead({ section, order, props }: { section: SectionReading; order: number; props: Props }) {
  const counts =
    section.firstCount === 0
      ? "no counts"
      : section.firstCount === section.lastCount
        ? `count ${section.firstCount}`
        : `counts ${section.firstCount}–${section.lastCount}`;
  return (
    <div role="row" className="score-section" style={{ borderLeftColor: band(order) }}>
      <div role="gridcell" className="flex flex-wrap items-baseline gap-x-3 px-2 pt-4 pb-1">
        <h2 className="text-lg">
          <span
            className="mr-2 inline-block min-w-7 rounded px-1.5 text-center text-ink"
            style={{ background: band(order) }}
          >
            {section.letter}
          </span>
          {props.mayEdit ? (
            <button type="button" className="hover:underline" onClick={() => props.onNameSection(section)}>
              {section.name || "Name this section"}
            </button>
          ) : (
            section.name
          )}
        </h2>
        <span className="text-sm text-ink-soft">
          {counts} · starts from: {section.startPosition}
        </span>
      </div>
    </div>
  );
}

export interface RowProps {
  move: MoveReading;
  note: string;
  breath: string | null;
  tempo: string | null;
  gaze: string | null;
  order: number;
  index: number;
  selected: boolean;
  focused: boolean;
  layers: Layers;
  findings: Finding[] | undefined;
  accepted: Accepted[] | undefined;
  applications: Application[] | undefined;
  covered: boolean;
  mayEdit: boolean;
  onSelect: (id: string, extend: boolean) => void;
  onOpen: (id: string) => void;
  onFix: Props["onFix"];
  onAccept: Props["onAccept"];
  onReopen: Props["onReopen"];
  onAlternative: Props["onAlternative"];
}

const Row = memo(function Row(props: RowProps) {
  const { move, layers } = props;
  const { posture } = move;
  const ref = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (props.focused) ref.current?.scrollIntoView({ block: "nearest" });
  }, [props.focused]);
  const hasAlternatives = move.alternatives.length > 0;
  return (
    <div
      ref={ref}
      role="row"
      tabIndex={-1}
      aria-selected={props.selected}
      aria-rowindex={props.index + 1}
      data-move={move.id}
      className={`score-row ${move.beginsCount ? "score-begins" : ""} ${props.selected ? "score-selected" : ""}`}
      style={{ borderLeftColor: band(props.order) }}
      onMouseDown={(e) => {
        if ((e.target as HTMLElement).closest("a,button")) return;
        props.onSelect(move.id, e.shiftKey);
      }}
      onDoubleClick={() => props.onOpen(move.id)}
    >
      <span role="gridcell" className="col-count font-title text-xl tabular-nums">
        {move.count === 0 ? (
          <span className="text-base text-ink-soft" title="No count">
            –
          </span>
        ) : move.beginsCount ? (
          move.count
        ) : (
          <span className="text-sm text-ink-soft">{move.count} cont.</span>
        )}
      </span>
      <Deed
        lead={posture.lead}
        stanceName={posture.stanceName}
        heading={posture.heading}
        headingName={posture.headingName}
        feet={move.feet}
        turn={move.turn}
        kick={move.kick}
        hands={move.hands}
        inferred={move.inferred}
        shout={move.shout}
        tempo={props.tempo}
        breath={props.breath}
        gaze={props.gaze}
        layers={layers}
      />
      {props.covered && <span className="col-linked" role="gridcell" title="An application explains this move" />}
      {(props.applications ||
        props.findings ||
        props.accepted ||
        props.note ||
        move.weapon ||
        move.stepAdjustCm !== 0 ||
        hasAlternatives) && (
        <span role="gridcell" className="col-below flex flex-col gap-1 pr-3 text-sm">
          <RowRemarks {...props} />
        </span>
      )}
    </div>
  );
});

type DeedProps = Pick<MoveReading["posture"], "lead" | "stanceName" | "heading" | "headingName"> &
  Pick<MoveReading, "feet" | "turn" | "kick" | "hands" | "inferred" | "shout"> &
  Pick<RowProps, "tempo" | "breath" | "gaze" | "layers">;

/** What is done in a row. It does not know its count or where on the floor it is: a move put in above changes only those. */
const Deed = memo(function Deed(deed: DeedProps) {
  const { layers } = deed;
  const left = deed.hands.filter((h) => h.hand === "left");
  const right = deed.hands.filter((h) => h.hand === "right");
  const both = deed.hands.filter((h) => h.hand === "both");
  const guessed = new Set(deed.inferred);
  return (
    <>
      <span role="gridcell" className="col-feet">
        {layers.feet && (
          <>
            <span className="flex items-center gap-1.5">
              {deed.lead && <SideMark side={deed.lead} faint={guessed.has("lead")} />}
              <span className={guessed.has("stance") ? "italic" : ""}>{deed.stanceName}</span>
            </span>
            {deed.feet && <span className="block text-sm text-ink-soft">{deed.feet}</span>}
          </>
        )}
        {deed.kick && (
          <span className="mt-0.5 flex items-center gap-1.5">
            <SideMark side={deed.kick.foot} faint={deed.kick.inferred} />
            <span>
              <b>{deed.kick.name}</b>
              {deed.kick.level && <span className="text-ink-soft"> {deed.kick.level}</span>}
            </span>
          </span>
        )}
      </span>
      <span role="gridcell" className="col-facing">
        {layers.feet && (
          <span className="flex items-start gap-1.5">
            <Compass heading={deed.heading} turned={deed.turn !== 0} />
            <span className="leading-tight">
              <span className={deed.turn === 0 ? "text-ink-soft" : ""}>{deed.headingName}</span>
              {deed.turn !== 0 && (
                <span className="block text-sm text-ink-soft">
                  {Math.abs(deed.turn)}° {deed.turn > 0 ? "right" : "left"}
                </span>
              )}
            </span>
          </span>
        )}
      </span>
      {both.length > 0 ? (
        <span role="gridcell" className="col-both">
          {layers.hands && <Hands hands={both} />}
        </span>
      ) : null}
      {both.length === 0 || left.length > 0 || right.length > 0 ? (
        <>
          <span role="gridcell" className="col-left">
            {layers.hands && <Hands hands={left} />}
          </span>
          <span role="gridcell" className="col-right">
            {layers.hands && <Hands hands={right} />}
          </span>
        </>
      ) : null}
      <span role="gridcell" className="col-voice text-sm">
        {deed.shout && <b className="rounded bg-ember-soft px-1.5 py-0.5 text-ember">shout</b>}
        {deed.tempo && <span className="block text-ink-soft">{tempoWords[deed.tempo] ?? deed.tempo}</span>}
        {deed.breath && <span className="block text-ink-soft">{breathWords[deed.breath] ?? deed.breath}</span>}
        {deed.gaze && <span className="block text-ink-soft">{gazeWords[deed.gaze] ?? deed.gaze}</span>}
      </span>
    </>
  );
});

function Hands({ hands }: { hands: MoveReading["hands"] }) {
  return (
    <>
      {hands.map((h, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a hand may be said to do the same thing twice
        <span key={k} className="flex items-center gap-1.5">
          <SideMark side={h.hand} faint={h.inferred} />
          <span>
            {h.name}
            {h.level && <span className="text-sm text-ink-soft"> {h.level}</span>}
          </span>
        </span>
      ))}
    </>
  );
}

/** A small needle: up is the opening front. */
function Compass({ heading, turned }: { heading: number; turned: boolean }) {
  return (
    <svg viewBox="-10 -10 20 20" className="mt-0.5 size-5 shrink-0" aria-hidden="true">
      <circle r={9} fill="none" stroke="var(--line-strong)" strokeWidth={1} />
      <path
        d="M0 -7.5L3 1.500L0 0L-3 1.500Z"
        transform={`rotate(${heading})`}
        fill={turned ? "var(--reed)" : "var(--line-strong)"}
      />
    </svg>
  );
}
