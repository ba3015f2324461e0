import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, byField } from "../../api/client";
import { Button } from "../../ui/Button";
import { TextArea, TextField } from "../../ui/Field";
import { Picker } from "../../ui/Picker";
import { Refused } from "../../ui/Refused";
import { Sheet } from "../../ui/Sheet";
import { asOption, type Term } from "./useTerms";

/** What the school changes about a term: its name here, further words, whether it is offered. */
export function ChangeTermSheet({ term, onClose }: { term: Term; onClose: () => void }) {
  const queries = useQueryClient();
  const [name, setName] = useState(term.ownName ?? "");
  const [words, setWords] = useState(term.ownWords.join("\n"));
  const [hidden, setHidden] = useState(term.hidden);
  const save = useMutation({
    mutationFn: () =>
      answer(
        api.PUT("/api/terms/{id}", {
          params: { path: { id: term.id } },
          body: { name: name.trim() || null, words: words.split("\n").filter((w) => w.trim()), hidden },
        }),
      ),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ["terms"] });
      onClose();
    },
  });
  const errors = byField(save.error);
  return (
    <Sheet open onClose={onClose} title={term.name} about="Only for this school. Forms that use the term keep it.">
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          save.mutate();
        }}
      >
        <TextField
          label="What the school calls it, if otherwise"
          value={name}
          onChange={(e) => setName(e.target.value)}
          errors={errors.name}
        />
        <TextArea
          label="Further words that mean it, one a line"
          value={words}
          onChange={(e) => setWords(e.target.value)}
          errors={errors.words}
        />
        <label className="flex items-center gap-2">
          <input type="checkbox" className="size-5" checked={hidden} onChange={(e) => setHidden(e.target.checked)} />
          Leave it out of the lists to pick from
        </label>
        <Button kind="strong" type="submit" className="self-start" disabled={save.isPending}>
          Keep
        </Button>
        <Refused error={save.error} beside={["name", "words"]} />
      </form>
    </Sheet>
  );
}

/** A term of the school's own, done like one that is known. */
export function AddTermSheet({ terms, onClose }: { terms: Term[]; onClose: () => void }) {
  const queries = useQueryClient();
  const [name, setName] = useState("");
  const [like, setLike] = useState<string | null>(null);
  const add = useMutation({
    mutationFn: () => answer(api.POST("/api/terms", { body: { name, like: like ?? "" } })),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ["terms"] });
      onClose();
    },
  });
  const errors = byField(add.error);
  const options = terms.filter((t) => !t.own).map((t) => asOption(t));
  return (
    <Sheet
      open
      onClose={onClose}
      title="A term of our own"
      about="It stands, steps or strikes like the known one chosen."
    >
      <form
        className="flex min-h-80 flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          add.mutate();
        }}
      >
        <TextField
          label="What the school calls it"
          value={name}
          onChange={(e) => setName(e.target.value)}
          errors={errors.name}
        />
        <Picker label="Done like" value={like} options={options} onPick={setLike} empty="type any of its names" />
        {errors.like && <p className="text-ember">{errors.like.join(" ")}</p>}
        <Button kind="strong" type="submit" className="self-start" disabled={!like || add.isPending}>
          Keep
        </Button>
        <Refused error={add.error} beside={["name", "like"]} />
      </form>
    </Sheet>
  );
}
