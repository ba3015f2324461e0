import { type RefObject, useEffect, useLayoutEffect, useRef, useState } from "react";
import { answer, api, Problem, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { keep, recall } from "../../ui/kept";
import { SideMark } from "../../ui/SideMark";
import type { FormDocument, Written } from "../forms/types";
import { TeachWord } from "../terms/TeachWord";

type Reading = Schemas["DictationResponse"];

interface Props {
  formId: string;
  form: FormDocument;
  /** The move after which new ones go; none for the end. */
  after: string | undefined;
  afterWords: string;
  onAdd: (written: Written, lastAdded: string | undefined) => void;
  onLeave: () => void;
  inputRef: RefObject<HTMLTextAreaElement | null>;
}

const settleMs = 70;

/** One line that takes the words an instructor would say, and shows at once what it understood. */
export function WriteLine({ formId, form, after, afterWords, onAdd, onLeave, inputRef }: Props) {
  const key = `heron.line.${formId}`;
  const [text, setText] = useState("");
  const touched = useRef(false);
  const write = (words: string) => {
    touched.current = true;
    setText(words);
  };
  const [reading, setReading] = useState<{
    of: string;
    form: FormDocument;
    after: string | undefined;
    value: Reading;
  }>();
  const [problem, setProblem] = useState<string>();
  const [teaching, setTeaching] = useState<string>();
  const adding = useRef(false);
  const marks = useRef<HTMLDivElement>(null);

  useEffect(() => {
    let current = true;
    recall(key).then((words) => {
      if (!current || !words || touched.current) return;
      touched.current = true;
      setText(words);
    });
    return () => {
      current = false;
    };
  }, [key]);

  useEffect(() => {
    if (touched.current) keep(key, text || undefined);
  }, [key, text]);

  useEffect(() => {
    if (text.trim() === "") {
      setReading(undefined);
      setProblem(undefined);
      return;
    }
    const abort = new AbortController();
    const timer = setTimeout(() => {
      dictate(text, form, after, abort.signal)
        .then((value) => {
          setReading({ of: text, form, after, value });
          setProblem(undefined);
        })
        .catch((error) => {
          if (!abort.signal.aborted) setProblem(error instanceof Problem ? error.words : String(error));
        });
    }, settleMs);
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [text, form, after]);

  // As tall as its words, up to a few lines; beyond that the marks are scrolled along with it.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the height follows the text
  useLayoutEffect(() => {
    const line = inputRef.current;
    if (!line) return;
    line.style.height = "auto";
    line.style.height = `${line.scrollHeight + line.offsetHeight - line.clientHeight}px`;
  }, [text, inputRef]);

  const add = async () => {
    if (text.trim() === "" || adding.current) return;
    adding.current = true;
    try {
      const fresh = reading && reading.of === text && reading.form === form && reading.after === after;
      const value = fresh ? reading.value : await dictate(text, form, after);
      // A shout alone changes the move before; the opening may be what it was already. Anything else must add a move.
      const changes = !sameForm(value.form, form) || value.fields.some((f) => f.field === "stance");
      if (!changes) {
        setProblem("Nothing in these words is a move yet. Say a step, a stance or a technique.");
        return;
      }
      onAdd({ form: value.form, readings: value.readings }, value.moves.at(-1)?.id);
      write("");
    } catch (error) {
      setProblem(error instanceof Problem ? error.words : String(error));
    } finally {
      adding.current = false;
    }
  };

  const shown = reading && text.trim() !== "" ? reading.value : undefined;
  return (
    <section aria-label="Write" className="border-t-2 border-line-strong bg-sheet px-3 pt-2 pb-2">
      <label htmlFor="say" className="flex flex-wrap items-baseline justify-between gap-x-4 text-sm text-ink-soft">
        <span>
          Say the next move, as you would aloud — it goes <b>{afterWords}</b>
        </span>
        <span className="hidden sm:inline">Enter adds it · Escape goes back to the score</span>
      </label>
      <div className="relative mt-1">
        <Marked ref={marks} text={text} reading={shown && reading?.of === text ? shown : undefined} />
        <textarea
          id="say"
          ref={inputRef}
          rows={1}
          onScroll={(e) => {
            if (marks.current) marks.current.scrollTop = e.currentTarget.scrollTop;
          }}
          value={text}
          onChange={(e) => write(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === "Enter" && !e.shiftKey) {
              e.preventDefault();
              add();
            }
            if (e.key === "Escape") onLeave();
          }}
          spellCheck={false}
          autoComplete="off"
          placeholder="step with the left foot to nine o'clock, left front stance, left low block"
          className="line-text relative block max-h-48 w-full resize-none border-b-2 border-water bg-transparent px-1 py-1.5 text-xl"
        />
      </div>
      <div className="min-h-[3.4rem] pt-1.5 text-[0.95rem]" aria-live="polite">
        {problem && <p className="text-ember">{problem}</p>}
        {shown && (
          <Understood
            reading={shown}
            text={reading?.of ?? ""}
            onTeach={setTeaching}
            onInstead={(start, length, instead) => {
              write(text.slice(0, start) + instead + text.slice(start + length));
              inputRef.current?.focus();
            }}
          />
        )}
        {!shown && !problem && (
          <p className="text-ink-soft">
            Also: “again”, “same on the other side”, “three times alternating”, “end of section”. A full stop begins the
            next count.
          </p>
        )}
      </div>
      {teaching && (
        <TeachWord
          word={teaching}
          onClose={() => {
            setTeaching(undefined);
            inputRef.current?.focus();
          }}
          onTaught={() => {
            setTeaching(undefined);
            dictate(text, form, after)
              .then((value) => setReading({ of: text, form, after, value }))
              .catch((error) => setProblem(error instanceof Problem ? error.words : String(error)));
            inputRef.current?.focus();
          }}
        />
      )}
    </section>
  );
}

function dictate(text: string, form: FormDocument, after: string | undefined, signal?: AbortSignal) {
  return answer(api.POST("/api/dictation", { body: { text, form, after: after ?? null }, signal }));
}

function sameForm(a: FormDocument, b: FormDocument) {
  return JSON.stringify(a) === JSON.stringify(b);
}

/** The same words under the line, with what was not understood marked in place. */
function Marked({
  text,
  reading,
  ref,
}: {
  text: string;
  reading: Reading | undefined;
  ref: RefObject<HTMLDivElement | null>;
}) {
  const marks = [
    ...(reading?.unread ?? []).map((u) => ({ start: u.start, length: u.length, look: "line-unread" })),
    ...(reading?.fields ?? [])
      .filter((f) => f.assumption && f.length > 0)
      .map((f) => ({ start: f.start, length: f.length, look: "line-assumed" })),
  ].sort((a, b) => a.start - b.start);
  const parts = [];
  let at = 0;
  for (const mark of marks) {
    if (mark.start < at) continue;
    parts.push(text.slice(at, mark.start));
    parts.push(
      <mark key={mark.start} className={mark.look}>
        {text.slice(mark.start, mark.start + mark.length)}
      </mark>,
    );
    at = mark.start + mark.length;
  }
  parts.push(text.slice(at));
  return (
    <div
      ref={ref}
      aria-hidden="true"
      className="line-text pointer-events-none absolute inset-0 overflow-hidden px-1 py-1.5 text-xl"
    >
      {parts}
    </div>
  );
}

function Understood({
  reading,
  text,
  onTeach,
  onInstead,
}: {
  reading: Reading;
  text: string;
  onTeach: (word: string) => void;
  /** Puts other words in the place of some, so that they are read the other way. */
  onInstead: (start: number, length: number, instead: string) => void;
}) {
  const assumptions = reading.fields.filter((f) => f.assumption);
  return (
    <div className="flex flex-col gap-1.5">
      {reading.moves.slice(0, 6).map((said, i) => {
        const move = reading.readings.moves.find((m) => m.id === said.id);
        const written = reading.form.moves?.find((m) => m.id === said.id);
        if (!move || !written) return null;
        return (
          <dl key={said.id} className="flex flex-wrap items-center gap-x-4 gap-y-0.5">
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
              .filter((f) => f.move === i)
              .map((f) => (
                <dd key={f.rule} className="basis-full border-l-4 border-reed bg-reed-soft px-2">
                  {f.message}
                </dd>
              ))}
          </dl>
        );
      })}
      {reading.moves.length > 6 && (
        <p className="text-ink-soft">
          {reading.moves.length === 7 ? "and one more move." : `and ${reading.moves.length - 6} more moves.`}
        </p>
      )}
      {reading.unread.length > 0 && (
        <p>
          <span className="text-ember">Not understood:</span>{" "}
          {[...new Set(reading.unread.map((u) => u.text))].map((word) => (
            <span key={word} className="mr-2 whitespace-nowrap">
              “{word}”{" "}
              <Button kind="quiet" className="min-h-0 px-1 py-0 text-water underline" onClick={() => onTeach(word)}>
                this means…
              </Button>
            </span>
          ))}
        </p>
      )}
      {assumptions.map((a) => (
        <p key={`${a.start}${a.field}`} className="text-ink-soft">
          {a.length > 0 && `“${text.slice(a.start, a.start + a.length)}”: `}
          {a.assumption}
          {a.instead && (
            <Button
              kind="quiet"
              className="min-h-0 px-1 py-0 text-water underline"
              onClick={() => onInstead(a.start, a.length, a.instead)}
            >
              No: “{a.instead}”
            </Button>
          )}
        </p>
      ))}
    </div>
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
