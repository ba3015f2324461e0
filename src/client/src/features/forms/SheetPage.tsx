import { useQuery } from "@tanstack/react-query";
import { Link, useParams, useSearchParams } from "react-router";
import { answer, api } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Field";
import { Waiting } from "../../ui/Waiting";

/** A sheet for the wall: a section's moves in words, its figures, its floor. */
export default function SheetPage() {
  const { id = "" } = useParams();
  const [params, setParams] = useSearchParams();
  const heightCm = Number(params.get("height") ?? 175);
  const form = useQuery({
    queryKey: ["walkForm", id],
    queryFn: () => answer(api.GET("/api/forms/{id}", { params: { path: { id } } })),
    gcTime: 0,
  });
  const walk = useQuery({
    queryKey: ["walk", id, form.data?.revision, "class", 1, heightCm],
    queryFn: () => answer(api.POST("/api/walkthrough", { body: { form: form.data?.form ?? { title: "" }, heightCm } })),
    enabled: form.data !== undefined,
  });
  if (!form.data || !walk.data) return <Waiting error={form.error ?? walk.error} />;
  const section = walk.data.sections.find((s) => s.id === params.get("section"));
  const [first, last] = section ? [section.first, section.last] : [0, walk.data.moves.length - 1];
  const query = `heightCm=${heightCm}${section ? `&section=${section.id}` : ""}`;
  const set = (name: string, value: string) =>
    setParams(
      (p) => {
        if (value) p.set(name, value);
        else p.delete(name);
        return p;
      },
      { replace: true },
    );
  return (
    <main className="mx-auto w-full max-w-5xl p-4 print:max-w-none print:p-0">
      <div className="no-print mb-4 flex flex-wrap items-end gap-3">
        <Link to={`/forms/${id}`} className="pb-1.5 text-sm text-water underline">
          Back to the score
        </Link>
        <Choice
          label="Section"
          options={[["", "the whole form"], ...walk.data.sections.map((s) => [s.id, `${s.letter} ${s.name}`] as const)]}
          value={section?.id ?? ""}
          onChange={(e) => set("section", e.target.value)}
        />
        <Button kind="strong" onClick={() => print()}>
          Print
        </Button>
      </div>
      <h1 className="text-3xl">{walk.data.title}</h1>
      {section && (
        <p className="text-lg">
          <b>{section.letter}</b> {section.name} · starts from: {section.startPosition}
        </p>
      )}
      <img
        className="mt-3 w-full bg-white"
        src={`/api/forms/${id}/export?as=figures&${query}`}
        alt={`Figures of ${section?.name ?? "the form"}, one for each move, in order`}
      />
      <div className="mt-3 grid gap-6 sm:grid-cols-[minmax(0,1fr)_minmax(0,18rem)] print:grid-cols-[1fr_7cm]">
        <ol>
          {walk.data.moves.slice(first, last + 1).map((m) => (
            <li key={m.id} className="flex gap-3 border-b border-line py-0.5">
              <b className="w-6 shrink-0 text-right font-title">{m.beginsCount && m.count > 0 ? m.count : "–"}</b>
              <span>
                {m.words}
                {m.shout && <b className="text-ember"> !</b>}
              </span>
            </li>
          ))}
        </ol>
        <img
          className="max-h-96 w-full bg-white object-contain"
          src={`/api/forms/${id}/export?as=floor&${query}`}
          alt="The floor from above, the opening front at the top"
        />
      </div>
      {walk.data.cautions.length > 0 && (
        <ul className="mt-4 list-disc pl-5 text-sm text-ink-soft">
          {walk.data.cautions.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </ul>
      )}
    </main>
  );
}
