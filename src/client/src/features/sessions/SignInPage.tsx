import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { answer, api, byField } from "../../api/client";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Refused } from "../../ui/Refused";

const roles = [
  ["head", "Head instructor", "writes forms, keeps people and the school's ways"],
  ["instructor", "Instructor", "writes forms, marks what students know"],
  ["student", "Student", "reads the shared forms and their own record"],
] as const;

export function SignInPage({ demo }: { demo: boolean }) {
  const queries = useQueryClient();
  const [email, setEmail] = useState("");
  const [password, setPassword] = useState("");
  const entered = () => queries.invalidateQueries({ queryKey: ["session"] });
  const signIn = useMutation({
    mutationFn: () => answer(api.POST("/api/session", { body: { email, password } })),
    onSuccess: entered,
  });
  const enter = useMutation({
    mutationFn: (role: "head" | "instructor" | "student") =>
      answer(api.POST("/api/demo/enter", { body: { as: role } })),
    onSuccess: entered,
  });
  const errors = byField(signIn.error);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    signIn.mutate();
  };
  return (
    <main className="mx-auto grid max-w-4xl gap-10 p-6 pt-[12vh] sm:grid-cols-2">
      <section>
        <img src="/heron.svg" alt="" className="size-12" />
        <h1 className="mt-2 text-4xl">Tidy Heron</h1>
        <p className="mt-3 max-w-prose text-ink-soft">
          Say a form in the words you would use aloud. See where every foot stands, cut it into pieces, tie it to what
          it is for, and know who knows it.
        </p>
        {demo && (
          <div className="mt-6">
            <h2 className="text-xl">Look around the demo school as</h2>
            <ul className="mt-2 flex flex-col gap-2">
              {roles.map(([role, name, about]) => (
                <li key={role}>
                  <Button className="w-full justify-start text-left" onClick={() => enter.mutate(role)}>
                    <span>
                      <b>{name}</b> <span className="text-ink-soft">{about}</span>
                    </span>
                  </Button>
                </li>
              ))}
            </ul>
            <Refused error={enter.error} />
          </div>
        )}
      </section>
      <section>
        <h2 className="text-xl">Sign in</h2>
        <form className="mt-3 flex flex-col gap-3" onSubmit={submit} noValidate>
          <TextField
            label="Email address"
            type="email"
            autoComplete="username"
            value={email}
            onChange={(e) => setEmail(e.target.value)}
            errors={errors.email}
          />
          <TextField
            label="Password"
            type="password"
            autoComplete="current-password"
            value={password}
            onChange={(e) => setPassword(e.target.value)}
            errors={errors.password}
          />
          <Refused error={signIn.error} beside={["email", "password"]} />
          <Button kind="strong" type="submit" disabled={signIn.isPending} className="self-start">
            Sign in
          </Button>
        </form>
      </section>
    </main>
  );
}
