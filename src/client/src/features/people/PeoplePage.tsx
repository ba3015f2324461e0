import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { answer, api, byField, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice, TextField } from "../../ui/Field";
import { useAttempt, useNotice } from "../../ui/notices";
import { Refused } from "../../ui/Refused";
import { Sheet } from "../../ui/Sheet";
import { Waiting } from "../../ui/Waiting";
import { parts } from "../floor/Performer";
import { useRoster } from "./useRoster";

type Student = Schemas["StudentResponse"];
type Lists = Schemas["SchoolListsResponse"];

/** The roster. */
export default function PeoplePage() {
  const [search, setSearch] = useState("");
  const [left, setLeft] = useState(false);
  const [page, setPage] = useState(0);
  const [editing, setEditing] = useState<Student | "new">();
  const notify = useNotice();
  const attempt = useAttempt();
  const queries = useQueryClient();
  const lists = useQuery({ queryKey: ["lists"], queryFn: () => answer(api.GET("/api/school/lists")) });
  const students = useRoster(search, left, page);
  if (!students.data || !lists.data) return <Waiting error={students.error ?? lists.error} />;
  const refresh = () => {
    queries.invalidateQueries({ queryKey: ["students"] });
    queries.invalidateQueries({ queryKey: ["grid"] });
  };
  const comeBack = (s: Student) =>
    attempt(async () => {
      await api.POST("/api/students/{id}/return", { params: { path: { id: s.id } } });
      refresh();
    });
  const leave = (s: Student) =>
    attempt(async () => {
      await api.POST("/api/students/{id}/leave", { params: { path: { id: s.id } } });
      refresh();
      notify(`${s.name} is off the roster; the record is kept.`, () => comeBack(s));
    });
  const pages = Math.ceil(students.data.total / students.data.pageSize);
  return (
    <main className="mx-auto w-full max-w-4xl p-4 sm:p-6">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-3xl">{left ? "Former students" : "Students"}</h1>
        <div className="flex gap-2">
          <Button
            kind="quiet"
            onClick={() => {
              setLeft(!left);
              setPage(0);
            }}
          >
            {left ? "Back to the roster" : "Former students"}
          </Button>
          <Button kind="strong" onClick={() => setEditing("new")}>
            Add a student
          </Button>
        </div>
      </div>
      <div className="mt-3 max-w-xs">
        <TextField
          label="Find by name"
          type="search"
          value={search}
          onChange={(e) => {
            setSearch(e.target.value);
            setPage(0);
          }}
        />
      </div>
      {students.data.students.length === 0 && (
        <p className="mt-4 text-ink-soft">
          {search
            ? "Nobody has that name."
            : left
              ? "Nobody has left."
              : "Nobody is on the roster yet. Add the first student."}
        </p>
      )}
      <ul className="mt-4 border-t border-line">
        {students.data.students.map((s) => (
          <li key={s.id} className="grid grid-cols-[1fr_auto] items-center gap-x-4 border-b border-line py-1.5 sm:flex">
            <Link to={`/students/${s.id}`} className="flex-1 hover:underline">
              {s.name}
            </Link>
            <span className="text-right text-ink-soft sm:w-28 sm:text-left">{s.rank ?? "no rank"}</span>
            <span className="text-ink-soft sm:w-44">{s.trainingClass ?? "no class"}</span>
            <span className="text-right text-ink-soft sm:w-16">{s.heightCm ? `${s.heightCm} cm` : ""}</span>
            {left ? (
              <Button kind="quiet" onClick={() => comeBack(s)}>
                Back on the roster
              </Button>
            ) : (
              <span className="col-span-2 -ml-3 sm:ml-0">
                <Button kind="quiet" onClick={() => setEditing(s)} aria-label={`Change ${s.name}`}>
                  Change
                </Button>
                <Button kind="quiet" onClick={() => leave(s)} aria-label={`${s.name} has left`}>
                  Has left
                </Button>
              </span>
            )}
          </li>
        ))}
      </ul>
      {pages > 1 && (
        <p className="mt-3 flex items-center gap-3">
          <Button disabled={page === 0} onClick={() => setPage(page - 1)}>
            Earlier
          </Button>
          Page {page + 1} of {pages}
          <Button disabled={page >= pages - 1} onClick={() => setPage(page + 1)}>
            Later
          </Button>
        </p>
      )}
      {editing && (
        <StudentSheet
          student={editing === "new" ? undefined : editing}
          lists={lists.data}
          onClose={() => setEditing(undefined)}
          onKept={refresh}
        />
      )}
    </main>
  );
}

function StudentSheet({
  student,
  lists,
  onClose,
  onKept,
}: {
  student: Student | undefined;
  lists: Lists;
  onClose: () => void;
  onKept: () => void;
}) {
  const [name, setName] = useState(student?.name ?? "");
  const [rankId, setRank] = useState(student ? (student.rankId ?? "") : (lists.ranks[0]?.id ?? ""));
  const [classId, setClass] = useState(student ? (student.classId ?? "") : (lists.classes[0]?.id ?? ""));
  const [height, setHeight] = useState(student?.heightCm?.toString() ?? "");
  const [measured, setMeasured] = useState<Schemas["MeasuredRequest"]>(student?.measured ?? {});
  const save = useMutation({
    mutationFn: () => {
      const body = {
        name,
        rankId: rankId || null,
        classId: classId || null,
        heightCm: height ? Number(height) : null,
        measured,
      };
      return student
        ? answer(api.PUT("/api/students/{id}", { params: { path: { id: student.id } }, body }))
        : answer(api.POST("/api/students", { body }));
    },
    onSuccess: () => {
      onKept();
      onClose();
    },
  });
  const errors = byField(save.error);
  return (
    <Sheet open onClose={onClose} title={student ? "Change a student" : "Add a student"}>
      <form
        className="flex flex-col gap-3"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          save.mutate();
        }}
      >
        <TextField label="Name" value={name} onChange={(e) => setName(e.target.value)} errors={errors.name} autoFocus />
        <Choice
          label="Rank"
          options={[["", "no rank"], ...lists.ranks.map((r) => [r.id, r.name] as const)]}
          value={rankId}
          onChange={(e) => setRank(e.target.value)}
          errors={errors.rankId}
        />
        <Choice
          label="Class"
          options={[["", "no class"], ...lists.classes.map((c) => [c.id, c.name] as const)]}
          value={classId}
          onChange={(e) => setClass(e.target.value)}
          errors={errors.classId}
        />
        <TextField
          label="Height in centimetres, if known"
          type="number"
          value={height}
          onChange={(e) => setHeight(e.target.value)}
          errors={errors.heightCm}
        />
        <details open={Object.values(measured).some((v) => v != null)}>
          <summary className="cursor-pointer text-water underline">Measured with a tape</summary>
          <div className="mt-1 grid grid-cols-2 items-end gap-2">
            {parts.map(([part, label]) => (
              <TextField
                key={part}
                label={label}
                type="number"
                step="any"
                value={measured[part] ?? ""}
                placeholder="from the height"
                onChange={(e) =>
                  setMeasured({ ...measured, [part]: e.target.value === "" ? null : Number(e.target.value) })
                }
                errors={errors[`measured.${part}`]}
              />
            ))}
          </div>
        </details>
        <Refused error={save.error} beside={["name", "rankId", "classId", "heightCm", "measured"]} />
        <Button kind="strong" type="submit" className="self-start" disabled={save.isPending}>
          Keep
        </Button>
      </form>
    </Sheet>
  );
}
