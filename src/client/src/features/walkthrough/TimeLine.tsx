import { useEffect, useRef, useState } from "react";
import type { Walk } from "./types";

/** The form in time: a bar for each move, as long as it takes; held time is pale, a shout stands out. */
export function TimeLine({
  walk,
  index,
  moment,
  onSeek,
  onSeconds,
}: {
  walk: Walk;
  index: number;
  moment: number;
  onSeek: (seconds: number) => void;
  /** Sets how long a move takes at full speed, or gives the time back to its marks. */
  onSeconds: ((move: string, seconds: number | null) => void) | undefined;
}) {
  const move = walk.moves[index];
  const key = `heron.limits.${walk.title}`;
  const [limits, setLimits] = useState<{ least: string; most: string }>(() =>
    JSON.parse(localStorage.getItem(key) ?? '{"least":"","most":""}'),
  );
  const limit = (next: typeof limits) => {
    localStorage.setItem(key, JSON.stringify(next));
    setLimits(next);
  };
  const [wrong, setWrong] = useState<string>(); // the move whose time cannot be as typed
  const now = useRef<HTMLButtonElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another move is another bar to bring into sight
  useEffect(() => {
    const bar = now.current;
    const rail = bar?.parentElement;
    // Only the rail scrolls, never the page.
    if (bar && rail) rail.scrollLeft = bar.offsetLeft - rail.clientWidth / 2;
  }, [index]);
  const width = (seconds: number) => `${Math.max(0.35, seconds * 2.2)}rem`;
  return (
    <section aria-label="Time">
      <div className="relative flex h-20 items-end overflow-x-auto border-b border-line-strong pb-1">
        {walk.moves.map((m, i) => (
          <button
            key={m.id}
            ref={i === index ? now : undefined}
            type="button"
            aria-current={i === index ? "step" : undefined}
            aria-label={`${m.count ? `Count ${m.count}` : "No count"}, ${m.moving + m.resting < 10 ? (m.moving + m.resting).toFixed(1) : Math.round(m.moving + m.resting)} seconds`}
            className={`relative flex h-12 shrink-0 border-l border-line-strong text-left ${i === index ? "outline-2 -outline-offset-2 outline-focus" : ""}`}
            style={{ width: width(m.moving + m.resting) }}
            onClick={() => onSeek(m.start + m.moving)}
          >
            <span
              className={`h-full ${m.shout ? "bg-ember" : m.timed ? "bg-reed" : "bg-water"}`}
              style={{ width: `${(100 * m.moving) / (m.moving + m.resting || 1)}%` }}
            />
            <span className="h-full flex-1 bg-sunk" />
            {m.beginsCount && m.count > 0 && (
              <span className="absolute -top-4 left-0.5 text-xs text-ink-soft tabular-nums">{m.count}</span>
            )}
          </button>
        ))}
      </div>
      <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1 text-sm text-ink-soft">
        <span className="tabular-nums">
          {moment.toFixed(1)} s of {walk.totalSeconds.toFixed(1)} s
        </span>
        <label className="flex items-center gap-2">
          Must last
          <input
            type="number"
            min={0}
            className="w-20 rounded border border-line-strong bg-sheet px-2 py-0.5 text-ink"
            placeholder="any"
            aria-label="At least, seconds"
            value={limits.least}
            onChange={(e) => limit({ ...limits, least: e.target.value })}
          />
          to
          <input
            type="number"
            min={0}
            className="w-20 rounded border border-line-strong bg-sheet px-2 py-0.5 text-ink"
            placeholder="any"
            aria-label="At most, seconds"
            value={limits.most}
            onChange={(e) => limit({ ...limits, most: e.target.value })}
          />
          s
        </label>
        {limits.least !== "" && walk.totalSeconds < Number(limits.least) && (
          <b className="text-ember">{(Number(limits.least) - walk.totalSeconds).toFixed(1)} s too short</b>
        )}
        {limits.most !== "" && walk.totalSeconds > Number(limits.most) && (
          <b className="text-ember">{(walk.totalSeconds - Number(limits.most)).toFixed(1)} s too long</b>
        )}
        {move && onSeconds && (
          <label className="flex items-center gap-2">
            This move takes, at full speed
            <input
              key={`${move.id}${move.timed}`}
              type="number"
              min={0.1}
              max={120}
              aria-invalid={wrong === move.id || undefined}
              step={0.1}
              className="w-20 rounded border border-line-strong bg-sheet px-2 py-0.5 text-ink"
              placeholder={(move.moving + move.resting).toFixed(1)}
              onKeyDown={(e) => e.key === "Enter" && e.currentTarget.blur()}
              onBlur={(e) => {
                const seconds = Number(e.target.value);
                const fits = seconds >= 0.1 && seconds <= 120;
                setWrong(e.target.value === "" || fits ? undefined : move.id);
                if (fits) onSeconds(move.id, seconds);
              }}
            />
            s{wrong === move.id && <b className="text-ember">Give 0.1 to 120 seconds.</b>}
            {move.timed && (
              <button type="button" className="text-water underline" onClick={() => onSeconds(move.id, null)}>
                as its marks say
              </button>
            )}
          </label>
        )}
      </div>
    </section>
  );
}
