import type { Schemas } from "../../api/client";

export type Step = Schemas["GridMark"]["step"];

/** From first sight to performance, in order. */
export const steps: readonly Step[] = ["notShown", "shown", "follows", "byCount", "alone", "fullSpirit"];

export const stepWords: Record<Step, string> = {
  notShown: "not shown yet",
  shown: "shown once",
  follows: "follows along",
  byCount: "by the count",
  alone: "alone",
  fullSpirit: "full spirit",
};

/** A reed that has grown as high as the step: readable by height, without colour. */
export function Reed({ step }: { step: Step }) {
  const level = steps.indexOf(step);
  return (
    <svg viewBox="0 0 20 24" className="h-6 w-5" aria-hidden="true">
      <line x1={1} y1={23} x2={19} y2={23} stroke="var(--line-strong)" strokeWidth={1} />
      {[1, 2, 3, 4].map((k) => (
        <rect
          key={k}
          x={7.5}
          y={22.5 - k * 4.6}
          width={5}
          height={3.8}
          fill={k <= level ? "var(--water)" : "none"}
          stroke={k <= level ? "var(--water)" : "var(--line)"}
          strokeWidth={0.8}
        />
      ))}
      {level === 5 && (
        <path
          d="M10 4.200C5.500 3 4.500 1.500 3.500 .5 8 .5 9.300 1.300 10 2.800 10.700 1.300 12 .5 16.500 .5 15.500 1.500 14.500 3 10 4.200Z"
          fill="var(--reed)"
        />
      )}
    </svg>
  );
}
