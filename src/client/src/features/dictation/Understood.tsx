import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { grouped } from "../../ui/grouped";
import { SideMark } from "../../ui/SideMark";
import { centimetres } from "../floor/FloorView";
import { marked, marksOf } from "./Marked";

type Reading = Schemas["DictationResponse"];
type Place = { start: number; length: number };

/** So many moves are told back before what needs a decision; of a longer text the decisions come first. */
export const AtOnce = 6;

/** What was understood, move by move, what was not, and what was taken for granted. */
export function Understood({
  reading,
  text,
  onTeach,
  onInstead,
  onFind,
  onLook,
}: {
  reading: Reading;
  text: string;
  onTeach: (word: string) => void;
  /** Puts other words in the place of some, so that they are read the other way; the last place comes first. */
  onInstead: (places: Place[], instead: string) => void;
  /** Goes to words in the line. */
  onFind: (place: Place) => void;
  /** Shows a move on the floor; none for the last. */
  onLook: (move: string | undefined) => void;
}) {
  const many = reading.moves.length > AtOnce;
  return (
    <div className="flex flex-col gap-1.5">
      {many ? (
        <HowMany reading={reading} />
      ) : (
        reading.moves.map((said, i) => <ToldBack key={said.id} reading={reading} said={said} at={i} />)
      )}
      {many && <ClosingTurns reading={reading} />}
      {many && <Findings reading={reading} />}
      <NotUnderstood reading={reading} onTeach={onTeach} />
      <Unheeded reading={reading} text={text} onFind={onFind} />
      <Guesses reading={reading} text={text} onInstead={onInstead} onFind={onFind} />
      {many && <ProofSheet reading={reading} text={text} onFind={onFind} onLook={onLook} />}
    </div>
  );
}

/** Each move beside the words it was read from: a long text is proofread down one column. */
function ProofSheet({
  reading,
  text,
  onFind,
  onLook,
}: {
  reading: Reading;
  text: string;
  onFind: (place: Place) => void;
  onLook: (move: string | undefined) => void;
}) {
  const marks = marksOf(reading);
  return (
    <section
      aria-label="Each move as it was read"
      className="border-t border-line pt-1.5"
      onPointerLeave={() => onLook(undefined)}
      onBlur={() => onLook(undefined)}
    >
      <p className="text-sm text-ink-soft">
        Your words, and what was read from them; the floor shows the move you point at. What was not said and follows
        from the rest is in <i>italics</i>. Choose words to change them in the line.
      </p>
      {reading.moves.map((said, i) => {
        const { start, length } = said;
        const again = i > 0 && reading.moves[i - 1]?.start === start;
        return (
          <div
            // biome-ignore lint/suspicious/noArrayIndexKey: each reading names its moves anew and takes the place of the one before
            key={i}
            role="group"
            aria-label={said.count > 0 ? `Count ${said.count}` : "Without a count"}
            onPointerEnter={() => onLook(said.id)}
            onFocus={() => onLook(said.id)}
            className="line-move grid gap-x-4 border-b border-line px-1 py-1 sm:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]"
          >
            {again ? (
              <p className="px-1 text-ink-soft">from the same words</p>
            ) : (
              <button
                type="button"
                className="line-words cursor-text self-start px-1 text-left hover:bg-reed-soft"
                title="Change these words in the line"
                onClick={() => onFind({ start, length })}
              >
                {marked(text, marks, start, start + length)}
              </button>
            )}
            <ToldBack reading={reading} said={said} at={i} />
          </div>
        );
      })}
    </section>
  );
}

/** "21 moves on 18 counts." */
function HowMany({ reading }: { reading: Reading }) {
  const counts = new Set(reading.moves.map((m) => m.count).filter((count) => count > 0)).size;
  return (
    <p>
      Read as <b>{reading.moves.length} moves</b> on <b>{counts === 1 ? "one count" : `${counts} counts`}</b>.
    </p>
  );
}

/** Turns that would bring a form back that ends far from where it began; how far off it ends stands under the floor. */
function ClosingTurns({ reading }: { reading: Reading }) {
  if (reading.closingTurns.length === 0) return null;
  return (
    <div className="border-l-4 border-reed bg-reed-soft px-2">
      <p>The form ends far from where it began. It would end near it:</p>
      <ul className="list-disc pl-5">
        {reading.closingTurns.map((t) => (
          <li key={`${t.count} ${t.would}`}>
            if count {t.count} {t.would === 0 ? "did not turn" : `turned ${degrees(t.would)}`} (read as{" "}
            {degrees(t.turned)}): {centimetres(t.endsCm)} off
          </li>
        ))}
      </ul>
    </div>
  );
}

const degrees = (turn: number) => `${Math.abs(turn)}° ${turn > 0 ? "right" : "left"}`;

