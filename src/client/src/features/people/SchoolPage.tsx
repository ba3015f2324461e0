import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useId, useState } from "react";
import { answer, api, byField, type Schemas } from "../../api/client";
import { useSession } from "../../app/session";
import { Button } from "../../ui/Button";
import { Choice, TextField } from "../../ui/Field";
import { useNotice } from "../../ui/notices";
import { Refused } from "../../ui/Refused";
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
        errors={byField(save.error).name}
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
      <div className="flex items-center gap-3 sm:col-span-3">
        <Button kind="strong" type="submit">
          Keep
        </Button>
        <Refused error={save.error} beside={["name"]} />
      </div>
    </form>
  );
}

type Path = "ranks" | "classes";

const calls = {
  ranks: {
    add: (name: string) => api.POST("/api/ranks", { body: { name } }),
    rename: (id: string, name: string) => api.PUT("/api/ranks/{id}", { params: { path: { id } }, body: { name } }),
    remove: (id: string) => api.DELETE("/api/ranks/{id}", { params: { path: { id } } }),
  },
  classes: {
    add: (name: string) => api.POST("/api/classes", { body: { name } }),
    rename: (id: string, name: string) => api.PUT("/api/classes/{id}", { params: { path: { id } }, body: { name } }),
    remove: (id: string) => api.DELETE("/api/classes/{id}", { params: { path: { id } } }),
  },
};

/** Does something to a list, and shows the list as it is then. */
function useListChange<T>(change: (value: T) => Promise<unknown>, done?: () => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: () => {
      done?.();
      return queries.invalidateQueries({ queryKey: ["lists"] });
    },
  });
}

function NamedList({ title, rows, path }: { title: string; rows: readonly Named[]; path: Path }) {
  const [name, setName] = useState("");
  const add = useListChange(calls[path].add, () => setName(""));
  return (
    <section aria-label={title}>
      <h2 className="text-xl">{title}</h2>
      <ul className="mt-2 flex flex-col gap-1">
        {rows.map((row) => (
          <NamedRow key={row.id + row.name} row={row} path={path} />
        ))}
      </ul>
      <form
        className="mt-2 flex items-start gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          add.mutate(name);
        }}
      >
        <div className="w-64">
          <TextField
            label="One more"
            value={name}
            onChange={(e) => setName(e.target.value)}
            errors={byField(add.error).name}
          />
          <Refused error={add.error} beside={["name"]} />
        </div>
        <Button type="submit" className="mt-6" disabled={add.isPending}>
          Add
        </Button>
      </form>
    </section>
  );
}

/** A name that is changed where it stands; a refused one stays as typed, with what is wrong below. */
function NamedRow({ row, path }: { row: Named; path: Path }) {
  const rename = useListChange((name: string) => calls[path].rename(row.id, name));
  const remove = useListChange(calls[path].remove);
  const wrong = useId();
  const error = rename.error ?? remove.error;
  return (
    <li className="flex flex-wrap items-center gap-x-2">
      <input
        aria-label={`Name of ${row.name}`}
        aria-invalid={rename.isError || undefined}
        aria-describedby={error ? wrong : undefined}
        className="min-h-9 min-w-0 max-w-64 flex-1 rounded border border-line bg-sheet px-2 aria-invalid:border-ember"
        defaultValue={row.name}
        maxLength={80}
        onBlur={(e) => (e.target.value.trim() === row.name ? rename.reset() : rename.mutate(e.target.value))}
        onKeyDown={(e) => e.key === "Enter" && e.currentTarget.blur()}
      />
      <Button kind="quiet" onClick={() => remove.mutate(row.id)} aria-label={`Remove ${row.name}`}>
        Remove
      </Button>
      <span id={wrong} className="w-full">
        <Refused error={error} beside={["name"]} />
        {byField(error).name && <p className="text-ember">{byField(error).name?.join(" ")}</p>}
      </span>
    </li>
  );
}
