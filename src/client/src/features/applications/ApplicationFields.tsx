import { Button } from "../../ui/Button";
import { Choice, TextArea, TextField } from "../../ui/Field";
import { type ApplicationRequest, attackWords, riskWords } from "./words";

export const blankApplication: ApplicationRequest = {
  name: "",
  attack: "straightPunch",
  attackSide: "right",
  attackLevel: "middle",
  steps: [
    { who: "attacker", text: "" },
    { who: "defender", text: "" },
  ],
  risks: [],
  note: "",
  links: [],
  basedOn: 0,
};

/** What is said wrong beside one of the fields. */
export const applicationFields = ["name", "steps", "note"];

/** The parts of an application to fill in; beside each stands what is wrong with it. */
export function ApplicationFields({
  value,
  onChange,
  errors,
}: {
  value: ApplicationRequest;
  onChange: (value: ApplicationRequest) => void;
  errors: Record<string, string[]>;
}) {
  const set = (part: Partial<ApplicationRequest>) => onChange({ ...value, ...part });
  const risks = value.risks ?? [];
  return (
    <div className="flex flex-col gap-4">
      <TextField label="Name" value={value.name} onChange={(e) => set({ name: e.target.value })} errors={errors.name} />
      <div className="grid gap-3 sm:grid-cols-3">
        <Choice
          label="The partner attacks with"
          options={Object.entries(attackWords)}
          value={value.attack}
          onChange={(e) => set({ attack: e.target.value as ApplicationRequest["attack"] })}
        />
        <Choice
          label="Their side"
          options={[
            ["", "either or both"],
            ["left", "left"],
            ["right", "right"],
          ]}
          value={value.attackSide ?? ""}
          onChange={(e) => set({ attackSide: (e.target.value || null) as ApplicationRequest["attackSide"] })}
        />
        <Choice
          label="Level"
          options={[
            ["", "not said"],
            ["low", "low"],
            ["middle", "middle"],
            ["high", "high"],
          ]}
          value={value.attackLevel ?? ""}
          onChange={(e) => set({ attackLevel: (e.target.value || null) as ApplicationRequest["attackLevel"] })}
        />
      </div>
      <fieldset className="flex flex-col gap-2">
        <legend className="text-sm text-ink-soft">What each side does, in order</legend>
        {errors.steps && <p className="text-sm text-ember">{errors.steps.join(" ")}</p>}
        {value.steps.map((step, i) => {
          const change = (part: Partial<typeof step>) =>
            set({ steps: value.steps.map((s, k) => (k === i ? { ...s, ...part } : s)) });
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: steps have no other name
            <div key={i} className="grid grid-cols-[1fr_auto] items-start gap-2 sm:grid-cols-[8rem_1fr_auto]">
              <Choice
                label={`Step ${i + 1}`}
                options={[
                  ["attacker", "attacker"],
                  ["defender", "defender"],
                ]}
                value={step.who}
                onChange={(e) => change({ who: e.target.value as typeof step.who })}
              />
              <div className="order-last col-span-2 sm:order-none sm:col-span-1">
                <TextField
                  label="does"
                  value={step.text}
                  onChange={(e) => change({ text: e.target.value })}
                  errors={errors[`steps[${i}].text`]}
                />
              </div>
              <Button
                kind="quiet"
                className="mt-6"
                onClick={() => set({ steps: value.steps.filter((_, k) => k !== i) })}
              >
                Remove
              </Button>
            </div>
          );
        })}
        <Button
          className="self-start"
          onClick={() =>
            set({
              steps: [
                ...value.steps,
                { who: value.steps.at(-1)?.who === "attacker" ? "defender" : "attacker", text: "" },
              ],
            })
          }
        >
          Add a step
        </Button>
      </fieldset>
      <fieldset>
        <legend className="text-sm text-ink-soft">What can hurt; the usual caution is shown with it</legend>
        <div className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
          {(Object.keys(riskWords) as (keyof typeof riskWords)[]).map((risk) => (
            <label key={risk} className="flex items-center gap-1.5">
              <input
                type="checkbox"
                className="size-5"
                checked={risks.includes(risk)}
                onChange={(e) => set({ risks: e.target.checked ? [...risks, risk] : risks.filter((r) => r !== risk) })}
              />
              {riskWords[risk]}
            </label>
          ))}
        </div>
      </fieldset>
      <TextArea label="Note" value={value.note} onChange={(e) => set({ note: e.target.value })} errors={errors.note} />
    </div>
  );
}
