import { memo, useMemo } from "react";
import type { Schemas } from "../../api/client";

type Readings = Schemas["ReadingsResponse"];
type Foot = Schemas["FootReading"];
type Posture = Schemas["PostureReading"];

const starLines = [0, 45, 90, 135];

/** The floor from above, the opening front at the top: star, footprints, path, and where the performer stands. */
export const FloorView = memo(function FloorView({
  readings,
  selected,
  remark,
}: {
  readings: Readings;
  selected: number;
  /** What has to be known of what is drawn. */
  remark?: string;
}) {
  const posture = selected >= 0 ? readings.moves[selected]?.posture : readings.start;
  const before = selected > 0 ? readings.moves[selected - 1]?.posture : readings.start;
  const { floor } = readings;
  const frame = useMemo(() => {
    const margin = 45;
    const half = Math.max(90, (floor.maxX - floor.minX) / 2 + margin, (floor.maxY - floor.minY) / 2 + margin);
    return { x: (floor.minX + floor.maxX) / 2 - half, y: -(floor.minY + floor.maxY) / 2 - half, size: half * 2 };
  }, [floor]);
  const reach = frame.size * 1.5;
  const path = [readings.start, ...readings.moves.map((m) => m.posture)]
    .map((p) => {
      const { x, y } = middle(p);
      return `${x},${-y}`;
    })
    .join(" ");
  const unit = frame.size / 100;
  const sole = { length: readings.footLengthCm, breadth: readings.footBreadthCm };
  const ended = Math.hypot(floor.endError.x, floor.endError.y);
  return (
    <figure className="flex min-h-0 lg:flex-col">
      <svg
        viewBox={`${frame.x} ${frame.y} ${frame.size} ${frame.size}`}
        className="w-full bg-sheet lg:max-h-[44dvh] max-lg:w-[46vw] max-lg:max-w-72 max-lg:shrink-0"
        role="img"
        aria-label={describe(readings, selected, posture)}
      >
        <g stroke="var(--line)" strokeWidth={unit * 0.35}>
          {starLines.map((degrees) => {
            const a = (degrees * Math.PI) / 180;
            return (
              <line
                key={degrees}
                x1={-Math.sin(a) * reach}
                y1={Math.cos(a) * reach}
                x2={Math.sin(a) * reach}
                y2={-Math.cos(a) * reach}
              />
            );
          })}
        </g>
        <circle r={unit * 1.4} fill="none" stroke="var(--line-strong)" strokeWidth={unit * 0.5} />
        <polyline
          points={path}
          fill="none"
          stroke="var(--band-3)"
          strokeWidth={unit * 0.7}
          strokeDasharray={`${unit * 2} ${unit * 1.4}`}
          strokeLinejoin="round"
        />
        <g opacity={0.32}>
          {readings.moves.map((m) => (
            <g key={m.id}>
              <Footprint side="left" foot={m.posture.left} {...sole} unit={unit} faint />
              <Footprint side="right" foot={m.posture.right} {...sole} unit={unit} faint />
            </g>
          ))}
        </g>
        {before && posture && before !== posture && <Step before={before} after={posture} unit={unit} />}
        {posture && (
          <>
            <FacingArrow posture={posture} unit={unit} />
            <Footprint side="left" foot={posture.left} {...sole} unit={unit} />
            <Footprint side="right" foot={posture.right} {...sole} unit={unit} />
          </>
        )}
        <g transform={`translate(${frame.x + unit * 4} ${frame.y + frame.size - unit * 4})`}>
          <path
            d={`M0 ${-unit * 1.5}V0H100V${-unit * 1.5}`}
            fill="none"
            stroke="var(--ink-soft)"
            strokeWidth={unit * 0.4}
          />
          <text x={50} y={-unit * 2} textAnchor="middle" fontSize={unit * 3.4} fill="var(--ink-soft)">
            1 m
          </text>
        </g>
        <text
          x={frame.x + frame.size / 2}
          y={frame.y + unit * 5}
          textAnchor="middle"
          fontSize={unit * 3.6}
          fill="var(--ink-soft)"
        >
          front
        </text>
      </svg>
      <figcaption className="px-3 py-1.5 text-sm text-ink-soft lg:border-t lg:border-line">
        {remark && <b className="block font-semibold text-reed">{remark}</b>}
        Seen from above, the opening front at the top. {centimetres(floor.maxX - floor.minX)} wide,{" "}
        {centimetres(floor.maxY - floor.minY)} deep.{" "}
        {readings.moves.length > 0 &&
          (ended < 0.5
            ? "Ends where it began."
            : `Ends ${centimetres(ended)} from where it began: ${offset(floor.endError.x, floor.endError.y)}.`)}
      </figcaption>
    </figure>
  );
});

function middle(posture: Posture) {
  return { x: (posture.left.x + posture.right.x) / 2, y: (posture.left.y + posture.right.y) / 2 };
}

