import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { answer, api } from "../../api/client";
import { Waiting } from "../../ui/Waiting";
import { Reed, stepWords } from "./steps";

/** One student's record: what they know now, and how it came about. */
export default function StudentPage() {
  const { id = "" } = useParams();
  const record = useQuery({
    queryKey: ["record", id],
    queryFn: () => answer(api.GET("/api/students/{id}/record", { params: { path: { id } } })),
  });
  if (!record.data) return <Waiting error={record.error} />;
  const { student, forms, history } = record.data;
  const section = (formId: string, sectionId: string) => {
    const form = forms.find((f) => f.formId === formId);
    const found = form?.sections.find((s) => s.id === sectionId);
    return form && found ? `${form.title}, ${found.letter} ${found.name}` : "a section that is no longer there";
  };
  return (
    <main className="mx-auto w-full max-w-4xl p-4 sm:p-6">
      <h1 className="text-3xl">{student.name}</h1>
      <p className="text-ink-soft">
        {[
          student.rank ?? "no rank",
          student.trainingClass ?? "no class",
          student.heightCm ? `${student.heightCm} cm` : "",
        ]
          .filter(Boolean)
          .join(" · ")}
      </p>
      {forms.length === 0 && <p className="mt-4">No form is shared with this rank yet.</p>}
      {forms.map((form) => {
        const marks = new Map(form.marks.map((m) => [m.section, m]));
        return (
          <section key={form.formId} className="mt-5">
            <h2 className="text-xl">
              <Link to={`/forms/${form.formId}`} className="hover:underline">
                {form.title}
              </Link>
            </h2>
            {form.sections.length === 0 ? (
              <p className="text-ink-soft">Not cut into sections yet.</p>
            ) : (
              <ul className="mt-1 border-t border-line">
                {form.sections.map((s) => {
                  const mark = marks.get(s.id);
                  return (
                    <li key={s.id} className="flex items-center gap-3 border-b border-line py-1.5">
                      <Reed step={mark?.step ?? "notShown"} />
                      <span className="w-6 font-title text-lg">{s.letter}</span>
                      <span className="flex-1">
                        {s.name || "no name"}{" "}
                        <span className="text-sm text-ink-soft">
                          {s.firstCount}–{s.lastCount}
                        </span>
                      </span>
                      <span>{stepWords[mark?.step ?? "notShown"]}</span>
                      <span className="w-40 text-right text-sm text-ink-soft">
                        {mark && `${new Date(mark.markedAt).toLocaleDateString()} by ${mark.markedBy}`}
                      </span>
                    </li>
                  );
                })}
              </ul>
            )}
          </section>
        );
      })}
      {history.length > 0 && (
        <details className="mt-6">
          <summary className="cursor-pointer text-water">History ({history.length})</summary>
          <ul className="mt-2">
            {history.map((m) => (
              <li
                key={m.id}
                className={`flex flex-wrap gap-x-3 border-b border-line py-1 ${m.withdrawn ? "text-ink-soft line-through" : ""}`}
              >
                <span className="w-28">{new Date(m.markedAt).toLocaleDateString()}</span>
                <span className="flex-1">{section(m.formId, m.section)}</span>
                <span>{stepWords[m.step]}</span>
                <span className="text-sm text-ink-soft">
                  {m.markedBy}
                  {m.withdrawn && " (taken back)"}
                </span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </main>
  );
}
