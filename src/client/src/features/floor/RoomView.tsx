import type { Schemas } from "../../api/client";
import { centimetres } from "./FloorView";

/** The room from above, its front at the top: the floor that the form takes, its way, where to start and which way to face. */
export function RoomView({
  room,
  plan,
  readings,
}: {
  room: Schemas["RoomDocument"];
  plan: Schemas["FloorPlan"];
  readings: Schemas["ReadingsResponse"];
}) {
  const { fit, hull } = plan;
  const border = room.borderCm ?? 0;
  const margin = 70 + border;
  const [width, depth] = [room.widthCm, room.depthCm];
  const unit = Math.max(width, depth) / 100;
  const turn = `translate(${fit.start.x} ${-fit.start.y}) rotate(${fit.turnedDegrees})`;
  const feet = readings.moves.flatMap((m) => [
    { ...m.posture.left, side: "left" as const, key: `${m.id}l` },
    { ...m.posture.right, side: "right" as const, key: `${m.id}r` },
  ]);
  const path = [readings.start, ...readings.moves.map((m) => m.posture)]
    .map((p) => `${(p.left.x + p.right.x) / 2},${-(p.left.y + p.right.y) / 2}`)
    .join(" ");
  return (
    <figure>
      <svg
        viewBox={`${-width / 2 - margin} ${-depth / 2 - margin} ${width + 2 * margin} ${depth + 2 * margin}`}
        className="max-h-[70dvh] w-full bg-sheet"
        role="img"
        aria-label={`The room from above, its front at the top. The form ${fit.fits ? "fits" : "does not fit"}; the least room on any side is ${centimetres(fit.clearanceCm)}.`}
      >
        {border > 0 && (
          <rect
            x={-width / 2 - border}
            y={-depth / 2 - border}
            width={width + 2 * border}
            height={depth + 2 * border}
            fill="none"
            stroke="var(--line-strong)"
            strokeWidth={unit * 0.3}
            strokeDasharray={`${unit} ${unit}`}
          />
        )}
        <rect
          x={-width / 2}
          y={-depth / 2}
          width={width}
          height={depth}
          fill="var(--paper)"
          stroke="var(--ink-soft)"
          strokeWidth={unit * 0.5}
        />
        <text x={0} y={-depth / 2 - unit * 2} textAnchor="middle" fontSize={unit * 3.2} fill="var(--ink-soft)">
          front · {centimetres(width)}
        </text>
        <text
          transform={`translate(${width / 2 + unit * 4.5} 0) rotate(90)`}
          textAnchor="middle"
          fontSize={unit * 3.2}
          fill="var(--ink-soft)"
        >
          {centimetres(depth)}
        </text>
        <g transform={turn}>
          <polygon
            points={hull.map((p) => `${p.x},${-p.y}`).join(" ")}
            fill="var(--water-soft)"
            fillOpacity={0.6}
            stroke={fit.fits ? "var(--water)" : "var(--ember)"}
            strokeWidth={unit * 0.4}
          />
          <polyline
            points={path}
            fill="none"
            stroke="var(--reed)"
            strokeWidth={unit * 0.4}
            strokeDasharray={`${unit * 1.2} ${unit * 0.8}`}
          />
          {feet.map((f) => (
            <ellipse
              key={f.key}
              transform={`translate(${f.x} ${-f.y}) rotate(${f.heading})`}
              rx={readings.footBreadthCm / 2}
              ry={readings.footLengthCm / 2}
              fill={f.side === "right" ? "var(--right)" : "var(--sheet)"}
              stroke={`var(--${f.side})`}
              strokeWidth={unit * 0.25}
              opacity={f.lifted ? 0.2 : 0.6}
            />
          ))}
          <g stroke="var(--ink)" strokeWidth={unit * 0.7} fill="none">
            <circle r={unit * 2.2} fill="var(--sheet)" />
            <path
              d={`M0 ${-unit * 2.2}V${-unit * 9}M${-unit * 2} ${-unit * 6.6}L0 ${-unit * 9.2}L${unit * 2} ${-unit * 6.6}`}
            />
          </g>
        </g>
      </svg>
      <figcaption className="px-1 py-1 text-sm text-ink-soft">
        The ring with the arrow is where to start and which way to face; the shaded field is what feet
        {plan.weapon ? ", limbs and weapon" : " and limbs"} sweep over.
      </figcaption>
    </figure>
  );
}
