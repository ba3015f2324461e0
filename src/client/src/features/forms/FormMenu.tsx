import { useQuery, useQueryClient } from "@tanstack/react-query";
import { DropdownMenu } from "radix-ui";
import { useState } from "react";
import { useNavigate } from "react-router";
import { answer, api } from "../../api/client";
import { Button } from "../../ui/Button";
import { grouped } from "../../ui/grouped";
import { useAttempt, useNotice } from "../../ui/notices";
import { scoreKeys } from "./keys";
import type { FormResponse } from "./types";

const item = "flex items-center justify-between gap-6 rounded px-2 py-1 data-highlighted:bg-sunk";

/** Everything the keys do, by name, and what concerns the form as a whole. */
export function FormMenu({
  commands,
  mayEdit,
  stored,
}: {
  commands: Record<string, () => void>;
  mayEdit: boolean;
  stored: FormResponse;
}) {
  const notify = useNotice();
  const attempt = useAttempt();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const lists = useQuery({
    queryKey: ["lists"],
    queryFn: () => answer(api.GET("/api/school/lists")),
    enabled: mayEdit,
  });
  // The form that stands open is not fetched again: what the menu changes about it, the menu keeps.
  const [sharedFrom, setSharedFrom] = useState(stored.sharedFromRankId ?? "");
  const path = { path: { id: stored.id } };
  const share = (fromRankId: string | null, name: string) =>
    attempt(async () => {
      await api.PUT("/api/forms/{id}/sharing", { params: path, body: { fromRankId } });
      setSharedFrom(fromRankId ?? "");
      queries.invalidateQueries({ queryKey: ["forms"] });
      notify(fromRankId ? `Shared with students from ${name} up.` : "Instructors only.");
    });
  const archive = () =>
    attempt(async () => {
      await api.POST("/api/forms/{id}/archive", { params: path });
      queries.invalidateQueries({ queryKey: ["forms"] });
      navigate("/forms");
      notify("Form put away.", async () => {
        await api.POST("/api/forms/{id}/restore", { params: path });
        queries.invalidateQueries({ queryKey: ["forms"] });
      });
    });
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <Button>Menu</Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          collisionPadding={4}
          className="z-50 max-h-[80dvh] max-w-(--radix-dropdown-menu-content-available-width) overflow-y-auto sm:min-w-80 rounded border border-line-strong bg-sheet p-1 shadow-lg"
        >
          {mayEdit &&
            [...grouped(scoreKeys, (k) => k.group)].map(([group, keys]) => (
              <DropdownMenu.Group key={group}>
                <DropdownMenu.Label className="px-2 pt-1 text-sm text-ink-soft">{group}</DropdownMenu.Label>
                {keys
                  .filter((k) => commands[k.key] && k.key !== "?")
                  .map((k) => (
                    // A menu gives its focus back when it closes; the command comes after that.
                    <DropdownMenu.Item
                      key={k.key}
                      className={item}
                      onSelect={() => setTimeout(() => commands[k.key]?.())}
                    >
                      <span className="first-letter:uppercase">{k.does}</span>
                      <kbd className="font-sans whitespace-nowrap text-ink-soft">{k.key}</kbd>
                    </DropdownMenu.Item>
                  ))}
              </DropdownMenu.Group>
            ))}
          <DropdownMenu.Item className={item} onSelect={() => setTimeout(() => commands["?"]?.())}>
            Show all keys <kbd className="font-sans text-ink-soft">?</kbd>
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={() => setTimeout(() => print())}>
            Print
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={() => navigate(`/forms/${stored.id}/sheet`)}>
            Sheet with figures, to print
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={() => navigate(`/compare?first=${stored.id}`)}>
            Compare with another form
          </DropdownMenu.Item>
          {mayEdit && (
            <DropdownMenu.Item className={item} onSelect={() => navigate(`/forms/${stored.id}/history`)}>
              History
            </DropdownMenu.Item>
          )}
          <DropdownMenu.Separator className="my-1 h-px bg-line" />
          <DropdownMenu.Label className="px-2 py-1 text-sm text-ink-soft">Take it out as</DropdownMenu.Label>
          {(
            [
              ["json", "Form document (JSON)"],
              ["csv", "Table of moves (CSV)"],
              ["md", "Call sheet (Markdown)"],
              ["txt", "Call sheet (plain text)"],
              ["floor", "Floor in true scale (SVG)"],
              ["figures", "Figures (SVG)"],
              ["vtt", "Cues for a video (WebVTT)"],
              ["times", "Times (CSV)"],
              ["wav", "Count track, clicks (WAV)"],
              ["wav&called=numbers", "Count track, numbers aloud (WAV)"],
            ] as const
          ).map(([as, name]) => (
            <DropdownMenu.Item key={as} asChild className={item}>
              <a href={`/api/forms/${stored.id}/export?as=${as}`} download>
                {name}
              </a>
            </DropdownMenu.Item>
          ))}
          {mayEdit && (
            <>
              <DropdownMenu.Separator className="my-1 h-px bg-line" />
              <DropdownMenu.Label className="px-2 py-1 text-sm text-ink-soft">
                Students may read it from
              </DropdownMenu.Label>
              <DropdownMenu.RadioGroup value={sharedFrom}>
                {[{ id: "", name: "Instructors only" }, ...(lists.data?.ranks ?? [])].map((rank) => (
                  <DropdownMenu.RadioItem
                    key={rank.id}
                    value={rank.id}
                    className={item}
                    onSelect={() => share(rank.id || null, rank.name)}
                  >
                    {rank.name}
                    <DropdownMenu.ItemIndicator>✓</DropdownMenu.ItemIndicator>
                  </DropdownMenu.RadioItem>
                ))}
              </DropdownMenu.RadioGroup>
              <DropdownMenu.Separator className="my-1 h-px bg-line" />
              <DropdownMenu.Item className={item} onSelect={archive}>
                Put the form away
              </DropdownMenu.Item>
            </>
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
