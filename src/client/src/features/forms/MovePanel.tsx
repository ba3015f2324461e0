import { useState } from "react";
import { Button } from "../../ui/Button";
import { Choice, TextArea } from "../../ui/Field";
import { Picker } from "../../ui/Picker";
import { Sheet } from "../../ui/Sheet";
import { useTermOptions } from "../terms/useTerms";
import type { MoveDocument } from "./types";
import { breathWords, gazeWords, tempoWords } from "./words";

const unsaid = ["", "not said"] as const;
const sides = [unsaid, ["left", "left"], ["right", "right"]] as const;
const hands = [unsaid, ["left", "left hand"], ["right", "right hand"], ["both", "both hands"]] as const;
const levels = [unsaid, ["low", "low"], ["middle", "middle"], ["high", "high"]] as const;
const ways = [
  unsaid,
  ["left", "to the left"],
  ["right", "to the right"],
  ["back", "backward"],
  ["forwardLeft", "diagonally forward left"],
  ["forwardRight", "diagonally forward right"],
  ["backLeft", "diagonally back left"],
  ["backRight", "diagonally back right"],
] as const;
const turns = [
  unsaid,
  ...[45, 90, 135, 180, 225, 270, 315, 360].flatMap((d) => [
    [String(-d), `${d}° left`] as const,
    [String(d), `${d}° right`] as const,
  ]),
];
const countings = [
  ["own", "a count of its own"],
  ["then", "on the count above, after it"],
  ["together", "on the count above, at the same time"],
  ["uncounted", "no count"],
] as const;
const tips = [
  unsaid,
  ["floor", "on the floor"],
  ["knee", "at knee height"],
  ["belt", "at belt height"],
  ["chest", "at chest height"],
  ["eyes", "at eye height"],
  ["overhead", "overhead"],
] as const;
const stops = [
  unsaid,
  ["shoulder", "at the shoulder"],
  ["underArm", "under the arm"],
  ["belt", "at the belt"],
  ["hip", "at the hip"],
  ["forearm", "at the forearm"],
  ["fullReach", "at full reach"],
] as const;
const entries = (words: Record<string, string>) => [unsaid, ...Object.entries(words)] as const;

