import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { answer, api } from "../../api/client";
import { Button } from "../../ui/Button";
import { Picker } from "../../ui/Picker";
import { Refused } from "../../ui/Refused";
import { Sheet } from "../../ui/Sheet";
import { Waiting } from "../../ui/Waiting";
import { asOption, useTerms } from "./useTerms";

/** "This means …": an unread word becomes one more word of the school for a term. */
export function TeachWord({ word, onClose, onTaught }: { word: string; onClose: () => void; onTaught: () => void }) {
  const terms = useTerms();
  const queries = useQueryClient();
  const [means, setMeans] = useState<string | null>(null);
  const options = useMemo(() => (terms.data ?? []).map((t) => asOption(t)), [terms.data]);
  const teach = useMutation({
    mutationFn: () => answer(api.POST("/api/terms/teach", { body: { word, means: means ?? "" } })),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ["terms"] });
      onTaught();
    },
  });
  return (
    <Sheet
      open
      onClose={onClose}
      title={`“${word}” means…`}
      about="From now on the whole school's line understands it."
    >
      <form
        className="flex min-h-72 flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          teach.mutate();
        }}
      >
        {terms.data ? (
          <Picker label="Which term" value={means} options={options} onPick={setMeans} empty="type any of its names" />
        ) : (
          <Waiting error={terms.error} />
        )}
        <Refused error={teach.error} />
        <Button kind="strong" type="submit" className="self-start" disabled={!means || teach.isPending}>
          Understand it so
        </Button>
      </form>
    </Sheet>
  );
}
