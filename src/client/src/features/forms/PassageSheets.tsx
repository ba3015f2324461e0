import { useEffect, useMemo, useState } from "react";
import { answer, api, whyNot } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice, TextField } from "../../ui/Field";
import { Picker } from "../../ui/Picker";
import { Sheet } from "../../ui/Sheet";
import { Waiting } from "../../ui/Waiting";
import { asOption, type Term, useTerms } from "../terms/useTerms";
import type { EditDocument, Finding, FormDocument, MoveDocument } from "./types";

interface Props {
  onClose: () => void;
  onEdit: (edit: EditDocument) => void;
}

const parts = [
  ["footwork", "feet"],
  ["direction", "direction: turn and facing"],
  ["stance", "stance"],
  ["hands", "hands, with how they load"],
  ["kick", "kick"],
  ["weapon", "how the weapon is led"],
  ["gaze", "gaze"],
  ["breath", "breath"],
  ["tempo", "tempo"],
  ["shout", "shout"],
  ["note", "note"],
] as const;

export function FillSheet({ moves, words, onClose, onEdit }: Props & { moves: string[]; words: string }) {
  const [part, setPart] = useState<(typeof parts)[number][0]>("stance");
  return (
    <Sheet open onClose={onClose} title="Fill down" about={`All of ${words} get this part of the first move.`}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          onEdit({ kind: "fillDown", moves, part });
        }}
      >
        <Choice
          label="Part"
          options={parts}
          value={part}
          onChange={(e) => setPart(e.target.value as typeof part)}
          autoFocus
        />
        <Button kind="strong" type="submit" className="self-start" disabled={moves.length < 2}>
          Fill down
        </Button>
        {moves.length < 2 && (
          <p className="text-ink-soft">Choose several moves first: hold Shift and press the arrows.</p>
        )}
      </form>
    </Sheet>
  );
}

const turns = [90, -90, 180, 45, -45, 135, -135].map(
  (by) => [String(by), by === 180 ? "half a turn" : `${Math.abs(by)}° to the ${by > 0 ? "right" : "left"}`] as const,
);

export function TurnSheet({ moves, words, onClose, onEdit }: Props & { moves: string[]; words: string }) {
  const [by, setBy] = useState("90");
  return (
    <Sheet
      open
      onClose={onClose}
      title="Turn on the floor"
      about={`Turns ${words}; what comes after keeps its direction.`}
    >
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          onEdit({ kind: "turn", moves, by: Number(by) });
        }}
      >
        <Choice label="By" options={turns} value={by} onChange={(e) => setBy(e.target.value)} autoFocus />
        <Button kind="strong" type="submit" className="self-start">
          Turn
        </Button>
      </form>
    </Sheet>
  );
}

/** The terms that a form uses, with how often. */
function usedTerms(form: FormDocument) {
  const used = new Map<string, number>();
  const add = (id: string | undefined) => id && used.set(id, (used.get(id) ?? 0) + 1);
  for (const move of form.moves ?? []) {
    add(move.stance?.kind);
    add(move.footwork?.kind);
    add(move.kick?.technique);
    for (const hand of move.hands ?? []) add(hand.technique);
  }
  return used;
}

export function ReplaceSheet({
  form,
  moves,
  words,
  onClose,
  onEdit,
}: Props & { form: FormDocument; moves: string[]; words: string }) {
  const { data: terms, error } = useTerms();
  const [from, setFrom] = useState<string | null>(null);
  const [to, setTo] = useState<string | null>(null);
  const [where, setWhere] = useState(moves.length > 1 ? "chosen" : "all");
  const used = useMemo(() => usedTerms(form), [form]);
  const option = (t: Term) => asOption(t, used.has(t.id) ? `${used.get(t.id)}×` : undefined);
  const fromTerm = terms?.find((t) => t.id === from);
  // A kick takes the place of a kick, a hand technique of a hand technique.
  const fits = (t: Term) =>
    t.kind === fromTerm?.kind && (t.limb === "foot") === (fromTerm?.limb === "foot") && t.id !== from;
  // Nothing can be typed before there is something to choose from.
  if (!terms)
    return (
      <Sheet open onClose={onClose} title="Replace a term">
        <Waiting error={error} />
      </Sheet>
    );
  return (
    <Sheet open onClose={onClose} title="Replace a term">
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (from && to) onEdit({ kind: "replaceTerm", from, to, moves: where === "chosen" ? moves : [] });
        }}
      >
        <Picker
          label="Every"
          value={from}
          options={terms.filter((t) => used.has(t.id)).map(option)}
          onPick={(id) => {
            setFrom(id);
            setTo(null);
          }}
        />
        <Picker
          label="becomes"
          value={to}
          options={terms.filter((t) => !t.hidden && fits(t)).map(option)}
          onPick={setTo}
        />
        {moves.length > 0 && (
          <Choice
            label="Where"
            options={[
              ["all", "in the whole form"],
              ["chosen", `in ${words}`],
            ]}
            value={where}
            onChange={(e) => setWhere(e.target.value)}
          />
        )}
        <Button kind="strong" type="submit" className="self-start" disabled={!from || !to}>
          Replace
        </Button>
      </form>
    </Sheet>
  );
}

