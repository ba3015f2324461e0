import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, byField } from "../../api/client";
import { isInstructor, useSession } from "../../app/session";
import { Button } from "../../ui/Button";
import { grouped } from "../../ui/grouped";
import { Refused } from "../../ui/Refused";
import { Sheet } from "../../ui/Sheet";
import { Waiting } from "../../ui/Waiting";
import { ApplicationFields, applicationFields, blankApplication } from "./ApplicationFields";
import { attackInWords, attackWords } from "./words";

export default function ApplicationsPage() {
  const { data: session } = useSession();
  const [adding, setAdding] = useState(false);
  const applications = useQuery({ queryKey: ["applications"], queryFn: () => answer(api.GET("/api/applications")) });
  const forms = useQuery({ queryKey: ["forms", false], queryFn: () => answer(api.GET("/api/forms")) });
  if (!applications.data) return <Waiting error={applications.error} />;
  const titles = new Map(forms.data?.map((f) => [f.id, f.title]));
  const byAttack = grouped(applications.data, (a) => a.attack);
  return (
    <main className="mx-auto w-full max-w-4xl p-4 sm:p-6">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h1 className="text-3xl">Applications</h1>
        {isInstructor(session) && <Button onClick={() => setAdding(true)}>Write an application</Button>}
      </div>
      {applications.data.length === 0 && (
        <p className="mt-4 max-w-prose text-ink-soft">
          No application is written yet. Open a form, choose the moves it explains, and press l: for example “Sweep and
          step in”, against a right front kick.
        </p>
      )}
      {[...byAttack].map(([attack, list]) => (
        <section key={attack} className="mt-5">
          <h2 className="text-xl first-letter:uppercase">{attackWords[attack]}</h2>
          <ul className="mt-1 border-t border-line">
            {list.map((a) => (
              <li key={a.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-line py-2">
                <Link to={`/applications/${a.id}`} className="text-lg hover:underline">
                  {a.name}
                </Link>
                <span className="text-ink-soft">against: {attackInWords(a)}</span>
                <span className="ml-auto text-sm text-ink-soft">
                  {[...new Set(a.links.map((l) => titles.get(l.formId)).filter(Boolean))].join(", ") ||
                    "linked to no form"}
                </span>
              </li>
            ))}
          </ul>
        </section>
      ))}
      {adding && <AddSheet onClose={() => setAdding(false)} />}
    </main>
  );
}

function AddSheet({ onClose }: { onClose: () => void }) {
  const [value, setValue] = useState(blankApplication);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const add = useMutation({
    mutationFn: () => answer(api.POST("/api/applications", { body: value })),
    onSuccess: (made) => {
      queries.invalidateQueries({ queryKey: ["applications"] });
      navigate(`/applications/${made.id}`);
    },
  });
  return (
    <Sheet
      open
      wide
      onClose={onClose}
      title="A new application"
      about="It can be linked to moves from the form's own page, with the key l."
    >
      <form
        className="flex flex-col gap-4"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          add.mutate();
        }}
      >
        <ApplicationFields value={value} onChange={setValue} errors={byField(add.error)} />
        <Refused error={add.error} beside={applicationFields} />
        <Button kind="strong" type="submit" className="self-start" disabled={add.isPending}>
          Keep
        </Button>
      </form>
    </Sheet>
  );
}
