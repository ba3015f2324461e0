import type { RefObject } from "react";
import type { Schemas } from "../../api/client";

type Reading = Schemas["DictationResponse"];

type Mark = { start: number; length: number; look: "line-unread" | "line-assumed" };

/** What is marked in the words: what was not understood, what came to nothing, what was taken for granted; in their order. */
export function marksOf(reading: Reading | undefined): Mark[] {
  return [
    ...(reading?.unread ?? []).map((u): Mark => ({ start: u.start, length: u.length, look: "line-unread" })),
    ...(reading?.fields ?? [])
      .filter((f) => (f.assumption || f.unheeded) && f.length > 0)
      .map((f): Mark => ({ start: f.start, length: f.length, look: f.unheeded ? "line-unread" : "line-assumed" })),
  ].sort((a, b) => a.start - b.start);
}

/** The words from one character up to another, with their marks. */
export function marked(text: string, marks: Mark[], from = 0, to = text.length) {
  const parts = [];
  let at = from;
  for (const mark of marks) {
    if (mark.start < at || mark.start + mark.length > to) continue;
    parts.push(text.slice(at, mark.start));
    parts.push(
      <mark key={mark.start} className={mark.look}>
        {text.slice(mark.start, mark.start + mark.length)}
      </mark>,
    );
    at = mark.start + mark.length;
  }
  parts.push(text.slice(at, to));
  return parts;
}

/** The same words under the line, with what was not understood marked in place. */
export function Marked({
  text,
  reading,
  ref,
}: {
  text: string;
  reading: Reading | undefined;
  ref: RefObject<HTMLDivElement | null>;
}) {
  return (
    <div
      ref={ref}
      aria-hidden="true"
      className="line-text pointer-events-none absolute inset-0 overflow-hidden px-1 py-1.5 text-xl"
    >
      {marked(text, marksOf(reading))}
    </div>
  );
}
