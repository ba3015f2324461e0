import { useState } from "react";
import { Button } from "../../ui/Button";
import { Choice, TextField } from "../../ui/Field";
import { Picker } from "../../ui/Picker";
import { Sheet } from "../../ui/Sheet";
import { useTermOptions } from "../terms/useTerms";
import { scoreKeys } from "./keys";
import type { FormDocument, SectionReading } from "./types";

export function KeysSheet({ onClose }: { onClose: () => void }) {
  return (
    <Sheet
      open
      onClose={onClose}
      title="Keys of the score"
      about="They work while the line and the fields do not have the focus."
    >
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5">
        {scoreKeys.map(({ key, does }) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="rounded border border-line-strong bg-sunk px-1.5 font-sans">{key}</kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
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
  }) => void;
}) {
  const terms = useTermOptions();
  const [title, setTitle] = useState(form.title ?? "");
  const [stance, setStance] = useState(form.opening?.stance ?? "ready-stance");
  const [lead, setLead] = useState(form.opening?.lead ?? "");
  const [counts, setCounts] = useState(form.declaredCounts?.toString() ?? "");
  const [shouts, setShouts] = useState(form.declaredShouts?.toString() ?? "");
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
        <Button kind="strong" type="submit" className="self-start" disabled={title.trim() === ""}>
          Keep
        </Button>
      </form>
    </Sheet>
  );
}
