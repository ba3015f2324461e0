import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, byField } from "../../api/client";
import { Button } from "../../ui/Button";
import { useNotice } from "../../ui/notices";
import { Refused } from "../../ui/Refused";
import { Sheet } from "../../ui/Sheet";
import { ApplicationFields, applicationFields, blankApplication } from "./ApplicationFields";
import { type Application, attackInWords } from "./words";

/** Links an application, new or known, to a stretch of moves. */
export function LinkSheet({
  formId,
  moves,
  words,
  onClose,
}: {
  formId: string;
  /** Ids of the moves chosen, in order. */
  moves: string[];
  words: string;
  onClose: () => void;
}) {
  const [value, setValue] = useState(blankApplication);
  const notify = useNotice();
  const queries = useQueryClient();
  const known = useQuery({ queryKey: ["applications"], queryFn: () => answer(api.GET("/api/applications")) });
  const link = { formId, firstMove: moves[0] ?? "", lastMove: moves.at(-1) ?? "" };
  const done = (name: string) => {
    queries.invalidateQueries({ queryKey: ["applications"] });
    notify(`“${name}” is linked to ${words}.`);
    onClose();
  };
  const add = useMutation({
    mutationFn: () => answer(api.POST("/api/applications", { body: { ...value, links: [link] } })),
    onSuccess: () => done(value.name),
  });
  const use = useMutation({
    mutationFn: (a: Application) =>
      answer(
        api.PUT("/api/applications/{id}", {
          params: { path: { id: a.id } },
          body: { ...a, links: [...a.links, link], basedOn: a.revision },
        }),
      ),
    onSuccess: (a) => done(a.name),
  });
  return (
    <Sheet open wide onClose={onClose} title={`What ${words} ${moves.length > 1 ? "are" : "is"} for`}>
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
        <div className="flex gap-2">
          <Button kind="strong" type="submit" disabled={add.isPending}>
            Link it
          </Button>
          <Button onClick={onClose}>Leave</Button>
        </div>
      </form>
      {known.data && known.data.length > 0 && (
        <section className="mt-6 border-t border-line pt-4">
          <h3 className="text-lg">Or one the school has already</h3>
          <Refused error={use.error} />
          <ul className="mt-2">
            {known.data.map((a) => (
              <li key={a.id} className="flex items-center justify-between gap-3 border-b border-line py-1">
                <span>
                  {a.name} <span className="text-sm text-ink-soft">against: {attackInWords(a)}</span>
                </span>
                <Button kind="quiet" onClick={() => use.mutate(a)}>
                  Link this one
                </Button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </Sheet>
  );
}
