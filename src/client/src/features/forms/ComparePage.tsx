import { useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import { answer, api } from "../../api/client";
import { isInstructor, useSession } from "../../app/session";
import { Choice } from "../../ui/Field";
import { Waiting } from "../../ui/Waiting";
import { ComparisonTable } from "./Comparison";

/** Two forms or versions side by side, and the passages that the school's forms share. */
export default function ComparePage() {
  const { data: session } = useSession();
  const [params, setParams] = useSearchParams();
  const forms = useQuery({ queryKey: ["forms", false], queryFn: () => answer(api.GET("/api/forms")) });
  const first = params.get("first") || forms.data?.[0]?.id;
  const second = params.get("second") || forms.data?.find((f) => f.id !== first)?.id;
  const comparison = useQuery({
    queryKey: ["comparison", first, second],
    queryFn: () =>
      answer(api.GET("/api/forms/compare", { params: { query: { first: first ?? "", second: second ?? "" } } })),
    enabled: Boolean(first && second),
  });
  const passages = useQuery({
    queryKey: ["passages"],
    queryFn: () => answer(api.GET("/api/forms/passages")),
    enabled: isInstructor(session),
  });
  if (!forms.data) return <Waiting error={forms.error} />;
  const options = forms.data.map((f) => [f.id, f.title] as const);
  const choose = (side: string, id: string) =>
    setParams({ first: first ?? "", second: second ?? "", [side]: id }, { replace: true });
  return (
    <main className="mx-auto w-full max-w-6xl p-4 sm:p-6">
      <h1 className="text-3xl">Compare</h1>
      {forms.data.length < 2 ? (
        <p className="mt-3 text-ink-soft">Two forms are needed: write a second one, or keep a copy of the first.</p>
      ) : (
        <>
          <div className="my-3 grid max-w-3xl gap-3 sm:grid-cols-2">
            <Choice
              label="On the left"
              options={options}
              value={first}
              onChange={(e) => choose("first", e.target.value)}
            />
            <Choice
              label="On the right"
              options={options}
              value={second}
              onChange={(e) => choose("second", e.target.value)}
            />
          </div>
          {comparison.data ? (
            <ComparisonTable
              comparison={comparison.data}
              left={comparison.data.firstTitle}
              right={comparison.data.secondTitle}
            />
          ) : (
            <Waiting error={comparison.error} />
          )}
        </>
      )}
      {passages.data && (
        <section className="mt-8">
          <h2 className="text-xl">Passages that occur twice</h2>
          <p className="text-ink-soft">
            Three moves or more with the same feet, hands and kicks, in whatever direction.
          </p>
          {passages.data.length === 0 && <p className="mt-2">None: every passage is done once.</p>}
          <ul className="mt-2 border-t border-line">
            {passages.data.map((p) => (
              <li key={p.firstMove + p.secondMove} className="border-b border-line py-1.5">
                {p.length} moves from{" "}
                <Link className="text-water underline" to={`/forms/${p.firstForm}?move=${p.firstMove}`}>
                  {p.firstTitle}, {p.firstCount ? `count ${p.firstCount}` : "the opening"}
                </Link>{" "}
                {p.mirrored ? "are done on the other side" : "are done again"} from{" "}
                <Link className="text-water underline" to={`/forms/${p.secondForm}?move=${p.secondMove}`}>
                  {p.secondForm === p.firstForm ? "" : `${p.secondTitle}, `}
                  {p.secondCount ? `count ${p.secondCount}` : "the opening"}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
    </main>
  );
}