/** A sole seen from above: left outlined with its letter, right filled with its letter. */
const Footprint = memo(function Footprint({
  side,
  foot,
  length: l,
  breadth: b,
  unit,
  faint = false,
}: {
  side: "left" | "right";
  foot: Foot;
  /** Of the foot, in centimetres. */
  length: number;
  breadth: number;
  unit: number;
  faint?: boolean;
}) {
  const flip = side === "left" ? -1 : 1;
  // Heel, outer edge, toes, inner arch; drawn for the right foot, toes up, the great toe on the left.
  const sole = [
    `M ${-0.52 * b} ${0.36 * l}`,
    `C ${-0.5 * b} ${0.16 * l} ${-0.42 * b} ${0.1 * l} ${-0.62 * b} ${-0.16 * l}`,
    `C ${-0.78 * b} ${-0.4 * l} ${-0.5 * b} ${-0.52 * l} ${-0.2 * b} ${-0.5 * l}`,
    `C ${0.3 * b} ${-0.46 * l} ${0.74 * b} ${-0.34 * l} ${0.74 * b} ${-0.1 * l}`,
    `C ${0.74 * b} ${0.1 * l} ${0.58 * b} ${0.2 * l} ${0.5 * b} ${0.36 * l}`,
    `C ${0.44 * b} ${0.54 * l} ${-0.48 * b} ${0.54 * l} ${-0.52 * b} ${0.36 * l} Z`,
  ].join(" ");
  const colour = `var(--${side})`;
  return (
    <g transform={`translate(${foot.x} ${-foot.y}) rotate(${foot.heading})`} opacity={foot.lifted ? 0.45 : 1}>
      <path
        d={sole}
        transform={`scale(${flip} 1)`}
        fill={side === "right" ? colour : "var(--sheet)"}
        stroke={colour}
        strokeWidth={unit * (faint ? 0.35 : 0.7)}
        strokeDasharray={foot.lifted ? `${unit} ${unit}` : undefined}
      />
      {!faint && (
        <text
          transform={`rotate(${-foot.heading})`}
          textAnchor="middle"
          dominantBaseline="central"
          fontSize={l * 0.55}
          fontWeight={700}
          fill={side === "right" ? "var(--on-strong)" : colour}
        >
          {side === "left" ? "L" : "R"}
        </text>
      )}
    </g>
  );
});

function FacingArrow({ posture, unit }: { posture: Posture; unit: number }) {
  const { x, y } = middle(posture);
  return (
    <g transform={`translate(${x} ${-y}) rotate(${posture.heading})`} stroke="var(--reed)" fill="none">
      <path
        d={`M0 ${-unit * 2}V${-unit * 15}M${-unit * 3} ${-unit * 11.5}L0 ${-unit * 15.4}L${unit * 3} ${-unit * 11.5}`}
        strokeWidth={unit}
      />
      {/* Shoulders: a bar across the facing, so that front and back cannot be confused. */}
      <path d={`M${-unit * 5} ${unit * 0.4}Q0 ${-unit * 3} ${unit * 5} ${unit * 0.4}`} strokeWidth={unit * 0.9} />
    </g>
  );
}

/** How the foot that moved came here. */
function Step({ before, after, unit }: { before: Posture; after: Posture; unit: number }) {
  return (
    <g fill="none" strokeWidth={unit * 0.6} strokeLinecap="round">
      {(["left", "right"] as const).map((side) => {
        const a = before[side];
        const b = after[side];
        if (Math.hypot(a.x - b.x, a.y - b.y) < 2) return null;
        return (
          <path
            key={side}
            d={`M${a.x} ${-a.y}L${b.x} ${-b.y}`}
            stroke={`var(--${side})`}
            strokeDasharray={`${unit * 0.2} ${unit * 1.3}`}
          />
        );
      })}
    </g>
  );
}

function describe(readings: Readings, selected: number, posture: Posture | undefined) {
  if (!posture) return "The floor, empty";
  const where = selected >= 0 ? `after ${moveName(readings, selected)}` : "at the opening";
  const lead = posture.lead ? `, ${posture.lead} foot leading` : "";
  return `The floor from above ${where}: ${posture.stanceName}${lead}, facing ${posture.headingName}; left foot at ${place(posture.left)}, right foot at ${place(posture.right)} centimetres from the start`;
}

function moveName(readings: Readings, index: number) {
  const count = readings.moves[index]?.count;
  return count ? `count ${count}` : "a move without a count";
}

function place(foot: Foot) {
  return `${Math.round(foot.x)} right, ${Math.round(foot.y)} forward`;
}

export function centimetres(cm: number) {
  return cm >= 100 ? `${(cm / 100).toLocaleString(undefined, { maximumFractionDigits: 1 })} m` : `${Math.round(cm)} cm`;
}

function offset(x: number, y: number) {
  const parts = [];
  if (Math.abs(y) >= 0.5) parts.push(`${centimetres(Math.abs(y))} ${y > 0 ? "forward" : "back"}`);
  if (Math.abs(x) >= 0.5) parts.push(`${centimetres(Math.abs(x))} to the ${x > 0 ? "right" : "left"}`);
  return parts.join(", ");
}
