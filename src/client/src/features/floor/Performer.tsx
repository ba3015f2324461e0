import { useState } from "react";
import type { Schemas } from "../../api/client";
import { TextField } from "../../ui/Field";

/** Whose body is reckoned with: a height, and what was measured with a tape. */
export interface Performer {
  heightCm: number;
  measured: Schemas["MeasuredRequest"];
}

const key = "heron.performer";

/** The performer, the same on every page of this browser. */
export function usePerformer() {
  const [performer, setPerformer] = useState<Performer>(() => {
    try {
      return { heightCm: 175, measured: {}, ...JSON.parse(localStorage.getItem(key) ?? "{}") };
    } catch {
      return { heightCm: 175, measured: {} };
    }
  });
  const keep = (next: Performer) => {
    localStorage.setItem(key, JSON.stringify(next));
    setPerformer(next);
  };
  return [performer, keep] as const;
}

const parts = [
  ["shoulderCm", "Across the shoulders, cm", 0.259],
  ["footCm", "Foot, cm", 0.152],
  ["armCm", "Arm with hand, cm", 0.44],
  ["legCm", "Floor to hip, cm", 0.53],
] as const;

export function PerformerFields({
  performer,
  errors,
  onChange,
}: {
  performer: Performer;
  errors: Record<string, string[]> | undefined;
  onChange: (performer: Performer) => void;
}) {
  const { heightCm, measured } = performer;
  return (
    <div className="flex flex-col gap-2">
      <NumberField
        label="Performer's height, cm"
        value={heightCm}
        errors={errors?.heightCm}
        onChange={(cm) => cm !== null && onChange({ heightCm: cm, measured })}
      />
      <details open={Object.values(measured).some((v) => v != null)}>
        <summary className="cursor-pointer text-sm text-water underline">Measured with a tape</summary>
        <div className="mt-1 grid grid-cols-2 gap-2">
          {parts.map(([name, label, usual]) => (
            <NumberField
              key={name}
              label={label}
              value={measured[name] ?? null}
              placeholder={`about ${Math.round(usual * heightCm)}`}
              errors={errors?.[`measured.${name}`]}
              onChange={(cm) => onChange({ heightCm, measured: { ...measured, [name]: cm } })}
            />
          ))}
        </div>
      </details>
    </div>
  );
}

/** A number that is taken when the field is left or Enter is pressed; empty where it need not be given. */
export function NumberField({
  label,
  value,
  placeholder,
  errors,
  onChange,
}: {
  label: string;
  value: number | null;
  placeholder?: string;
  errors?: string[];
  onChange: (value: number | null) => void;
}) {
  return (
    <TextField
      key={value}
      label={label}
      type="number"
      step="any"
      defaultValue={value ?? ""}
      placeholder={placeholder}
      errors={errors}
      onBlur={(e) => {
        const next = e.target.value === "" ? null : Number(e.target.value);
        if (next !== value) onChange(next);
      }}
      onKeyDown={(e) => e.key === "Enter" && e.currentTarget.blur()}
    />
  );
}
