import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { answer, api } from "../../api/client";
import { Button } from "../../ui/Button";
import { useAttempt, useNotice } from "../../ui/notices";
import { Waiting } from "../../ui/Waiting";
import { ComparisonTable } from "./Comparison";

/** Every save of a form with who and when; one can be compared with the newest, and taken back. */
export default function HistoryPage() {
  const { id = "" } = useParams();
  const [params, setParams] = useSearchParams();
  const chosen = params.get("revision") ? Number(params.get("revision")) : undefined;
  const navigate = useNavigate();
  const notify = useNotice();
  const attempt = useAttempt();
  const queries = useQueryClient();
  const path = { path: { id } };
  const form = useQuery({
    queryKey: ["form", id, "newest"],
    queryFn: () => answer(api.GET("/api/forms/{id}", { params: path })),
  });
  const revisions = useQuery({
    queryKey: ["revisions", id, form.data?.revision],
    queryFn: () => answer(api.GET("/api/forms/{id}/revisions", { params: path })),
    enabled: form.data !== undefined,
  });
  const comparison = useQuery({
    queryKey: ["comparison", id, chosen, form.data?.revision],
    queryFn: () =>
      answer(api.GET("/api/forms/compare", { params: { query: { first: id, firstRevision: chosen, second: id } } })),
    enabled: chosen !== undefined && form.data !== undefined,
  });
  if (!form.data || !revisions.data) return <Waiting error={form.error ?? revisions.error} />;
  const newest = form.data;
  const restore = (number: number) =>
    attempt(async () => {
      const document = await answer(
        api.GET("/api/forms/{id}/revisions/{number}", { params: { path: { id, number } } }),
      );
      await answer(api.PUT("/api/forms/{id}", { params: path, body: { basedOn: newest.revision, form: document } }));
      queries.invalidateQueries();
      navigate(`/forms/${id}`);
      notify(`The form is again as it was in save ${number}. The later ones stay in the history.`);
    });
  return (
    <main className="mx-auto w-full max-w-6xl p-4 sm:p-6">
      <p className="text-sm">
        <Link to={`/forms/${id}`} className="text-water underline">
          {newest.title}
        </Link>
      </p>
      <h1 className="mt-1 text-3xl">History</h1>
      <div className="mt-4 grid gap-6 lg:grid-cols-[20rem_minmax(0,1fr)]">
        <ol className="max-h-[70dvh] overflow-y-auto border-t border-line" aria-label="Saves, newest first">
          {revisions.data.map((r) => (
            <li
              key={r.number}
              className={`flex items-center gap-2 border-b border-line px-2 py-1.5 ${r.number === chosen ? "bg-water-soft" : ""}`}
            >
              <span className="flex-1">
                <b className="font-title">{r.number}</b> {new Date(r.savedAt).toLocaleString()}
                <span className="block text-sm text-ink-soft">{r.savedBy}</span>
              </span>
              {r.number === newest.revision ? (
                <span className="text-sm text-ink-soft">newest</span>
              ) : (
                <Button onClick={() => setParams({ revision: String(r.number) }, { replace: true })}>
                  Compare<span className="sr-only"> save {r.number}</span>
                </Button>
              )}
            </li>
          ))}
        </ol>
        <section aria-label="Comparison">
          {chosen === undefined ? (
            <p className="text-ink-soft">Choose a save to see what has changed since.</p>
          ) : comparison.data ? (
            <>
              <Button kind="strong" className="mb-3" onClick={() => restore(chosen)}>
                Make the form as it was in save {chosen}
              </Button>
              <ComparisonTable comparison={comparison.data} left={`Save ${chosen}`} right="Newest" />
            </>
          ) : (
            <Waiting error={comparison.error} />
          )}
        </section>
      </div>
    </main>
  );
}