/** One move, part by part. */
function ToldBack({ reading, said, at }: { reading: Reading; said: Reading["moves"][number]; at: number }) {
  const move = reading.readings.moves.find((m) => m.id === said.id);
  const written = reading.form.moves?.find((m) => m.id === said.id);
  if (!move || !written) return null;
  return (
    <dl className="flex flex-wrap items-center gap-x-4 gap-y-0.5">
      <dt className="sr-only">Count</dt>
      <dd className="min-w-6 text-right font-title text-lg">{said.count || "–"}</dd>
      {move.feet && <Part name="feet">{move.feet}</Part>}
      {move.turn !== 0 && (
        <Part name="turn">
          {Math.abs(move.turn)}° {move.turn > 0 ? "right" : "left"}
        </Part>
      )}
      <Part name="stance" inferred={!written.stance}>
        {move.posture.stanceName}
      </Part>
      {move.posture.lead && (
        <Part name="lead" inferred={move.inferred.includes("lead")}>
          <SideMark side={move.posture.lead} faint={move.inferred.includes("lead")} />
        </Part>
      )}
      <Part name="facing" inferred={written.facing == null && written.turn == null}>
        {move.posture.headingName}
      </Part>
      {move.kick && (
        <Part name="kick" inferred={move.kick.inferred}>
          <SideMark side={move.kick.foot} faint={move.kick.inferred} /> {move.kick.name} {move.kick.level}
        </Part>
      )}
      {move.hands.map((h, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a hand may be said to do the same thing twice
        <Part key={k} name={h.hand === "both" ? "both hands" : `${h.hand} hand`} inferred={h.inferred}>
          <SideMark side={h.hand} faint={h.inferred} /> {h.name} {h.level}
        </Part>
      ))}
      {said.shout && (
        <Part name="voice">
          <b className="text-ember">shout</b>
        </Part>
      )}
      {move.weapon && <Part name="weapon">{move.weapon}</Part>}
      {written.tempo && <Part name="tempo">{written.tempo}</Part>}
      {written.note && <Part name="note">“{written.note}”</Part>}
      {reading.findings
        .filter((f) => f.move === at)
        .map((f) => (
          <dd key={f.rule} className="basis-full border-l-4 border-reed bg-reed-soft px-2">
            {f.message}
          </dd>
        ))}
    </dl>
  );
}

/** What contradicts itself, each with its count. */
function Findings({ reading }: { reading: Reading }) {
  return reading.findings.map((f) => (
    <p key={`${f.rule} ${f.move}`} className="border-l-4 border-reed bg-reed-soft px-2">
      {onCounts(reading, [f.move])}
      {f.message}
    </p>
  ));
}

function NotUnderstood({ reading, onTeach }: { reading: Reading; onTeach: (word: string) => void }) {
  if (reading.unread.length === 0) return null;
  return (
    <p>
      <span className="text-ember">Not understood:</span>{" "}
      {[...new Set(reading.unread.map((u) => u.text))].map((word) => (
        <span key={word} className="mr-2 inline-block">
          “{word}”{" "}
          <Button kind="quiet" className="px-1! py-0! text-water underline sm:min-h-6!" onClick={() => onTeach(word)}>
            this means…
          </Button>{" "}
        </span>
      ))}
    </p>
  );
}

/** What was said and plays no part in the move it was said of: most often that move was misread. */
function Unheeded({ reading, text, onFind }: { reading: Reading; text: string; onFind: (place: Place) => void }) {
  const unheeded = reading.fields.filter((f) => f.unheeded);
  if (unheeded.length === 0) return null;
  return (
    <p>
      <span className="text-ember">Said, but nothing comes from it:</span>{" "}
      {unheeded.map((f) => (
        <span key={f.start} className="mr-2 inline-block">
          {reading.moves.length > 1 && onCounts(reading, [f.move])}
          <Quoted text={text} place={f} onFind={onFind} />{" "}
        </span>
      ))}
    </p>
  );
}

/** Words of the line; choosing them goes there. */
function Quoted({ text, place, onFind }: { text: string; place: Place; onFind: (place: Place) => void }) {
  return (
    <button
      type="button"
      className="cursor-text hover:bg-reed-soft"
      title="Change these words in the line"
      onClick={() => onFind(place)}
    >
      “{text.slice(place.start, place.start + place.length)}”
    </button>
  );
}

/** What was taken for granted; the same guess made several times is told once. */
function Guesses({
  reading,
  text,
  onInstead,
  onFind,
}: {
  reading: Reading;
  text: string;
  onInstead: (places: Place[], instead: string) => void;
  onFind: (place: Place) => void;
}) {
  const guesses = grouped(
    reading.fields.filter((f) => f.assumption),
    (f) => [text.slice(f.start, f.start + f.length), f.assumption, f.instead].join("\n"),
  );
  return [...guesses.values()].map(([first, ...same]) => {
    if (!first) return null;
    return (
      <p key={first.start + first.field} className="text-ink-soft">
        {reading.moves.length > 1 &&
          onCounts(
            reading,
            [first, ...same].map((f) => f.move),
          )}
        {first.length > 0 && (
          <>
            <Quoted text={text} place={first} onFind={onFind} />
            {same.length > 0 && `, ${same.length + 1} times`}:{" "}
          </>
        )}
        {first.assumption}
        {first.instead && (
          <Button
            kind="quiet"
            className="px-1! py-0! text-water underline sm:min-h-6!"
            onClick={() => onInstead([...[...same].reverse(), first], first.instead)}
          >
            No: “{first.instead.trim()}”
          </Button>
        )}
      </p>
    );
  });
}

/** "Counts 3, 5: ", as the marks beside what is told of them. */
function onCounts(reading: Reading, moves: number[]) {
  const counts = [...new Set(moves.map((at) => reading.moves[at]?.count ?? 0).filter((count) => count > 0))];
  if (counts.length === 0) return null;
  return (
    <b className="font-semibold text-ink">
      {counts.length === 1 ? "Count" : "Counts"} {counts.join(", ")}:{" "}
    </b>
  );
}

function Part({ name, inferred = false, children }: { name: string; inferred?: boolean; children: React.ReactNode }) {
  return (
    <div className="flex items-center gap-1.5">
      <dt className="text-sm text-ink-soft">{name}</dt>
      <dd
        className={`flex items-center gap-1 ${inferred ? "italic" : "font-semibold"}`}
        title={inferred ? "Not said; follows from the feet" : undefined}
      >
        {children}
      </dd>
    </div>
  );
}
