import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { answer, api, type Schemas, whyNot } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Field";
import { useNotice } from "../../ui/notices";
import { Waiting } from "../../ui/Waiting";
import { Reed, type Step, steps, stepWords } from "./steps";

type Grid = Schemas["GridResponse"];
type Mark = Schemas["GridMark"];

/** Students by sections of a form: one tap or key marks how well. */
export default function GridPage() {
  const [params, setParams] = useSearchParams();
  const forms = useQuery({ queryKey: ["forms", false], queryFn: () => answer(api.GET("/api/forms")) });
  const lists = useQuery({ queryKey: ["lists"], queryFn: () => answer(api.GET("/api/school/lists")) });
  const formId = params.get("form") ?? forms.data?.find((f) => f.sections > 0)?.id;
  const classId = params.get("class") ?? "";
  const page = Number(params.get("page") ?? 0);
  const key = ["grid", formId, classId, page];
  const grid = useQuery({
    queryKey: key,
    queryFn: () =>
      answer(
        api.GET("/api/knowledge", {
          params: { query: { formId: formId ?? "", ...(classId ? { classId } : {}), page } },
        }),
      ),
    enabled: formId !== undefined,
    placeholderData: (before) => before,
  });
  const set = (name: string, value: string) =>
    setParams(
      (p) => {
        if (value) p.set(name, value);
        else p.delete(name);
        if (name !== "page") p.delete("page");
        return p;
      },
      { replace: true },
    );
  if (!forms.data || !lists.data) return <Waiting error={forms.error ?? lists.error} />;
  if (!formId)
    return (
      <main className="mx-auto max-w-2xl p-6">
        <h1 className="text-3xl">Who knows what</h1>
        <p className="mt-3">
          No form is cut into sections yet. Open a form, choose the move where a teachable piece begins, and press d.
          Then every student gets a row here.
        </p>
      </main>
    );
  const pages = grid.data ? Math.ceil(grid.data.total / grid.data.pageSize) : 1;
  return (
    <main className="mx-auto w-full max-w-6xl p-4 sm:p-6">
      <h1 className="text-3xl">Who knows what</h1>
      <div className="no-print mt-3 flex flex-wrap gap-3">
        <div className="w-64">
          <Choice
            label="Form"
            options={forms.data.filter((f) => f.sections > 0).map((f) => [f.id, f.title] as const)}
            value={formId}
            onChange={(e) => set("form", e.target.value)}
          />
        </div>
        <div className="w-52">
          <Choice
            label="Class"
            options={[["", "everyone"], ...lists.data.classes.map((c) => [c.id, c.name] as const)]}
            value={classId}
            onChange={(e) => set("class", e.target.value)}
          />
        </div>
      </div>
      {!grid.data ? <Waiting error={grid.error} /> : <GridTable grid={grid.data} queryKey={key} />}
      {pages > 1 && (
        <p className="no-print mt-3 flex items-center gap-3">
          <Button disabled={page === 0} onClick={() => set("page", String(page - 1))}>
            Earlier
          </Button>
          Page {page + 1} of {pages}
          <Button disabled={page >= pages - 1} onClick={() => set("page", String(page + 1))}>
            Later
          </Button>
        </p>
      )}
    </main>
  );
}

