import { useEffect, useState } from "react";
import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";
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
      <Sheet
        open={deciding && conflict !== undefined}
        onClose={() => setDeciding(false)}
        title="Someone else saved this form meanwhile"
        about={`${conflict?.savedBy} saved revision ${conflict?.revision} after you opened the form. Nothing was overwritten, and yours is kept in this browser.`}
      >
        <div className="flex flex-col gap-2">
          <Button
            kind="strong"
            onClick={async () => {
              const copy = await editor.keepMineAsCopy();
              if (copy) onCopied(copy);
            }}
          >
            Keep mine as a copy beside theirs
          </Button>
          <Button onClick={editor.takeTheirs}>Take theirs; mine stays one undo away</Button>
        </div>
      </Sheet>
    </>
  );
}
