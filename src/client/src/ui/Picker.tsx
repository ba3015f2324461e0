import { useId, useMemo, useRef, useState } from "react";

export interface Option {
  id: string;
  name: string;
  /** Other words that find it. */
  words: string;
  group: string;
}

/** A choice from a long list: type a few letters of any name, arrows and Enter choose, Escape leaves it as it was. */
export function Picker({
  label,
  value,
  options,
  onPick,
  empty = "–",
}: {
  label: string;
  value: string | null;
  options: Option[];
  onPick: (id: string | null) => void;
  empty?: string;
}) {
  const id = useId();
  const [typed, setTyped] = useState<string>();
  const [at, setAt] = useState(0);
  const list = useRef<HTMLUListElement>(null);
  const chosen = options.find((o) => o.id === value);
  const found = useMemo(() => {
    const want = (typed ?? "").trim().toLowerCase();
    const all =
      want === "" ? options : options.filter((o) => o.name.toLowerCase().includes(want) || o.words.includes(want));
    return [{ id: "", name: empty, words: "", group: "" }, ...all].slice(0, 60);
  }, [options, typed, empty]);
  const open = typed !== undefined;
  const pick = (option: Option | undefined) => {
    if (option) onPick(option.id || null);
    setTyped(undefined);
  };
  const show = () => {
    setTyped("");
    setAt(0);
  };
  const move = (to: number) => {
    const next = Math.max(0, Math.min(found.length - 1, to));
    setAt(next);
    list.current?.children[next]?.scrollIntoView({ block: "nearest" });
  };
  return (
    <div className="relative flex flex-col gap-1">
      <label htmlFor={id} className="text-sm text-ink-soft">
        {label}
      </label>
      <input
        id={id}
        role="combobox"
        aria-expanded={open}
        aria-controls={`${id}-l`}
        aria-activedescendant={open ? `${id}-${at}` : undefined}
        autoComplete="off"
        className="min-h-9 w-full rounded border border-line-strong bg-sheet px-2.5 py-1"
        value={typed ?? chosen?.name ?? (value ? value : "")}
        placeholder={empty}
        onFocus={(e) => e.target.select()}
        onChange={(e) => {
          setTyped(e.target.value);
          setAt(e.target.value.trim() === "" ? 0 : 1);
        }}
        onClick={() => {
          if (!open) show();
        }}
        onBlur={() => setTyped(undefined)}
        onKeyDown={(e) => {
          if (e.key === "ArrowDown") {
            e.preventDefault();
            if (open) move(at + 1);
            else show();
          } else if (e.key === "ArrowUp" && open) {
            e.preventDefault();
            move(at - 1);
          } else if (e.key === "Enter" && open) {
            e.preventDefault();
            // What was typed and matches nothing stays there to be mended.
            if (typed.trim() === "" || found.length > 1) pick(found[Math.min(at, found.length - 1)]);
          } else if (e.key === "Escape" && open) {
            e.stopPropagation();
            setTyped(undefined);
          }
        }}
      />
      {open && (
        <ul
          ref={list}
          id={`${id}-l`}
          role="listbox"
          aria-label={label}
          className="absolute top-full z-20 max-h-64 w-full overflow-y-auto rounded border border-line-strong bg-sheet shadow-lg"
        >
          {found.map((option, k) => (
            <li
              key={option.id}
              id={`${id}-${k}`}
              role="option"
              aria-selected={k === at}
              className={`flex justify-between gap-2 px-2.5 py-1 ${k === at ? "bg-water-soft" : ""}`}
              onMouseDown={(e) => {
                e.preventDefault();
                pick(option);
              }}
            >
              <span>{option.name}</span>
              <span className="text-sm text-ink-soft">{option.group}</span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
