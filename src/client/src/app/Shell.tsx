import { useQueryClient } from "@tanstack/react-query";
import { DropdownMenu } from "radix-ui";
import { type ReactNode, useEffect, useRef, useState } from "react";
import { NavLink, useLocation } from "react-router";
import { api } from "../api/client";
import { useAttempt } from "../ui/notices";
import { isInstructor, type Session } from "./session";

/** The frame of every page: the school, where one can go, who is signed in. */
export function Shell({ session, children }: { session: Session; children: ReactNode }) {
  const teaches = isInstructor(session);
  const nav = useRef<HTMLElement>(null);
  const { pathname } = useLocation();
  // On a phone not every page's name fits: the present one is always seen.
  // biome-ignore lint/correctness/useExhaustiveDependencies: another path is another present page
  useEffect(() => {
    nav.current?.querySelector("[aria-current=page]")?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [pathname]);
  return (
    <div className="flex min-h-dvh flex-col">
      <a
        href="#content"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:px-3 focus:py-2"
      >
        Skip to the page
      </a>
      <header className="no-print flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-line bg-sheet px-4 py-1.5">
        <span className="flex items-center gap-2 font-title text-lg">
          <img src="/heron.svg" alt="" className="size-6" />
          {session.school?.name}
        </span>
        <nav ref={nav} aria-label="Main" className="order-3 flex w-full gap-1 overflow-x-auto sm:order-none sm:w-auto">
          <Go to="/forms">Forms</Go>
          <Go to="/applications">Applications</Go>
          {teaches && <Go to="/knowledge">Who knows what</Go>}
          {teaches && <Go to="/students">Students</Go>}
          {session.person?.studentId && <Go to={`/students/${session.person.studentId}`}>My record</Go>}
          <Go to="/terms">Terms</Go>
          {session.person?.role === "head" && <Go to="/school">School</Go>}
        </nav>
        <span className="ml-auto text-sm sm:text-base">
          <PersonMenu session={session} />
        </span>
      </header>
      <div id="content" className="flex min-h-0 flex-1 flex-col">
        {children}
      </div>
    </div>
  );
}

function Go({ to, children }: { to: string; children: ReactNode }) {
  return (
    <NavLink
      to={to}
      className={({ isActive }) =>
        `whitespace-nowrap rounded px-2.5 py-1.5 ${isActive ? "bg-water-soft font-semibold text-water" : "hover:bg-sunk"}`
      }
    >
      {children}
    </NavLink>
  );
}

type Theme = "system" | "light" | "dark";

function PersonMenu({ session }: { session: Session }) {
  const attempt = useAttempt();
  const queries = useQueryClient();
  const [theme, setTheme] = useState<Theme>(() => (localStorage.getItem("heron.theme") as Theme) ?? "system");
  useEffect(() => {
    if (theme === "system") delete document.documentElement.dataset.theme;
    else document.documentElement.dataset.theme = theme;
    localStorage.setItem("heron.theme", theme);
  }, [theme]);
  const leave = () =>
    attempt(async () => {
      await api.DELETE("/api/session");
      queries.clear();
      location.assign("/");
    });
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="rounded px-2.5 py-1.5 hover:bg-sunk">
        {session.person?.name}
        <span className="ml-1.5 text-ink-soft max-sm:hidden">· {roleName(session.person?.role)}</span>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          className="z-50 min-w-52 rounded border border-line bg-sheet p-1 shadow-lg"
        >
          <DropdownMenu.Label className="px-2 py-1 text-sm text-ink-soft">Light or dark</DropdownMenu.Label>
          <DropdownMenu.RadioGroup value={theme} onValueChange={(v) => setTheme(v as Theme)}>
            {(["system", "light", "dark"] as const).map((t) => (
              <DropdownMenu.RadioItem
                key={t}
                value={t}
                className="flex items-center gap-2 rounded px-2 py-1.5 data-highlighted:bg-sunk"
              >
                <span className="w-4">
                  <DropdownMenu.ItemIndicator>•</DropdownMenu.ItemIndicator>
                </span>
                {t === "system" ? "As the device" : t === "light" ? "Light" : "Dark"}
              </DropdownMenu.RadioItem>
            ))}
          </DropdownMenu.RadioGroup>
          <DropdownMenu.Separator className="my-1 h-px bg-line" />
          <DropdownMenu.Item className="rounded px-2 py-1.5 data-highlighted:bg-sunk" onSelect={leave}>
            Sign out
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

function roleName(role: string | undefined) {
  return role === "head" ? "head instructor" : (role ?? "");
}
