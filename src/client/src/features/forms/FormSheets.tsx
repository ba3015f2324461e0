import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice, TextField } from "../../ui/Field";
import { grouped } from "../../ui/grouped";
import { Picker } from "../../ui/Picker";
import { Sheet } from "../../ui/Sheet";
import { useTermOptions } from "../terms/useTerms";
import { scoreKeys } from "./keys";
import type { FormDocument, SectionReading } from "./types";

export function KeysSheet({ onClose }: { onClose: () => void }) {
  return (
    <Sheet
      open
      wide
      onClose={onClose}
      title="Keys of the score"
      about="They work while the line and the fields do not have the focus."
    >
      <div className="gap-x-8 sm:columns-2">
        {[...grouped(scoreKeys, (k) => k.group)].map(([group, keys]) => (
          <section key={group} className="mb-4 break-inside-avoid">
            <h3 className="text-lg">{group}</h3>
            <dl className="grid grid-cols-[4.5rem_1fr] gap-x-3 gap-y-1">
              {keys.map(({ key, does }) => (
                <div key={key} className="contents">
                  <dt>
                    <kbd className="rounded border border-line-strong bg-sunk px-1.5 font-sans whitespace-nowrap">
                      {key}
                    </kbd>
                  </dt>
                  <dd>{does}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </Sheet>
  );
}

export function NameSectionSheet({
  section,
  onClose,
  onKeep,
}: {
  section: SectionReading;
  onClose: () => void;
  onKeep: (name: string) => void;
}) {
  const [name, setName] = useState(section.name);
  return (
    <Sheet open onClose={onClose} title={`Section ${section.letter}`} about={`Starts from: ${section.startPosition}.`}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          onKeep(name.trim());
        }}
      >
        <TextField
          label="What the school calls it"
          value={name}
          maxLength={100}
          onChange={(e) => setName(e.target.value)}
          autoFocus
        />
        <Button kind="strong" type="submit" className="self-start">
          Keep
        </Button>
      </form>
    </Sheet>
  );
}

export function HeaderSheet({
  form,
  onClose,
  onKeep,
}: {
  form: FormDocument;
  onClose: () => void;
  onKeep: (header: {
    title: string;
    opening: { stance: string; lead: "left" | "right" | null };
    declaredCounts: number | null;
    declaredShouts: number | null;
    noLineTwice: boolean;
    pairs: { first: string; second: string }[];
    weapon: { kind: string; lengthCm: number | null } | null;
  }) => void;
}) {
  const terms = useTermOptions();
  const [title, setTitle] = useState(form.title ?? "");
  const [stance, setStance] = useState(form.opening?.stance ?? "ready-stance");
  const [lead, setLead] = useState(form.opening?.lead ?? "");
  const [counts, setCounts] = useState(form.declaredCounts?.toString() ?? "");
  const [shouts, setShouts] = useState(form.declaredShouts?.toString() ?? "");
  const [noLineTwice, setNoLineTwice] = useState(form.noLineTwice ?? false);
  const [pairs, setPairs] = useState<{ first: string | null; second: string | null }[]>([...(form.pairs ?? [])]);
  const weapons = useQuery({ queryKey: ["weapons"], queryFn: () => answer(api.GET("/api/weapons")) });
  const [weapon, setWeapon] = useState(form.weapon?.kind ?? "");
  const [weaponCm, setWeaponCm] = useState(form.weapon?.lengthCm?.toString() ?? "");
  const techniques = [...terms.hands, ...terms.kicks];
  const number = (text: string) => (text.trim() === "" ? null : Number(text));
  return (
    <Sheet
      open
      onClose={onClose}
      title="The form"
      about="What the school says about it is checked against what is written."
    >
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          onKeep({
            title: title.trim(),
            opening: { stance, lead: lead === "" ? null : (lead as "left" | "right") },
            declaredCounts: number(counts),
            declaredShouts: number(shouts),
            noLineTwice,
            weapon: weapon === "" ? null : { kind: weapon, lengthCm: number(weaponCm) },
            pairs: pairs.flatMap(({ first, second }) => (first && second ? [{ first, second }] : [])),
          });
        }}
      >
        <TextField
          label="Name"
          value={title}
          required
          maxLength={200}
          onChange={(e) => setTitle(e.target.value)}
          errors={title.trim() === "" ? ["Give the form a name."] : undefined}
        />
        <Picker label="Opens in" value={stance} options={terms.stances} onPick={(id) => id && setStance(id)} />
        {terms.hasLead(stance) && (
          <Choice
            label="Leading foot at the opening"
            options={[
              ["left", "left"],
              ["right", "right"],
            ]}
            value={lead || "left"}
            onChange={(e) => setLead(e.target.value as "left" | "right")}
          />
        )}
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label="Declared counts"
            type="number"
            min={0}
            max={10000}
            value={counts}
            onChange={(e) => setCounts(e.target.value)}
          />
          <TextField
            label="Declared shouts"
            type="number"
            min={0}
            max={10000}
            value={shouts}
            onChange={(e) => setShouts(e.target.value)}
          />
        </div>
        <div className="grid grid-cols-2 gap-3">
          <Choice
            label="Weapon"
            options={[["", "as its techniques say"], ...(weapons.data ?? []).map((w) => [w.id, w.name] as const)]}
            value={weapon}
            onChange={(e) => setWeapon(e.target.value)}
          />
          <TextField
            label="Its length, cm"
            type="number"
            min={10}
            max={400}
            step="any"
            disabled={weapon === ""}
            placeholder={String(weapons.data?.find((w) => w.id === weapon)?.lengthCm ?? "")}
            value={weaponCm}
            onChange={(e) => setWeaponCm(e.target.value)}
          />
        </div>
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={noLineTwice}
            onChange={(e) => setNoLineTwice(e.target.checked)}
          />
          No two techniques in a row go along the same line
        </label>
        <fieldset className="flex flex-col gap-2">
          <legend className="text-sm text-ink-soft">
            Techniques that always go together, on one count or on the next
          </legend>
          {pairs.map((pair, k) => {
            const change = (part: Partial<typeof pair>) =>
              setPairs(pairs.map((p, i) => (i === k ? { ...p, ...part } : p)));
            return (
              // biome-ignore lint/suspicious/noArrayIndexKey: rows have no other name
              <div key={k} className="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
                <Picker label="After" value={pair.first} options={techniques} onPick={(first) => change({ first })} />
                <Picker
                  label="comes"
                  value={pair.second}
                  options={techniques}
                  onPick={(second) => change({ second })}
                />
                <Button kind="quiet" onClick={() => setPairs(pairs.filter((_, i) => i !== k))}>
                  Remove
                </Button>
              </div>
            );
          })}
          <Button className="self-start" onClick={() => setPairs([...pairs, { first: null, second: null }])}>
            Add a pair
          </Button>
        </fieldset>
        <Button kind="strong" type="submit" className="self-start" disabled={title.trim() === ""}>
          Keep
        </Button>
      </form>
    </Sheet>
  );
}
