import { useState } from "react";
import { useSearchParams } from "react-router";
import { isInstructor, useSession } from "../../app/session";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { grouped } from "../../ui/grouped";
import { Waiting } from "../../ui/Waiting";
import { AddTermSheet, ChangeTermSheet } from "./TermSheets";
import { traditions } from "./traditions";
import { type Term, useTerms } from "./useTerms";

/** Every word that is understood, to search and read. */
export default function TermsPage() {
  const terms = useTerms();
  const [params, setParams] = useSearchParams();
  const search = params.get("q") ?? "";
  const { data: session } = useSession();
  const teaches = isInstructor(session);
  const [changing, setChanging] = useState<Term>();
  const [adding, setAdding] = useState(false);
  if (!terms.data) return <Waiting error={terms.error} />;
  const want = search.trim().toLowerCase();
  const found = terms.data.filter((t) => want === "" || allWords(t).some((w) => w.toLowerCase().includes(want)));
  const groups = grouped(found, (t) =>
    t.kind === "stance" ? "Stances" : t.kind === "footwork" ? "Footwork" : t.family,
  );
  return (
    <main className="mx-auto w-full max-w-5xl p-4 sm:p-6">
      <h1 className="text-3xl">Terms</h1>
      <p className="mt-1 text-ink-soft">
        {found.length} of {terms.data.length} terms. Any of these words may be said; names are shown in the school's
        tradition.
      </p>
      <div className="mt-3 flex max-w-xl flex-wrap items-end gap-3">
        <div className="min-w-64 flex-1">
          <TextField
            label="Find any word, in any language"
            type="search"
            value={search}
            onChange={(e) => setParams(e.target.value ? { q: e.target.value } : {}, { replace: true })}
          />
        </div>
        {teaches && <Button onClick={() => setAdding(true)}>Add a term of our own</Button>}
      </div>
      {found.length === 0 && <p className="mt-4">No term has that word.</p>}
      {[...groups].map(([group, list]) => (
        <section key={group} className="mt-6">
          <h2 className="text-xl first-letter:uppercase">{group}</h2>
          <ul className="mt-1 border-t border-line">
            {list.map((t) => (
              <li key={t.id} className="grid gap-x-4 border-b border-line py-1.5 sm:grid-cols-[14rem_1fr]">
                <span className="flex flex-wrap items-baseline gap-x-2">
                  <b>{t.name}</b>
                  {t.own && <span className="text-sm text-reed">our own</span>}
                  {t.hidden && <span className="text-sm text-ink-soft">left out of lists</span>}
                  {teaches && (
                    <button
                      type="button"
                      className="text-sm text-water underline"
                      aria-label={`Change ${t.name}`}
                      onClick={() => setChanging(t)}
                    >
                      Change
                    </button>
                  )}
                </span>
                <span>
                  {traditions
                    .filter(([key]) => t.names[key] && t.names[key] !== t.name)
                    .map(([key, shown]) => `${t.names[key]} (${shown})`)
                    .join(", ")}
                  {t.aliases.length > 0 && (
                    <span className="block text-sm text-ink-soft">also: {t.aliases.join(", ")}</span>
                  )}
                  {t.size && <span className="block text-sm text-ink-soft">{t.size}</span>}
                </span>
              </li>
            ))}
          </ul>
        </section>
      ))}
      {changing && <ChangeTermSheet term={changing} onClose={() => setChanging(undefined)} />}
      {adding && <AddTermSheet terms={terms.data} onClose={() => setAdding(false)} />}
    </main>
  );
}

function allWords(t: Term) {
  return [t.name, ...Object.values(t.names), ...t.aliases];
}
