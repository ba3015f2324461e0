import { type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes, useId } from "react";

const box =
  "w-full min-h-9 rounded border border-line-strong bg-sheet px-2.5 py-1 aria-invalid:border-ember disabled:opacity-60";

function Labelled({
  label,
  errors,
  children,
}: {
  label: string;
  errors?: string[];
  children: (ids: { id: string; "aria-invalid"?: true; "aria-describedby"?: string }) => ReactNode;
}) {
  const id = useId();
  const wrong = errors && errors.length > 0;
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="text-sm text-ink-soft">
        {label}
      </label>
      {children({ id, ...(wrong ? { "aria-invalid": true, "aria-describedby": `${id}-e` } : {}) })}
      {wrong && (
        <p id={`${id}-e`} className="text-sm text-ember">
          {errors.join(" ")}
        </p>
      )}
    </div>
  );
}

/** A line to write in, with its label above and what is wrong below. */
export function TextField({
  label,
  errors,
  ...rest
}: { label: string; errors?: string[] } & InputHTMLAttributes<HTMLInputElement>) {
  return (
    <Labelled label={label} errors={errors}>
      {(ids) => <input className={box} {...ids} {...rest} />}
    </Labelled>
  );
}

/** A choice from a short list. */
export function Choice({
  label,
  errors,
  options,
  ...rest
}: {
  label: string;
  errors?: string[];
  options: readonly (readonly [value: string, label: string])[];
} & SelectHTMLAttributes<HTMLSelectElement>) {
  return (
    <Labelled label={label} errors={errors}>
      {(ids) => (
        <select className={box} {...ids} {...rest}>
          {options.map(([value, name]) => (
            <option key={value} value={value}>
              {name}
            </option>
          ))}
        </select>
      )}
    </Labelled>
  );
}

export function TextArea({
  label,
  errors,
  ...rest
}: { label: string; errors?: string[] } & React.TextareaHTMLAttributes<HTMLTextAreaElement>) {
  return (
    <Labelled label={label} errors={errors}>
      {(ids) => <textarea className={box} rows={3} {...ids} {...rest} />}
    </Labelled>
  );
}
