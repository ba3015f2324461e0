import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, byField, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice, TextField } from "../../ui/Field";
import { useAttempt } from "../../ui/notices";
import { Refused } from "../../ui/Refused";

/** Who may sign in, and giving an account to someone. */
export function Accounts() {
  const queries = useQueryClient();
  const attempt = useAttempt();
  const accounts = useQuery({ queryKey: ["accounts"], queryFn: () => answer(api.GET("/api/accounts")) });
  const [search, setSearch] = useState("");
  const students = useQuery({
    queryKey: ["students", search, false, 0],
    queryFn: () => answer(api.GET("/api/students", { params: { query: { search } } })),
    placeholderData: keepPreviousData,
  });
  const [value, setValue] = useState<{ name: string; email: string; role: Schemas["Role"]; studentId: string }>({
    name: "",
    email: "",
    role: "instructor",
    studentId: "",
  });
  const [password, setPassword] = useState<{ email: string; password: string }>();
  const add = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/accounts", {
          body: { ...value, studentId: value.role === "student" ? value.studentId || null : null },
        }),
      ),
    onSuccess: (made) => {
      setPassword({ email: value.email, password: made.password });
      setValue({ name: "", email: "", role: "instructor", studentId: "" });
      queries.invalidateQueries({ queryKey: ["accounts"] });
    },
  });
  const renew = (id: string, email: string) =>
    attempt(async () => {
      const made = await answer(api.POST("/api/accounts/{id}/password", { params: { path: { id } } }));
      setPassword({ email, password: made.password });
    });
  const errors = byField(add.error);
  return (
    <section>
      <h2 className="text-xl">Who may sign in</h2>
      <Refused error={accounts.error} />
      <ul className="mt-2">
        {accounts.data?.map((a) => (
          <li key={a.id} className="flex flex-wrap items-center gap-x-3 border-b border-line py-1">
            <span className="min-w-44">{a.name}</span>
            <span className="flex-1 text-ink-soft">{a.email}</span>
            <span className="text-ink-soft">{a.role === "head" ? "head instructor" : a.role}</span>
            <Button kind="quiet" onClick={() => renew(a.id, a.email)}>
              New password
            </Button>
          </li>
        ))}
      </ul>
      {password && (
        <p role="status" className="mt-3 border-l-4 border-reed bg-reed-soft px-3 py-2">
          {password.email} signs in with <b className="select-all">{password.password}</b>. Hand it over now: it is not
          shown again.
        </p>
      )}
      <form
        className="mt-3 grid items-end gap-3 sm:grid-cols-2"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          add.mutate();
        }}
      >
        <TextField
          label="Name"
          value={value.name}
          onChange={(e) => setValue({ ...value, name: e.target.value })}
          errors={errors.name}
        />
        <TextField
          label="Email address"
          type="email"
          value={value.email}
          onChange={(e) => setValue({ ...value, email: e.target.value })}
          errors={errors.email}
        />
        <Choice
          label="As"
          options={[
            ["instructor", "instructor"],
            ["student", "student"],
            ["head", "head instructor"],
          ]}
          value={value.role}
          onChange={(e) => setValue({ ...value, role: e.target.value as Schemas["Role"] })}
        />
        {value.role === "student" && (
          <div className="grid grid-cols-2 gap-2">
            <TextField label="Find on the roster" value={search} onChange={(e) => setSearch(e.target.value)} />
            <Choice
              label="Who"
              options={[["", "choose"], ...(students.data?.students ?? []).map((s) => [s.id, s.name] as const)]}
              value={value.studentId}
              onChange={(e) => setValue({ ...value, studentId: e.target.value })}
              errors={errors.studentId}
            />
          </div>
        )}
        <div className="flex items-center gap-3 sm:col-span-2">
          <Button type="submit" disabled={add.isPending}>
            Give an account
          </Button>
          <Refused error={add.error} beside={["name", "email", ...(value.role === "student" ? ["studentId"] : [])]} />
        </div>
      </form>
    </section>
  );
}