/** Every field of one move, set by picking. */
export function MovePanel({
  move,
  count,
  headings,
  onClose,
  onKeep,
}: {
  move: MoveDocument;
  count: number;
  /** The eight lines in the school's own words. */
  headings: readonly (readonly [string, string])[];
  onClose: () => void;
  onKeep: (move: MoveDocument) => void;
}) {
  const [draft, setDraft] = useState(move);
  const terms = useTermOptions();
  const set = (part: Partial<MoveDocument>) => setDraft({ ...draft, ...part });
  // The lists above hold only what the contract allows, so what was picked fits wherever it goes.
  const value = (v: string) => (v === "" ? null : v) as never;
  const evenStance = draft.stance && !terms.hasLead(draft.stance.kind);
  return (
    <Sheet
      open
      wide
      onClose={onClose}
      title={count ? `Count ${count}` : "A move without a count"}
      about="What is not said is worked out from where the feet are."
    >
      <form
        className="flex flex-col gap-5"
        onSubmit={(e) => {
          e.preventDefault();
          onKeep(draft);
        }}
      >
        <div className="grid gap-3 sm:grid-cols-3">
          <Picker
            label="Footwork"
            value={draft.footwork?.kind ?? null}
            options={terms.footwork}
            onPick={(kind) => set({ footwork: kind ? { ...draft.footwork, kind } : null })}
          />
          <Choice
            label="Foot that moves"
            options={sides}
            disabled={!draft.footwork}
            value={draft.footwork?.foot ?? ""}
            onChange={(e) => draft.footwork && set({ footwork: { ...draft.footwork, foot: value(e.target.value) } })}
          />
          <Choice
            label="Way"
            options={ways}
            disabled={!draft.footwork}
            value={draft.footwork?.way ?? ""}
            onChange={(e) => draft.footwork && set({ footwork: { ...draft.footwork, way: value(e.target.value) } })}
          />
          <Choice
            label="Turn"
            options={turns}
            value={draft.turn == null ? "" : String(draft.turn)}
            onChange={(e) => set({ turn: e.target.value === "" ? null : Number(e.target.value) })}
          />
          <Choice
            label="Facing afterwards"
            options={[unsaid, ...headings]}
            value={draft.facing == null ? "" : String(draft.facing)}
            onChange={(e) => set({ facing: e.target.value === "" ? null : Number(e.target.value) })}
          />
          <Choice
            label="Turns on"
            options={[unsaid, ["heel", "the heel"], ["ball", "the ball of the foot"]]}
            value={draft.pivot ?? ""}
            onChange={(e) => set({ pivot: value(e.target.value) })}
          />
          <Picker
            label="Stance"
            value={draft.stance?.kind ?? null}
            options={terms.stances}
            onPick={(kind) => set({ stance: kind ? { kind, lead: draft.stance?.lead ?? null } : null })}
          />
          <Choice
            label="Leading foot"
            options={sides}
            disabled={!draft.stance || Boolean(evenStance)}
            value={draft.stance?.lead ?? ""}
            onChange={(e) => draft.stance && set({ stance: { ...draft.stance, lead: value(e.target.value) } })}
          />
          <Choice
            label="Hand on top while loading"
            options={sides}
            value={draft.setOnTop ?? ""}
            onChange={(e) => set({ setOnTop: value(e.target.value) })}
          />
        </div>
        <fieldset className="flex flex-col gap-2">
          <legend className="text-sm text-ink-soft">Hands</legend>
          {(draft.hands ?? []).map((hand, k) => {
            const change = (part: Partial<typeof hand>) =>
              set({ hands: draft.hands?.map((h, i) => (i === k ? { ...h, ...part } : h)) });
            return (
              // biome-ignore lint/suspicious/noArrayIndexKey: rows have no other name
              <div key={k} className="grid grid-cols-2 items-end gap-2 sm:grid-cols-[2fr_1fr_1fr_auto]">
                <Picker
                  label="Technique"
                  value={hand.technique}
                  options={terms.hands}
                  onPick={(technique) => technique && change({ technique })}
                />
                <Choice
                  label="Hand"
                  options={hands}
                  value={hand.hand ?? ""}
                  onChange={(e) => change({ hand: value(e.target.value) })}
                />
                <Choice
                  label="Level"
                  options={levels}
                  value={hand.level ?? ""}
                  onChange={(e) => change({ level: value(e.target.value) })}
                />
                <Button kind="quiet" onClick={() => set({ hands: draft.hands?.filter((_, i) => i !== k) })}>
                  Remove
                </Button>
              </div>
            );
          })}
          <Button
            className="self-start"
            onClick={() => set({ hands: [...(draft.hands ?? []), { technique: "punch", hand: null, level: null }] })}
          >
            Add what a hand does
          </Button>
        </fieldset>
        <div className="grid gap-3 sm:grid-cols-4">
          <Picker
            label="Kick, knee or sweep"
            value={draft.kick?.technique ?? null}
            options={terms.kicks}
            onPick={(technique) => set({ kick: technique ? { ...draft.kick, technique } : null })}
          />
          <Choice
            label="Kicking foot"
            options={sides}
            disabled={!draft.kick}
            value={draft.kick?.foot ?? ""}
            onChange={(e) => draft.kick && set({ kick: { ...draft.kick, foot: value(e.target.value) } })}
          />
          <Choice
            label="Kick level"
            options={levels}
            disabled={!draft.kick}
            value={draft.kick?.level ?? ""}
            onChange={(e) => draft.kick && set({ kick: { ...draft.kick, level: value(e.target.value) } })}
          />
          <Choice
            label="Comes down"
            options={[unsaid, ["front", "in front"], ["back", "behind"], ["samePlace", "in the same place"]]}
            disabled={!draft.kick}
            value={draft.kick?.landing ?? ""}
            onChange={(e) => draft.kick && set({ kick: { ...draft.kick, landing: value(e.target.value) } })}
          />
          <Choice
            label="Tempo"
            options={entries(tempoWords)}
            value={draft.tempo ?? ""}
            onChange={(e) => set({ tempo: value(e.target.value) })}
          />
          <Choice
            label="Breath"
            options={entries(breathWords)}
            value={draft.breath ?? ""}
            onChange={(e) => set({ breath: value(e.target.value) })}
          />
          <Choice
            label="Gaze"
            options={entries(gazeWords)}
            value={draft.gaze ?? ""}
            onChange={(e) => set({ gaze: value(e.target.value) })}
          />
          <Choice
            label="Counting"
            options={countings}
            value={draft.counting ?? "own"}
            onChange={(e) => set({ counting: e.target.value as MoveDocument["counting"] })}
          />
        </div>
        <details open={draft.weapon != null}>
          <summary className="cursor-pointer text-sm text-ink-soft">Weapon: grip, line, tip, stop</summary>
          <div className="mt-2 grid gap-3 sm:grid-cols-4">
            <Choice
              label="Hand that leads the grip"
              options={sides}
              value={draft.weapon?.leads ?? ""}
              onChange={(e) => set({ weapon: { ...draft.weapon, leads: value(e.target.value) } })}
            />
            <Choice
              label="Strikes from the"
              options={sides}
              value={draft.weapon?.from ?? ""}
              onChange={(e) => set({ weapon: { ...draft.weapon, from: value(e.target.value) } })}
            />
            <Choice
              label="Tip"
              options={tips}
              value={draft.weapon?.tip ?? ""}
              onChange={(e) => set({ weapon: { ...draft.weapon, tip: value(e.target.value) } })}
            />
            <Choice
              label="Stops"
              options={stops}
              value={draft.weapon?.stop ?? ""}
              onChange={(e) => set({ weapon: { ...draft.weapon, stop: value(e.target.value) } })}
            />
          </div>
        </details>
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={draft.shout}
            onChange={(e) => set({ shout: e.target.checked })}
          />
          Shout
        </label>
        <TextArea
          label="Note: watch-points, intent"
          value={draft.note}
          onChange={(e) => set({ note: e.target.value })}
        />
        <div className="flex gap-2">
          <Button kind="strong" type="submit">
            Keep
          </Button>
          <Button onClick={onClose}>Leave as it was</Button>
        </div>
      </form>
    </Sheet>
  );
}