function GridTable({ grid, queryKey }: { grid: Grid; queryKey: unknown[] }) {
  const [tap, setTap] = useState<Step | "up">("up");
  const [at, setAt] = useState({ row: 0, column: 0 });
  const queries = useQueryClient();
  const notify = useNotice();
  const table = useRef<HTMLTableElement>(null);
  const marks = new Map(grid.marks.map((m) => [m.studentId + m.section, m]));

  const put = (mark: Mark | undefined, studentId: string, section: string) =>
    queries.setQueryData<Grid>(queryKey, (before) =>
      before
        ? {
            ...before,
            marks: [
              ...before.marks.filter((m) => m.studentId !== studentId || m.section !== section),
              ...(mark ? [mark] : []),
            ],
          }
        : before,
    );

  const mark = async (studentId: string, name: string, section: string, letter: string, step: Step) => {
    const before = marks.get(studentId + section);
    if ((before?.step ?? "notShown") === step) return;
    // Shown at once; a refusal puts it back.
    put({ id: "", studentId, section, step, markedAt: new Date().toISOString(), markedBy: "" }, studentId, section);
    try {
      const made = await answer(
        api.POST("/api/knowledge", { body: { studentId, formId: grid.formId, section, step } }),
      );
      put(made, studentId, section);
      notify(`${name}, section ${letter}: ${stepWords[step]}.`, async () => {
        await api.DELETE("/api/knowledge/{id}", { params: { path: { id: made.id } } });
        put(before, studentId, section);
      });
    } catch (error) {
      put(before, studentId, section);
      notify(whyNot(error));
    }
  };

  const focus = (row: number, column: number) => {
    const next = {
      row: Math.max(0, Math.min(grid.students.length - 1, row)),
      column: Math.max(0, Math.min(grid.sections.length - 1, column)),
    };
    setAt(next);
    table.current?.querySelector<HTMLButtonElement>(`[data-cell="${next.row}-${next.column}"]`)?.focus();
  };

  if (grid.students.length === 0)
    return (
      <p className="mt-5">
        Nobody is in this class yet.{" "}
        <Link className="text-water underline" to="/students">
          Put students on the roster
        </Link>
        .
      </p>
    );
  return (
    <>
      <fieldset className="no-print mt-4 flex flex-wrap items-center gap-1">
        <legend className="mb-1 text-sm text-ink-soft">A tap marks (keys 0 to 5 mark where the focus is)</legend>
        {(["up", ...steps.slice(1)] as (Step | "up")[]).map((s) => (
          <label
            key={s}
            className={`flex min-h-11 cursor-pointer items-center gap-1 rounded px-2.5 has-focus-visible:outline-3 has-focus-visible:outline-focus ${tap === s ? "bg-water-soft font-semibold text-water" : "hover:bg-sunk"}`}
          >
            <input type="radio" name="tap" className="sr-only" checked={tap === s} onChange={() => setTap(s)} />
            {s === "up" ? (
              "one step up"
            ) : (
              <>
                <Reed step={s} /> {steps.indexOf(s)} {stepWords[s]}
              </>
            )}
          </label>
        ))}
      </fieldset>
      <div className="mt-3 overflow-x-auto">
        <table ref={table} className="border-collapse">
          <caption className="sr-only">How well each student knows each section of {grid.title}</caption>
          <thead>
            <tr>
              <th scope="col" className="sticky left-0 z-10 bg-paper px-2 py-1 text-left font-normal text-ink-soft">
                Student
              </th>
              {grid.sections.map((s) => (
                <th key={s.id} scope="col" className="px-2 py-1 text-left align-bottom font-normal">
                  <b className="font-title text-lg">{s.letter}</b>
                  <span className="block text-sm text-ink-soft">
                    {s.name || "no name"}
                    <br />
                    {s.firstCount === s.lastCount ? s.firstCount : `${s.firstCount}–${s.lastCount}`}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {grid.students.map((student, row) => (
              <tr key={student.id} className="border-t border-line">
                <th scope="row" className="sticky left-0 z-10 bg-paper px-2 py-0 text-left font-normal">
                  <Link to={`/students/${student.id}`} className="hover:underline">
                    {student.name}
                  </Link>
                  <span className="block text-sm leading-tight text-ink-soft">{student.rank ?? "no rank"}</span>
                </th>
                {grid.sections.map((section, column) => {
                  const known = marks.get(student.id + section.id);
                  const step = known?.step ?? "notShown";
                  const up = steps[Math.min(5, steps.indexOf(step) + 1)] ?? "shown";
                  const act = (to: Step) => mark(student.id, student.name, section.id, section.letter, to);
                  return (
                    <td key={section.id} className="p-0.5">
                      <button
                        type="button"
                        data-cell={`${row}-${column}`}
                        tabIndex={at.row === row && at.column === column ? 0 : -1}
                        className="flex h-12 min-w-20 items-center gap-1.5 rounded bg-sheet px-2 hover:bg-water-soft"
                        title={
                          known?.markedBy
                            ? `${new Date(known.markedAt).toLocaleDateString()} by ${known.markedBy}`
                            : undefined
                        }
                        onFocus={() => setAt({ row, column })}
                        onClick={() => act(tap === "up" ? up : tap)}
                        onKeyDown={(e) => {
                          const moves: Record<string, [number, number]> = {
                            ArrowUp: [-1, 0],
                            ArrowDown: [1, 0],
                            ArrowLeft: [0, -1],
                            ArrowRight: [0, 1],
                          };
                          const by = moves[e.key];
                          if (by) {
                            e.preventDefault();
                            focus(row + by[0], column + by[1]);
                          } else if (/^[0-5]$/.test(e.key)) {
                            const to = steps[Number(e.key)];
                            if (to) act(to);
                          }
                        }}
                      >
                        <span className="sr-only">
                          {student.name}, section {section.letter}: {stepWords[step]}
                        </span>
                        <Reed step={step} />
                        <span aria-hidden="true" className="text-left text-sm leading-tight">
                          <b>{steps.indexOf(step) || "·"}</b>
                          {known && step !== "notShown" && (
                            <span className="block text-xs text-ink-soft">{shortDate(known.markedAt)}</span>
                          )}
                        </span>
                      </button>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}

function shortDate(at: string) {
  return new Date(at).toLocaleDateString(undefined, { day: "numeric", month: "short" });
}
