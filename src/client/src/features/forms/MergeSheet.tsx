import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";
import { Waiting } from "../../ui/Waiting";
import type { Conflict, FormEditor } from "./useFormEditor";

const done: Record<Schemas["ChangeKind"], string> = {
  added: "added",
  takenOut: "taken out",
  rewritten: "changed",
  moved: "moved",
};

/** Two people wrote at once: what each did, what both touched, and the ways out. */
export function MergeSheet({
  editor,
  conflict,
  onClose,
  onCopied,
}: {
  editor: FormEditor;
  conflict: Conflict;
  onClose: () => void;
  onCopied: (id: string) => void;
}) {
  const merge = useQuery({ queryKey: ["merge", conflict.revision], queryFn: editor.merge, gcTime: 0, retry: false });
  const [theirs, setTheirs] = useState<ReadonlySet<number>>(new Set());
  const take = (k: number, choice: "mine" | "theirs") => {
    const next = new Set(theirs);
    if (choice === "theirs") next.add(k);
    else next.delete(k);
    setTheirs(next);
  };
  return (
    <Sheet
      open
      wide
      onClose={onClose}
      title="Someone else saved this form meanwhile"
      about={`${conflict.savedBy} saved it after you opened it. Nothing was overwritten, and yours is kept in this browser.`}
    >
      {!merge.data ? (
        <Waiting error={merge.error} />
      ) : (
        <div className="flex flex-col gap-4">
          <div className="grid gap-4 sm:grid-cols-2">
            <ChangeList title={`What ${merge.data.savedBy} did`} changes={merge.data.theirs} />
            <ChangeList title="What you did" changes={merge.data.mine} />
          </div>
          {merge.data.clashes.length > 0 && (
            <section>
              <h3 className="text-lg">Both of you changed</h3>
              {merge.data.clashes.map((clash, k) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: clashes have no other name
                <fieldset key={k} className="mt-2 border-l-4 border-reed pl-3">
                  <legend className="font-semibold">{clash.part}</legend>
                  {clash.move ? (
                    (["mine", "theirs"] as const).map((choice) => (
                      <label key={choice} className="flex items-start gap-2 py-0.5">
                        <input
                          type="radio"
                          className="mt-1 size-4"
                          name={`clash-${k}`}
                          checked={theirs.has(k) === (choice === "theirs")}
                          onChange={() => take(k, choice)}
                        />
                        <span>
                          <b>{choice === "mine" ? "Yours" : "Theirs"}:</b>{" "}
                          {choice === "mine" ? clash.mineWords : clash.theirsWords}
                        </span>
                      </label>
                    ))
                  ) : (
                    <p>Yours is kept. Change it afterwards if theirs is better.</p>
                  )}
                </fieldset>
              ))}
            </section>
          )}
          <div className="flex flex-wrap gap-2">
            <Button
              kind="strong"
              onClick={async () => {
                await editor.takeMerged(merge.data, theirs);
                onClose();
              }}
            >
              Keep both: merge
            </Button>
            <Button
              onClick={async () => {
                const copy = await editor.keepMineAsCopy();
                if (copy) onCopied(copy);
              }}
            >
              Keep mine as a copy beside theirs
            </Button>
            <Button onClick={editor.takeTheirs}>Take theirs; mine stays one undo away</Button>
          </div>
        </div>
      )}
    </Sheet>
  );
}

function ChangeList({ title, changes }: { title: string; changes: readonly Schemas["ChangeResponse"][] }) {
  return (
    <section>
      <h3 className="text-lg">{title}</h3>
      {changes.length === 0 && <p className="text-ink-soft">Nothing in the moves; perhaps a section or the name.</p>}
      <ul className="mt-1 max-h-56 overflow-y-auto">
        {changes.map((c, k) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: changes have no other name
          <li key={k} className="border-b border-line py-1">
            <b>
              {c.count > 0 ? `Count ${c.count}` : "No count"} {done[c.kind]}:
            </b>{" "}
            {c.words}
          </li>
        ))}
      </ul>
    </section>
  );
}
