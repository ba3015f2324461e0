import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, byField } from "../../api/client";
import { isInstructor, useSession } from "../../app/session";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { useAttempt, useNotice } from "../../ui/notices";
import { Refused } from "../../ui/Refused";
import { Waiting } from "../../ui/Waiting";
import { ImportSheet } from "./ImportSheet";

export default function FormsPage() {
  const { data: session } = useSession();
  const teaches = isInstructor(session);
  const [archived, setArchived] = useState(false);
  const [importing, setImporting] = useState(false);
  const navigate = useNavigate();
  const notify = useNotice();
  const attempt = useAttempt();
  const queries = useQueryClient();
  const forms = useQuery({
    queryKey: ["forms", archived],
    queryFn: () => answer(api.GET("/api/forms", { params: { query: { archived } } })),
  });
  const [title, setTitle] = useState("");
  const add = useMutation({
    mutationFn: () => answer(api.POST("/api/forms", { body: { form: { title } } })),
    onSuccess: (made) => {
      queries.invalidateQueries({ queryKey: ["forms"] });
      navigate(`/forms/${made.id}`);
    },
  });
  if (!forms.data) return <Waiting error={forms.error} />;
  const restore = (id: string, name: string) =>
    attempt(async () => {
      await api.POST("/api/forms/{id}/restore", { params: { path: { id } } });
      queries.invalidateQueries({ queryKey: ["forms"] });
      notify(`${name} is back among the forms.`);
    });
  return (
    <main className="mx-auto w-full max-w-4xl p-4 sm:p-6">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h1 className="text-3xl">{archived ? "Forms put away" : "Forms"}</h1>
        <span className="flex flex-wrap gap-2">
          <Button kind="quiet" onClick={() => navigate("/compare")}>
            Compare
          </Button>
          {teaches && (
            <>
              <Button kind="quiet" onClick={() => setImporting(true)}>
                Take in a file
              </Button>
              <Button kind="quiet" onClick={() => setArchived(!archived)}>
                {archived ? "Back to the forms" : "Forms put away"}
              </Button>
            </>
          )}
        </span>
      </div>
      {forms.data.length === 0 && (
        <p className="mt-4 max-w-prose text-ink-soft">
          {archived
            ? "Nothing has been put away."
            : teaches
              ? "No form is written yet. Give the first one a name below, then say it count by count."
              : "No form is shared with your rank yet. Ask your instructor."}
        </p>
      )}
      <ul className="mt-4 border-t border-line">
        {forms.data.map((form) => (
          <li key={form.id} className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line py-3">
            <Link to={`/forms/${form.id}`} className="font-title text-xl hover:underline">
              {form.title}
            </Link>
            <span className="text-ink-soft">
              {form.counts} counts, {form.sections === 0 ? "not cut yet" : `${form.sections} sections`}
              {form.findings > 0 && <span className="text-reed"> · {form.findings} to decide</span>}
            </span>
            <span className="ml-auto text-sm text-ink-soft">
              {teaches && `${form.sharedFrom ? `from ${form.sharedFrom} up` : "instructors only"} · `}
              {new Date(form.savedAt).toLocaleDateString()} by {form.savedBy}
            </span>
            {archived && <Button onClick={() => restore(form.id, form.title)}>Take out again</Button>}
          </li>
        ))}
      </ul>
      {teaches && !archived && (
        <form
          className="mt-6 flex max-w-md flex-wrap items-end gap-2"
          onSubmit={(event: FormEvent) => {
            event.preventDefault();
            add.mutate();
          }}
        >
          <div className="flex-1">
            <TextField
              label="Name of a new form"
              value={title}
              onChange={(e) => setTitle(e.target.value)}
              errors={byField(add.error)["form.title"]}
            />
          </div>
          <Button kind="strong" type="submit" disabled={add.isPending}>
            Begin writing
          </Button>
          <Refused error={add.error} beside={["form.title"]} />
        </form>
      )}
      {importing && <ImportSheet onClose={() => setImporting(false)} />}
    </main>
  );
}