export function AcceptSheet({ finding, onClose, onEdit }: Props & { finding: Finding }) {
  const [reason, setReason] = useState("");
  return (
    <Sheet open onClose={onClose} title="Let it stand" about={finding.message}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (reason.trim())
            onEdit({ kind: "accept", move: finding.move, rule: finding.rule, message: finding.message, reason });
        }}
      >
        <TextField
          label="Why it may stand"
          value={reason}
          maxLength={500}
          onChange={(e) => setReason(e.target.value)}
          autoFocus
        />
        <p className="text-ink-soft">It stands until the move is changed.</p>
        <Button kind="strong" type="submit" className="self-start" disabled={!reason.trim()}>
          Let it stand
        </Button>
      </form>
    </Sheet>
  );
}

/** Another accepted way of doing a move: said in words, like any move, and kept with whose it is. */
export function AlternativeSheet({
  form,
  move,
  words,
  onClose,
  onEdit,
}: Props & { form: FormDocument; move: string; words: string }) {
  const [whose, setWhose] = useState("");
  const [text, setText] = useState("");
  const [way, setWay] = useState<{ of: string; move?: MoveDocument; words: string; unread: string[] }>();
  const [problem, setProblem] = useState<string>();
  useEffect(() => {
    if (!text.trim()) {
      setWay(undefined);
      setProblem(undefined);
      return;
    }
    const abort = new AbortController();
    const timer = setTimeout(async () => {
      // The words are read as if the move itself had not been written.
      const at = form.moves?.findIndex((m) => m.id === move) ?? 0;
      const before = { ...form, moves: form.moves?.slice(0, at), sections: [] };
      const after = before.moves?.at(-1)?.id ?? null;
      try {
        const read = await answer(
          api.POST("/api/dictation", { body: { text, form: before, after }, signal: abort.signal }),
        );
        const first = read.moves[0];
        setWay({
          of: text,
          move: read.form.moves?.find((m) => m.id === first?.id),
          words: first?.text ?? "",
          unread: read.unread.map((u) => u.text),
        });
        setProblem(undefined);
      } catch (error) {
        if (!abort.signal.aborted) setProblem(whyNot(error));
      }
    }, 80);
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [text, form, move]);
  const ready = way?.of === text && way.move && whose.trim() !== "";
  return (
    <Sheet open onClose={onClose} title="Another way of doing it" about={`Now: ${words}.`}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (ready && way.move) onEdit({ kind: "addAlternative", move, whose, way: way.move });
        }}
      >
        <TextField
          label="Said as a move"
          value={text}
          onChange={(e) => setText(e.target.value)}
          placeholder="step with the left foot into a back stance, knife hand block"
          errors={problem ? [problem] : undefined}
          autoFocus
        />
        {way && (
          <p aria-live="polite">
            {way.words ? <>Understood: {way.words}.</> : "Nothing in these words is a move yet."}
            {way.unread.length > 0 && <span className="text-ember"> Not understood: {way.unread.join(", ")}.</span>}
          </p>
        )}
        <TextField
          label="Whose way it is"
          value={whose}
          maxLength={100}
          onChange={(e) => setWhose(e.target.value)}
          placeholder="the older version"
        />
        <Button kind="strong" type="submit" className="self-start" disabled={!ready}>
          Keep it beside
        </Button>
      </form>
    </Sheet>
  );
}
