import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, Problem, type Schemas } from "../../api/client";
import { useSession } from "../../app/session";
import { Button } from "../../ui/Button";
import { Choice, TextField } from "../../ui/Field";
import { useAttempt, useNotice } from "../../ui/notices";
import { Waiting } from "../../ui/Waiting";
import { traditions } from "../terms/traditions";
import { Accounts } from "./Accounts";
import { Archive } from "./Archive";
import { Stances } from "./Stances";

type Named = Schemas["NamedResponse"];

/** The school's name and ways, its ranks and classes, who may sign in. */
export default function SchoolPage() {
  const { data: session } = useSession();
  const lists = useQuery({ queryKey: ["lists"], queryFn: () => answer(api.GET("/api/school/lists")) });
  if (!session?.school || !lists.data) return <Waiting error={lists.error} />;
  return (
    <main className="mx-auto flex w-full max-w-3xl flex-col gap-8 p-4 sm:p-6">
      <h1 className="text-3xl">School</h1>
      <Ways school={session.school} />
      <Stances />
      <NamedList title="Ranks, lowest first" rows={lists.data.ranks} path="ranks" />
      <NamedList title="Classes" rows={lists.data.classes} path="classes" />
      <Accounts />
      <Archive />
    </main>
  );
}

function Ways({ school }: { school: Schemas["SchoolResponse"] }) {
  const queries = useQueryClient();
  const notify = useNotice();
  const [value, setValue] = useState({ name: school.name, tradition: school.tradition, directions: school.directions });
  const save = useMutation({
    mutationFn: () => answer(api.PUT("/api/school", { body: value })),
    onSuccess: () => {
      queries.invalidateQueries();
      notify("Kept.");
    },
  });
  const problem = save.error instanceof Problem ? save.error : undefined;
  return (
    <form
      className="grid gap-3 sm:grid-cols-3"
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate();
      }}
    >
      <TextField
        label="Name"
        value={value.name}
        onChange={(e) => setValue({ ...value, name: e.target.value })}
        errors={problem?.errors.name}
      />
      <Choice
        label="Names of techniques in"
        options={traditions}
        value={value.tradition}
        onChange={(e) => setValue({ ...value, tradition: e.target.value as typeof value.tradition })}
      />
      <Choice
        label="Directions told"
        options={[
          ["clock", "by the clock: nine o'clock"],
          ["words", "in words: the left wall"],
          ["degrees", "in degrees: 270"],
        ]}
        value={value.directions}
        onChange={(e) => setValue({ ...value, directions: e.target.value as typeof value.directions })}
      />
      <Button kind="strong" type="submit" className="self-start justify-self-start">
        Keep
      </Button>
    </form>
  );
}

function NamedList({ title, rows, path }: { title: string; rows: readonly Named[]; path: "ranks" | "classes" }) {
  const queries = useQueryClient();
  const attempt = useAttempt();
  const [name, setName] = useState("");
  const change = (call: () => Promise<unknown>) =>
    attempt(async () => {
      await call();
      await queries.invalidateQueries({ queryKey: ["lists"] });
    });
  const add = () =>
    change(async () => {
      await (path === "ranks"
        ? api.POST("/api/ranks", { body: { name } })
        : api.POST("/api/classes", { body: { name } }));
      setName("");
    });
  const rename = (row: Named, to: string) => {
    if (to.trim() === row.name) return;
    const call = { params: { path: { id: row.id } }, body: { name: to } };
    change(() => (path === "ranks" ? api.PUT("/api/ranks/{id}", call) : api.PUT("/api/classes/{id}", call)));
  };
  const remove = (row: Named) => {
    const call = { params: { path: { id: row.id } } };
    change(() => (path === "ranks" ? api.DELETE("/api/ranks/{id}", call) : api.DELETE("/api/classes/{id}", call)));
  };
  return (
    <section>
      <h2 className="text-xl">{title}</h2>
      <ul className="mt-2 flex flex-col gap-1">
        {rows.map((row) => (
          <li key={row.id + row.name} className="flex items-center gap-2">
            <input
              aria-label={`Name of ${row.name}`}
              className="min-h-9 w-64 rounded border border-line bg-sheet px-2"
              defaultValue={row.name}
              maxLength={80}
              onBlur={(e) => rename(row, e.target.value)}
              onKeyDown={(e) => e.key === "Enter" && e.currentTarget.blur()}
            />
            <Button kind="quiet" onClick={() => remove(row)} aria-label={`Remove ${row.name}`}>
              Remove
            </Button>
          </li>
        ))}
      </ul>
      <form
        className="mt-2 flex items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          add();
        }}
      >
        <div className="w-64">
          <TextField label="One more" value={name} onChange={(e) => setName(e.target.value)} />
        </div>
        <Button type="submit">Add</Button>
      </form>
    </section>
  );
}
