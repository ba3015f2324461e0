import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, byField, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice, TextField } from "../../ui/Field";
import { useNotice } from "../../ui/notices";
import { Refused } from "../../ui/Refused";
import { Sheet } from "../../ui/Sheet";

type Stance = Schemas["StanceResponse"];
type Change = Schemas["StanceChange"];

/** How large the school's stances are: a set, and single numbers changed by the school. */
export function Stances() {
  const queries = useQueryClient();
  const notify = useNotice();
  const stances = useQuery({ queryKey: ["stances"], queryFn: () => answer(api.GET("/api/school/stances")) });
  const [open, setOpen] = useState<Stance>();
  const save = useMutation({
    mutationFn: (body: { set: string; changes: Record<string, Change> }) =>
      answer(api.PUT("/api/school/stances", { body })),
    onSuccess: () => {
      queries.invalidateQueries();
      setOpen(undefined);
      notify("Kept. Every form is read with it from now on.");
    },
  });
  if (!stances.data) return <Refused error={stances.error} />;
  const { set, sets, changes } = stances.data;
  return (
    <section>
      <h2 className="text-xl">Stances</h2>
      <div className="mt-2 max-w-md">
        <Choice
          label="How the school stands"
          options={sets.map((s) => [s.id, `${s.name}: ${s.about}`] as const)}
          value={set}
          onChange={(e) => save.mutate({ set: e.target.value, changes })}
        />
        {!open && <Refused error={save.error} />}
      </div>
      <details className="mt-2">
        <summary className="cursor-pointer text-water underline">
          Every stance with its numbers{Object.keys(changes).length > 0 && ` (${Object.keys(changes).length} changed)`}
        </summary>
        <div className="relative overflow-x-auto">
          <table className="mt-2 w-full text-left text-sm">
            <thead className="text-ink-soft">
              <tr>
                {["Stance", "Long", "Wide", "Weight in front", "Feet out", "Hips", "Source", ""].map((h) => (
                  <th key={h} className="pr-3 font-normal">
                    {h || <span className="sr-only">Change</span>}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {stances.data.stances.map((s) => (
                <tr key={s.id} className="border-t border-line align-top">
                  <td className={`pr-3 ${s.changed ? "font-semibold" : ""}`}>{s.name}</td>
                  <td className="pr-3">{s.feet === "lead" ? s.length : "–"}</td>
                  <td className="pr-3">{s.width}</td>
                  <td className="pr-3">{s.leadWeight} %</td>
                  <td className="pr-3">
                    {s.leadOut}° / {s.rearOut}°
                  </td>
                  <td className="pr-3">{Math.round(s.depth * 100)} %</td>
                  <td className="pr-3 text-ink-soft">{s.source}</td>
                  <td>
                    <Button kind="quiet" className="min-h-0 py-0" onClick={() => setOpen(s)}>
                      Change
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </details>
      {open && (
        <ChangeSheet
          stance={open}
          error={save.error}
          onClose={() => {
            setOpen(undefined);
            save.reset();
          }}
          onKeep={(change) => save.mutate({ set, changes: { ...changes, [open.id]: change } })}
          onReset={
            open.changed
              ? () => {
                  const { [open.id]: _, ...rest } = changes;
                  save.mutate({ set, changes: rest });
                }
              : undefined
          }
        />
      )}
    </section>
  );
}

function ChangeSheet({
  stance,
  error,
  onClose,
  onKeep,
  onReset,
}: {
  stance: Stance;
  error: unknown;
  onClose: () => void;
  onKeep: (change: Change) => void;
  onReset: (() => void) | undefined;
}) {
  const [value, setValue] = useState({
    length: stance.length,
    width: stance.width,
    leadWeight: String(stance.leadWeight),
    leadOut: String(stance.leadOut),
    rearOut: String(stance.rearOut),
    depth: String(stance.depth),
    source: stance.changed ? stance.source : "",
  });
  const problems = byField(error)[`changes.${stance.id}`];
  const field = (name: keyof typeof value, label: string, type = "text") => (
    <TextField
      label={label}
      type={type}
      step="any"
      value={value[name]}
      onChange={(e) => setValue({ ...value, [name]: e.target.value })}
    />
  );
  return (
    <Sheet
      open
      onClose={onClose}
      title={stance.name}
      about="Lengths run between the middles of the feet, in the performer's own measures: 1.5 shoulders, 4 feet, 1 hips, 80 cm at 175, 5 cm; or pivots 45 75 for a width opened by pivots."
    >
      <form
        className="grid gap-3 sm:grid-cols-2"
        onSubmit={(e) => {
          e.preventDefault();
          onKeep({
            length: value.length,
            width: value.width,
            leadWeight: Math.round(Number(value.leadWeight)),
            leadOut: Math.round(Number(value.leadOut)),
            rearOut: Math.round(Number(value.rearOut)),
            depth: Number(value.depth),
            source: value.source.trim() || null,
          });
        }}
      >
        {stance.feet === "lead" && field("length", "Long")}
        {field("width", "Wide")}
        {field("leadWeight", "Weight on the leading foot, per cent", "number")}
        {field("leadOut", "Leading foot out, degrees", "number")}
        {field("rearOut", "Other foot out, degrees", "number")}
        {field("depth", "Hips, as a part of standing", "number")}
        {field("source", "Where it comes from")}
        <div className="sm:col-span-2">
          <Refused error={problems ? undefined : error} />
          {problems && (
            <p role="alert" className="text-ember">
              {problems.join(" ")}
            </p>
          )}
        </div>
        <div className="flex gap-2 sm:col-span-2">
          <Button kind="strong" type="submit">
            Keep
          </Button>
          {onReset && <Button onClick={onReset}>As the set has it</Button>}
        </div>
      </form>
    </Sheet>
  );
}
