import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { centimetres } from "./FloorView";
import { NumberField } from "./Performer";

/** Which steps to take longer or shorter so that the form ends where it began, or on a wanted spot. */
export function EndOnTheSpot({
  end,
  mayEdit,
  limitCm,
  at,
  errors,
  onAsk,
  onApply,
}: {
  end: Schemas["EndReading"];
  mayEdit: boolean;
  limitCm: number;
  at: { x: number; y: number };
  errors: Record<string, string[]>;
  onAsk: (part: { limitCm?: number; endX?: number; endY?: number }) => void;
  onApply: (edit: Schemas["EditDocument"]) => void;
}) {
  const off = Math.hypot(end.before.x, end.before.y);
  const spot = at.x === 0 && at.y === 0 ? "where it began" : "on the wanted spot";
  return (
    <section className="flex flex-col gap-2">
      <h2 className="text-xl">End on the spot</h2>
      <p>
        {off < 0.1
          ? `It ends ${spot}.`
          : `It ends ${centimetres(off)} off: ${axis(end.before.y, "forward", "back")}${axis(end.before.x, "to the right", "to the left")}.`}
      </p>
      {off >= 0.1 &&
        (end.reached ? (
          <>
            <p>The fewest and smallest changes that bring it there:</p>
            <ul>
              {end.changes.map((c) => (
                <li key={c.move}>
                  {c.count ? `Count ${c.count}` : "Without a count"}: step <b>{Math.abs(c.byCm)} cm</b>{" "}
                  {c.byCm > 0 ? "longer" : "shorter"}
                </li>
              ))}
            </ul>
            {mayEdit && (
              <Button
                kind="strong"
                className="no-print self-start"
                onClick={() =>
                  onApply({
                    kind: "adjustSteps",
                    changes: end.changes.map(({ move, byCm }) => ({ move, byCm })),
                  })
                }
              >
                Adjust these steps
              </Button>
            )}
          </>
        ) : (
          <p>No eight steps or fewer bring it there within the limit. Allow more for each step, or another spot.</p>
        ))}
      {end.applied.length > 0 && (
        <>
          <p className="text-ink-soft">
            Adjusted now:{" "}
            {end.applied.map((c) => `count ${c.count} by ${c.byCm > 0 ? "+" : ""}${c.byCm} cm`).join(", ")}.
          </p>
          {mayEdit && (
            <Button className="no-print self-start" onClick={() => onApply({ kind: "clearAdjustments" })}>
              Take the adjustments away
            </Button>
          )}
        </>
      )}
      <div className="no-print grid grid-cols-3 items-start gap-2">
        <NumberField
          label="At most, cm a step"
          value={limitCm}
          errors={errors.limitCm}
          onChange={(v) => v !== null && onAsk({ limitCm: v })}
        />
        <NumberField label="Wanted: cm right" value={at.x} onChange={(v) => v !== null && onAsk({ endX: v })} />
        <NumberField label="cm forward" value={at.y} onChange={(v) => v !== null && onAsk({ endY: v })} />
      </div>
    </section>
  );
}

function axis(cm: number, positive: string, negative: string) {
  return Math.abs(cm) < 0.1 ? "" : ` ${centimetres(Math.abs(cm))} ${cm > 0 ? positive : negative}`;
}
