import { type RefObject, useEffect, useLayoutEffect, useRef, useState } from "react";
import { answer, api, type Schemas, whyNot } from "../../api/client";
import { keep, recall } from "../../ui/kept";
import type { FormDocument, Written } from "../forms/types";
import { TeachWord } from "../terms/TeachWord";
import { Marked } from "./Marked";
import { AtOnce, Understood } from "./Understood";

type Reading = Schemas["DictationResponse"];

interface Props {
  formId: string;
  form: FormDocument;
  /** Whose floor is shown. */
  heightCm: number;
  /** The move after which new ones go; none for the end. */
  after: string | undefined;
  afterWords: string;
  onAdd: (written: Written, lastAdded: string | undefined) => void;
  /** What the words would lead to, as long as they stand in the line. */
  onSaid: (said: Said | undefined) => void;
  onLeave: () => void;
  inputRef: RefObject<HTMLTextAreaElement | null>;
}

/** Readings of the form with what was said put in, and the position of the move to look at: the last, or the one that is proofread. */
export interface Said {
  readings: Reading["readings"];
  at: number;
}

const settleMs = 40;

/** One line that takes the words an instructor would say, and shows at once what it understood. */
export function WriteLine({ formId, form, heightCm, after, afterWords, onAdd, onSaid, onLeave, inputRef }: Props) {
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
    heightCm: number;
    value: Reading;
  }>();
  const [problem, setProblem] = useState<string>();
  // Why words could not be added stands as long as they do, whatever is read meanwhile.
  const [notAdded, setNotAdded] = useState<{ of: string; why: string }>();
  const [teaching, setTeaching] = useState<string>();
  const [lookedAt, setLookedAt] = useState<string>();
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
      dictate(text, form, after, heightCm, abort.signal)
        .then((value) => {
          setReading({ of: text, form, after, heightCm, value });
          setProblem(undefined);
        })
        .catch((error) => {
          if (!abort.signal.aborted) setProblem(whyNot(error));
        });
    }, settleMs);
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [text, form, after, heightCm]);

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
      const fresh =
        reading &&
        reading.of === text &&
        reading.form === form &&
        reading.after === after &&
        reading.heightCm === heightCm;
      const value = fresh ? reading.value : await dictate(text, form, after, heightCm);
      // A shout alone changes the move before; the opening may be what it was already. Anything else must add a move.
      const changes = !sameForm(value.form, form) || value.fields.some((f) => f.field === "stance");
      if (!changes) {
        setNotAdded({ of: text, why: "Nothing in these words is a move yet. Say a step, a stance or a technique." });
        return;
      }
      onAdd({ form: value.form, readings: value.readings }, value.moves.at(-1)?.id);
      write("");
    } catch (error) {
      setNotAdded({ of: text, why: whyNot(error) });
    } finally {
      adding.current = false;
    }
  };

  const wrong = notAdded?.of === text ? notAdded.why : problem;
  const shown = reading && text.trim() !== "" ? reading.value : undefined;
  useEffect(() => {
    const looked = shown?.moves.find((m) => m.id === lookedAt) ?? shown?.moves.at(-1);
    const at = shown?.readings.moves.findIndex((m) => m.id === looked?.id) ?? -1;
    onSaid(shown && at >= 0 ? { readings: shown.readings, at } : undefined);
  }, [shown, lookedAt, onSaid]);

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
      {/* A long text is told back in a window of its own, so that the score stays in sight. */}
      <div
        role="region"
        aria-label="What was understood"
        aria-live="polite"
        tabIndex={shown && shown.moves.length > AtOnce ? 0 : undefined}
        className="min-h-[3.4rem] pt-1.5 text-[0.95rem] lg:max-h-[42dvh] lg:overflow-y-auto"
      >
        {wrong && <p className="text-ember">{wrong}</p>}
        {shown && (
          <Understood
            reading={shown}
            text={reading?.of ?? ""}
            onTeach={setTeaching}
            onLook={setLookedAt}
            onInstead={(places, instead) => {
              write(
                places.reduce((t, { start, length }) => t.slice(0, start) + instead + t.slice(start + length), text),
              );
              inputRef.current?.focus();
            }}
            onFind={({ start, length }) => {
              const line = inputRef.current;
              if (!line || reading?.of !== text) return;
              line.setSelectionRange(start, start + length);
              // Focus that comes anew scrolls to what is selected.
              line.blur();
              line.focus();
            }}
          />
        )}
        {!shown && !wrong && (
          <p className="text-ink-soft">
            Also: “again”, “same on the other side”, “three times alternating”, “end of section”. A full stop, or “next
            count”, begins the next count.
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
            dictate(text, form, after, heightCm)
              .then((value) => setReading({ of: text, form, after, heightCm, value }))
              .catch((error) => setProblem(whyNot(error)));
            inputRef.current?.focus();
          }}
        />
      )}
    </section>
  );
}

function dictate(text: string, form: FormDocument, after: string | undefined, heightCm: number, signal?: AbortSignal) {
  return answer(api.POST("/api/dictation", { body: { text, form, after: after ?? null, heightCm }, signal }));
}

function sameForm(a: FormDocument, b: FormDocument) {
  return JSON.stringify(a) === JSON.stringify(b);
}
