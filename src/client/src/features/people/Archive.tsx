import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { answer, api, Problem } from "../../api/client";
import { Button } from "../../ui/Button";

/** The whole school as one file, out and in. */
export function Archive() {
  const queries = useQueryClient();
  const input = useRef<HTMLInputElement>(null);
  const take = useMutation({
    mutationFn: async (file: File) =>
      answer(
        api.POST("/api/school/archive", {
          // The contract tells a file as text; it goes out as it is.
          body: file as unknown as string,
          bodySerializer: (body) => body as unknown as BodyInit,
          headers: { "Content-Type": "application/zip" },
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  });
  const problem = take.error instanceof Problem ? take.error : undefined;
  const taken = take.data;
  return (
    <section>
      <h2 className="text-xl">The whole school as one file</h2>
      <p className="mt-1 text-ink-soft">
        A ZIP file of plain JSON: forms, applications, students with their marks, ranks, classes and words. It holds
        names; keep it as you keep the roster.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <a
          href="/api/school/archive"
          download
          className="inline-flex min-h-9 items-center rounded border border-line-strong bg-sheet px-3 py-1 hover:bg-sunk"
        >
          Take the school out
        </a>
        <Button onClick={() => input.current?.click()} disabled={take.isPending}>
          {take.isPending ? "Taking it in…" : "Take a file in"}
        </Button>
        <input
          ref={input}
          type="file"
          accept=".zip,application/zip"
          aria-label="Archive of a school"
          className="sr-only"
          tabIndex={-1}
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) take.mutate(file);
            e.target.value = "";
          }}
        />
      </div>
      <p className="mt-1 text-sm text-ink-soft">
        What is taken in is added. Nothing of this school is changed: people of the same name are taken as the same.
      </p>
      {problem && (
        <div role="alert" className="mt-2 border-l-4 border-ember bg-ember-soft px-3 py-2 text-ember">
          <p>Nothing was taken in.</p>
          <ul>
            {Object.entries(problem.errors).map(([place, messages]) => (
              <li key={place}>
                {place}: {messages.join(" ")}
              </li>
            ))}
            {Object.keys(problem.errors).length === 0 && <li>{problem.words()}</li>}
          </ul>
        </div>
      )}
      {taken && (
        <div role="status" className="mt-2 border-l-4 border-reed bg-reed-soft px-3 py-2">
          <p>
            Taken in: {taken.forms} forms, {taken.applications} applications, {taken.students} students, {taken.marks}{" "}
            marks, {taken.ranks} ranks, {taken.classes} classes, {taken.terms} words.
          </p>
          <ul>
            {taken.notes.map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}
