import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

/** Something to fill in or read over the page; Escape closes it. */
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
  return (
    <Dialog.Root open={open} onOpenChange={(o) => !o && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          className={`fixed top-1/2 left-1/2 z-50 max-h-[92dvh] w-[min(96vw,var(--w))] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-md border border-line-strong bg-sheet p-5 shadow-xl`}
          style={{ "--w": wide ? "56rem" : "34rem" } as React.CSSProperties}
          {...(about ? {} : { "aria-describedby": undefined })}
        >
          <Dialog.Title className="text-xl">{title}</Dialog.Title>
          {about && <Dialog.Description className="mt-1 text-ink-soft">{about}</Dialog.Description>}
          <Dialog.Close className="absolute top-3 right-3 min-h-9 rounded px-2 text-ink-soft hover:bg-sunk">
            Close
          </Dialog.Close>
          <div className="mt-4">{children}</div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
