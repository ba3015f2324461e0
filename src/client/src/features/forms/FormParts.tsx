import { useMemo } from "react";

export function linkWords(moves: { count: number }[]) {
  const counts = moves.map((m) => m.count).filter((c) => c > 0);
  if (counts.length === 0) return "moves without a count";
  const [first, last] = [Math.min(...counts), Math.max(...counts)];
  return first === last ? `count ${first}` : `counts ${first} to ${last}`;
}

/** The eight lines of the star, and the half hours between them, in words for a list. */
export function useHeadings() {
  return useMemo(() => {
    const rows: (readonly [string, string])[] = [];
    for (let degrees = 0; degrees < 360; degrees += 15) {
      const hour = Math.floor(degrees / 30) || 12;
      rows.push([String(degrees), `${degrees % 30 === 0 ? `${hour} o'clock` : `${hour}:30`} (${degrees}°)`]);
    }
    return rows;
  }, []);
}

export function Standing({
  reading,
  start,
}: {
  reading:
    | { count: number; words: string; posture: { stanceName: string; lead: string | null; headingName: string } }
    | undefined;
  start: { stanceName: string; headingName: string };
}) {
  if (!reading)
    return (
      <p>
        Opening: {start.stanceName}, facing {start.headingName}.
      </p>
    );
  return (
    <p>
      <b>{reading.count ? `Count ${reading.count}` : "No count"}:</b> {reading.words}.
    </p>
  );
}

export function EmptyScore() {
  return (
    <div className="mx-auto max-w-xl py-12">
      <h2 className="text-xl">Nothing is written yet</h2>
      <p className="mt-2">
        Say the opening and the first count in the line below, as you would to a class. For example:
      </p>
      <blockquote className="mt-3 border-l-4 border-water pl-3">
        Start in ready stance. Step with the left foot to nine o'clock into a left front stance, left low block. Step
        forward, right punch. Same on the other side.
      </blockquote>
      <p className="mt-3 text-ink-soft">
        The counts are numbered for you, and the floor shows where the feet stand. What you have written elsewhere can
        be pasted there whole, a table with its heads too.
      </p>
    </div>
  );
}
