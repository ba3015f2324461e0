import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { answer, api, byField } from "../../api/client";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Refused } from "../../ui/Refused";

/** The first visitor founds the school and becomes its head instructor. */
export function FoundPage() {
  const queries = useQueryClient();
  const [fields, setFields] = useState({ school: "", name: "", email: "", password: "" });
  const found = useMutation({
    mutationFn: () => answer(api.POST("/api/school/found", { body: fields })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["session"] }),
  });
  const line = (name: keyof typeof fields, label: string, type = "text", autoComplete = "off") => (
    <TextField
      label={label}
      type={type}
      autoComplete={autoComplete}
      value={fields[name]}
      onChange={(e) => setFields({ ...fields, [name]: e.target.value })}
      errors={byField(found.error)[name]}
    />
  );
  return (
    <main className="mx-auto max-w-md p-6 pt-[10vh]">
      <img src="/heron.svg" alt="" className="size-12" />
      <h1 className="mt-2 text-3xl">Found your school</h1>
      <p className="mt-2 text-ink-soft">
        Nobody has signed in here yet. You become the head instructor: you can invite others, and rename everything
        later.
      </p>
      <form
        className="mt-5 flex flex-col gap-3"
        noValidate
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          found.mutate();
        }}
      >
        {line("school", "Name of the school")}
        {line("name", "Your name", "text", "name")}
        {line("email", "Your email address", "email", "username")}
        {line("password", "A password of at least ten characters", "password", "new-password")}
        <Refused error={found.error} beside={Object.keys(fields)} />
        <Button kind="strong" type="submit" disabled={found.isPending} className="self-start">
          Found the school
        </Button>
      </form>
    </main>
  );
}
