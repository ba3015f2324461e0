import { Toast } from "radix-ui";
import { createContext, type ReactNode, useCallback, useContext, useRef, useState } from "react";
import { whyNot } from "../api/client";

type Undo = () => void | Promise<void>;

interface Notice {
  key: number;
  text: string;
  undo?: Undo;
}

const Context = createContext<(text: string, undo?: Undo) => void>(() => {});

/** Says what was done, with a way to take it back. */
export function useNotice() {
  return useContext(Context);
}

/** Does what the server may refuse, and says why where it does. */
export function useAttempt() {
  const notify = useNotice();
  return useCallback((act: Undo) => attempt(act, notify), [notify]);
}

async function attempt(act: Undo, notify: (text: string) => void) {
  try {
    await act();
  } catch (error) {
    notify(whyNot(error));
  }
}

export function Notices({ children }: { children: ReactNode }) {
  const [notices, setNotices] = useState<Notice[]>([]);
  const said = useRef(0);
  const notify = useCallback((text: string, undo?: Undo) => {
    const key = ++said.current;
    setNotices((all) => [...all.slice(-2), { key, text, undo }]);
  }, []);
  return (
    <Context.Provider value={notify}>
      <Toast.Provider duration={6000} swipeDirection="right">
        {children}
        {notices.map((notice) => (
          <Toast.Root
            key={notice.key}
            onOpenChange={(open) => !open && setNotices((all) => all.filter((n) => n.key !== notice.key))}
            className="flex items-center gap-3 rounded border border-line-strong bg-sheet px-4 py-2 shadow-lg"
          >
            <Toast.Description>{notice.text}</Toast.Description>
            {notice.undo && (
              <Toast.Action altText="Undo" asChild>
                <button
                  type="button"
                  className="font-semibold text-water underline"
                  onClick={() => notice.undo && attempt(notice.undo, notify)}
                >
                  Undo
                </button>
              </Toast.Action>
            )}
          </Toast.Root>
        ))}
        <Toast.Viewport className="no-print fixed right-4 bottom-4 z-50 flex flex-col gap-2" />
      </Toast.Provider>
    </Context.Provider>
  );
}
