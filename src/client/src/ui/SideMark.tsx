/**
 * Left or right, told by letter, shape and colour at once: left is a round, open mark, right a square, full one.
 * "B" is both.
 */
export function SideMark({ side, faint = false }: { side: string | null | undefined; faint?: boolean }) {
  if (!side) return null;
  const look =
    side === "left"
      ? "rounded-full border-2 border-left-side bg-sheet text-left-side"
      : side === "right"
        ? "rounded-[3px] border-2 border-right-side bg-right-side text-on-strong"
        : "rounded-[3px] border-2 border-ink-soft bg-sheet text-ink";
  return (
    <span
      role="img"
      aria-label={side === "both" ? "both hands" : side}
      title={faint ? `${side}: not said, follows from the feet` : side}
      className={`inline-flex size-[1.35em] shrink-0 items-center justify-center text-[0.8em] leading-none font-bold ${look} ${faint ? "border-dashed" : ""}`}
    >
      {side === "left" ? "L" : side === "right" ? "R" : "B"}
    </span>
  );
}
