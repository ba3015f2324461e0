import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { answer, api, byField } from "../../api/client";
import { isInstructor, useSession } from "../../app/session";
import { Button } from "../../ui/Button";
import { useAttempt, useNotice } from "../../ui/notices";
import { Refused } from "../../ui/Refused";
import { Sheet } from "../../ui/Sheet";
import { Waiting } from "../../ui/Waiting";
import { ApplicationFields, applicationFields } from "./ApplicationFields";
import { type Application, type ApplicationRequest, attackInWords } from "./words";

export default function ApplicationPage() {
  const { id = "" } = useParams();
  const [params, setParams] = useSearchParams();
  const otherSide = params.get("side") === "other";
  const { data: session } = useSession();
  const [editing, setEditing] = useState(false);
  const navigate = useNavigate();
  const notify = useNotice();
  const attempt = useAttempt();
  const queries = useQueryClient();
  const path = { path: { id } };
  const application = useQuery({
    queryKey: ["applications", id, otherSide],
    queryFn: () => answer(api.GET("/api/applications/{id}", { params: { ...path, query: { otherSide } } })),
    placeholderData: (before) => before,
  });
  const a = application.data;
  if (!a) return <Waiting error={application.error} />;
  const archive = () =>
    attempt(async () => {
      await api.POST("/api/applications/{id}/archive", { params: path });
      queries.invalidateQueries({ queryKey: ["applications"] });
      navigate("/applications");
      notify("Application put away.", async () => {
        await api.POST("/api/applications/{id}/restore", { params: path });
        queries.invalidateQueries({ queryKey: ["applications"] });
      });
    });
  return (
    <main className="mx-auto w-full max-w-3xl p-4 sm:p-6">
      <p className="text-sm">
        <Link to="/applications" className="text-water underline">
          Applications
        </Link>
      </p>
      <h1 className="mt-1 text-3xl">{a.name}</h1>
      <p className="mt-1 text-lg">
        Against: <b>{attackInWords(a)}</b>
      </p>
      <div className="no-print mt-3 flex flex-wrap items-center gap-2">
        <Button
          aria-pressed={otherSide}
          onClick={() => setParams(otherSide ? {} : { side: "other" }, { replace: true })}
        >
          {otherSide ? "Read as written" : "Read for the other side"}
        </Button>
        <span role="status" className="text-ink-soft">
          {otherSide
            ? "Told for the other side: every left and right exchanged."
            : "Told for the side it was written for."}
        </span>
        {isInstructor(session) && (
          <span className="ml-auto flex gap-2">
            <Button onClick={() => setEditing(true)}>Change</Button>
            <Button kind="quiet" onClick={archive}>
              Put away
            </Button>
          </span>
        )}
      </div>
      <ol className="mt-5 flex flex-col">
        {a.steps.map((step, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: steps have no other name
          <li key={i} className="grid grid-cols-[6.5rem_1fr] gap-3 border-t border-line py-2 text-lg">
            <span className={step.who === "attacker" ? "text-ink-soft" : "font-semibold text-water"}>
              {step.who === "attacker" ? "Attacker" : "Defender"}
            </span>
            <span>{step.text}</span>
          </li>
        ))}
      </ol>
      {a.note && <p className="mt-3">{a.note}</p>}
      <section aria-label="Cautions" className="mt-5 border-l-4 border-reed bg-reed-soft px-3 py-2">
        {a.cautions.map((caution, i) => (
          <p key={caution} className={i === a.cautions.length - 1 ? "mt-1 text-sm" : ""}>
            {caution}
          </p>
        ))}
      </section>
      <section className="mt-6">
        <h2 className="text-xl">The moves it explains</h2>
        {a.links.length === 0 ? (
          <p className="mt-1 text-ink-soft">None yet. Open a form, choose the moves, and press l.</p>
        ) : (
          <ul className="mt-1">
            {a.links.map((l) => (
              <LinkedMoves key={l.formId + l.firstMove} link={l} otherSide={otherSide} />
            ))}
          </ul>
        )}
      </section>
      {editing && <EditSheet application={a} otherSide={otherSide} onClose={() => setEditing(false)} />}
    </main>
  );
}

function LinkedMoves({ link, otherSide }: { link: Application["links"][number]; otherSide: boolean }) {
  const form = useQuery({
    queryKey: ["form", link.formId],
    queryFn: () => answer(api.GET("/api/forms/{id}", { params: { path: { id: link.formId } } })),
  });
  const readings = useQuery({
    queryKey: ["readings", link.formId, form.data?.revision],
    queryFn: () => answer(api.POST("/api/readings", { body: { form: form.data?.form ?? {} } })),
    enabled: form.data !== undefined,
  });
  if (!form.data || !readings.data) return null;
  const moves = readings.data.moves;
  const first = moves.findIndex((m) => m.id === link.firstMove);
  const last = moves.findIndex((m) => m.id === link.lastMove);
  const stretch = first >= 0 && last >= first ? moves.slice(first, last + 1) : [];
  return (
    <li className="border-t border-line py-2">
      <Link to={`/forms/${link.formId}?move=${link.firstMove}`} className="text-water underline">
        {form.data.title}
      </Link>
      {stretch.length === 0 ? (
        <p className="text-ink-soft">The moves are no longer in the form; link the application anew.</p>
      ) : (
        <ul>
          {stretch.map((m) => (
            <li key={m.id}>
              {m.count > 0 ? `${m.count}. ` : ""}
              {m.words}
            </li>
          ))}
        </ul>
      )}
      {otherSide && stretch.length > 0 && (
        <p className="text-sm text-ink-soft">The form itself is shown as it is performed, not exchanged.</p>
      )}
    </li>
  );
}

function EditSheet({
  application,
  otherSide,
  onClose,
}: {
  application: Application;
  otherSide: boolean;
  onClose: () => void;
}) {
  // What is stored is changed, whatever side is being read.
  const stored = useQuery({
    queryKey: ["applications", application.id, false],
    queryFn: () => answer(api.GET("/api/applications/{id}", { params: { path: { id: application.id } } })),
    initialData: otherSide ? undefined : application,
  });
  const [changed, setChanged] = useState<ApplicationRequest>();
  const queries = useQueryClient();
  const value: ApplicationRequest | undefined =
    changed ?? (stored.data && { ...stored.data, basedOn: stored.data.revision });
  const save = useMutation({
    mutationFn: (body: ApplicationRequest) =>
      answer(api.PUT("/api/applications/{id}", { params: { path: { id: application.id } }, body })),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ["applications"] });
      onClose();
    },
  });
  if (!value) return null;
  return (
    <Sheet
      open
      wide
      onClose={onClose}
      title="Change the application"
      about="As it was written, not for the other side."
    >
      <form
        className="flex flex-col gap-4"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          save.mutate(value);
        }}
      >
        <ApplicationFields value={value} onChange={setChanged} errors={byField(save.error)} />
        {(value.links?.length ?? 0) > 0 && (
          <div>
            <p className="text-sm text-ink-soft">Linked stretches</p>
            <ul>
              {value.links?.map((l, i) => (
                <li key={l.formId + l.firstMove} className="flex items-center gap-3">
                  Stretch {i + 1}
                  <Button
                    kind="quiet"
                    onClick={() => setChanged({ ...value, links: value.links?.filter((_, k) => k !== i) })}
                  >
                    Unlink
                  </Button>
                </li>
              ))}
            </ul>
          </div>
        )}
        <Refused error={save.error} beside={applicationFields} />
        <Button kind="strong" type="submit" className="self-start" disabled={save.isPending}>
          Keep
        </Button>
      </form>
    </Sheet>
  );
}
