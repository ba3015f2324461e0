import { Dialog } from "radix-ui";
import { type ReactNode, useRef, useState } from "react";
import { Button } from "./Button";

/** Something to fill in or read over the page. Escape closes it; where something was filled in, it asks first. */
export function Sheet({
  open,
  onClose,
  title,
  about,
  wide = false,
  children,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  about?: string;
  wide?: boolean;
  children: ReactNode;
}) {
  const filled = useRef(false);
  const [asking, setAsking] = useState(false);
  const writing = useRef<Element>(null);
  const leave = () => {
    if (!filled.current || asking) return onClose();
    writing.current = document.activeElement;
    setAsking(true);
  };
  const fill = () => {
    filled.current = true;
    setAsking(false);
  };
  const goOn = () => {
    setAsking(false);
    if (writing.current instanceof HTMLElement) writing.current.focus();
  };
  return (
    <Dialog.Root open={open} onOpenChange={(o) => !o && leave()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          className={`fixed top-1/2 left-1/2 z-50 max-h-[92dvh] w-[min(96vw,var(--w))] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-md border border-line-strong bg-sheet p-5 shadow-xl`}
          style={{ "--w": wide ? "56rem" : "34rem" } as React.CSSProperties}
          // An open list takes Escape for itself.
          onEscapeKeyDown={(e) => (e.target as Element).closest("[aria-expanded=true]") && e.preventDefault()}
          onChange={fill}
          onMouseDown={(e) => (e.target as Element).closest("[role=option]") && fill()}
          {...(about ? {} : { "aria-describedby": undefined })}
        >
          <Dialog.Title className="text-xl">{title}</Dialog.Title>
          {about && <Dialog.Description className="mt-1 text-ink-soft">{about}</Dialog.Description>}
          <Dialog.Close className="absolute top-3 right-3 min-h-9 rounded px-2 text-ink-soft hover:bg-sunk">
            Close
          </Dialog.Close>
          {asking && (
            <div
              role="alert"
              className="sticky top-0 z-30 mt-3 flex flex-wrap items-center gap-2 border-l-4 border-reed bg-reed-soft px-3 py-2"
            >
              <span className="mr-auto">What you filled in here is not kept yet.</span>
              <Button kind="strong" onClick={goOn} autoFocus>
                Go on with it
              </Button>
              <Button onClick={onClose}>Leave it</Button>
            </div>
          )}
          <div className="mt-4">{children}</div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
