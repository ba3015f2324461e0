import { useEffect, useState } from "react";
import { Button } from "../../ui/Button";
import { MergeSheet } from "./MergeSheet";
import type { FormEditor, SaveState } from "./useFormEditor";

const words: Record<SaveState, string> = {
  saved: "Saved",
  unsaved: "Not saved yet",
  saving: "Saving…",
  offline: "Kept in this browser; waiting for the server",
  conflict: "Someone else saved",
};

/** Whether the newest state is with the server, and what to do when two people wrote at once. */
export function SaveStatus({ editor, onCopied }: { editor: FormEditor; onCopied: (id: string) => void }) {
  const { saveState, conflict } = editor;
  const [deciding, setDeciding] = useState(false);
  useEffect(() => setDeciding(saveState === "conflict"), [saveState]);
  return (
    <>
      <span
        role="status"
        data-save={saveState}
        className={saveState === "offline" || saveState === "conflict" ? "text-ember" : "text-sm text-ink-soft"}
      >
        {words[saveState]}
      </span>
      {saveState === "conflict" && !deciding && <Button onClick={() => setDeciding(true)}>Decide</Button>}
      {deciding && conflict && (
        <MergeSheet editor={editor} conflict={conflict} onClose={() => setDeciding(false)} onCopied={onCopied} />
      )}
    </>
  );
}
