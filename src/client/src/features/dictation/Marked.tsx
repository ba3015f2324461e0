import type { RefObject } from "react";
import type { Schemas } from "../../api/client";

/** The same words under the line, with what was not understood marked in place. */
export function Marked({
  text,
  reading,
  ref,
}: {
  text: string;
  reading: Schemas["DictationResponse"] | undefined;
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
