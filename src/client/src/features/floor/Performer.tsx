import { useCallback, useDeferredValue, useEffect, useId, useState } from "react";
import type { Schemas } from "../../api/client";
import { isInstructor, useSession } from "../../app/session";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { useRoster } from "../people/useRoster";

/** Whose body is reckoned with: a height, and what was measured with a tape. */
export interface Performer {
  heightCm: number;
  measured: Schemas["MeasuredRequest"];
  /** Whose body it is, where it was taken from a student. */
  name?: string;
}

/** The performer, the same on every page for whoever is signed in; a student's own body where nothing was chosen yet. */
export function usePerformer() {
  const { data: session } = useSession();
  // A tablet goes round: the student that one person chose is not the next one's to see.
  const key = `heron.performer.${session?.person?.id ?? ""}`;
  const [chosen, setChosen] = useState<Performer | undefined>(() => {
    try {
      return JSON.parse(localStorage.getItem(key) ?? "null") ?? undefined;
    } catch {
      return undefined;
    }
  });
  const own = session?.person?.body;
  const performer: Performer = chosen ?? {
    heightCm: own?.heightCm ?? 175,
    measured: own?.measured ?? {},
    name: own ? session?.person?.name : undefined,
  };
  const remember = useCallback(() => {
    if (chosen) localStorage.setItem(key, JSON.stringify(chosen));
  }, [chosen, key]);
  return [performer, setChosen, remember] as const;
}

/** Remembers what was asked for, once it was answered: what is refused would be refused at every opening of the page. */
export function useRemembering(answered: boolean, remember: () => void) {
  useEffect(() => {
    if (answered) remember();
  }, [answered, remember]);
}

/** What a request asks of a performer. */
export const bodyOf = ({ heightCm, measured }: Performer) => ({ heightCm, measured });

/** What may be measured with a tape; what is not is reckoned from the height. */
export const parts = [
  ["shoulderCm", "Across the shoulders, cm"],
  ["footCm", "Foot, cm"],
  ["armCm", "Arm with hand, cm"],
  ["legCm", "Floor to hip, cm"],
] as const;

export function PerformerFields({
  performer,
  errors,
  onChange,
}: {
  performer: Performer;
  errors: Record<string, string[]>;
  onChange: (performer: Performer) => void;
}) {
  const { heightCm, measured, name } = performer;
  const { data: session } = useSession();
  const [choosing, setChoosing] = useState(false);
  return (
    <div className="flex flex-col gap-2">
      {isInstructor(session) && (
        <div className="flex flex-wrap items-center justify-between gap-x-2">
          <span>{name ?? "Nobody in particular"}</span>
          <Button kind="quiet" className="text-water underline" onClick={() => setChoosing(true)}>
            {name ? "Another student" : "Take a student's body"}
          </Button>
        </div>
      )}
      {choosing && (
        <StudentBodies
          onClose={() => setChoosing(false)}
          onTake={(s) => {
            setChoosing(false);
            onChange(s);
          }}
        />
      )}
      <NumberField
        label="Performer's height, cm"
        value={heightCm}
        errors={errors.heightCm}
        onChange={(cm) => cm !== null && onChange({ heightCm: cm, measured, name: undefined })}
      />
      <details open={Object.values(measured).some((v) => v != null)}>
        <summary className="cursor-pointer text-sm text-water underline">Measured with a tape</summary>
        <div className="mt-1 grid grid-cols-2 items-end gap-2">
          {parts.map(([name, label]) => (
            <NumberField
              key={name}
              label={label}
              value={measured[name] ?? null}
              placeholder="from the height"
              errors={errors[`measured.${name}`]}
              onChange={(cm) => onChange({ heightCm, measured: { ...measured, [name]: cm } })}
            />
          ))}
        </div>
      </details>
    </div>
  );
}

/** The students whose height is known, to be found by name. */
function StudentBodies({ onClose, onTake }: { onClose: () => void; onTake: (performer: Performer) => void }) {
  const [search, setSearch] = useState("");
  const wanted = useDeferredValue(search);
  const list = useId();
  const students = useRoster(wanted);
  return (
    <Sheet open onClose={onClose} title="Whose body?">
      <TextField
        label="Find by name"
        type="search"
        value={search}
        onChange={(e) => setSearch(e.target.value)}
        aria-controls={list}
        autoFocus
      />
      <ul id={list} className="mt-3 border-t border-line">
        {students.data?.students.map((s) => (
          <li key={s.id} className="border-b border-line">
            <button
              type="button"
              disabled={!s.heightCm}
              className="flex min-h-10 w-full items-center gap-3 px-1 text-left enabled:hover:bg-water-soft disabled:text-ink-soft"
              onClick={() => s.heightCm && onTake({ heightCm: s.heightCm, measured: s.measured, name: s.name })}
            >
              <span className="flex-1">{s.name}</span>
              <span className="text-ink-soft">
                {s.heightCm
                  ? `${s.heightCm} cm${Object.values(s.measured).some((v) => v != null) ? ", measured" : ""}`
                  : "no height yet"}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {students.data && students.data.total > students.data.students.length && (
        <p className="mt-2 text-ink-soft">
          {students.data.total - students.data.students.length} more. Write a few letters of the name.
        </p>
      )}
      {students.data?.students.length === 0 && <p className="mt-2 text-ink-soft">Nobody has that name.</p>}
    </Sheet>
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
