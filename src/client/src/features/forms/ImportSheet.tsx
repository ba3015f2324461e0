import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, Problem } from "../../api/client";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";

/** Takes in a form document (JSON) or a table of moves (CSV); a bad file is told by line and nothing is taken in. */
export function ImportSheet({ onClose }: { onClose: () => void }) {
  const [file, setFile] = useState<File>();
  const [title, setTitle] = useState("");
  const queries = useQueryClient();
  const navigate = useNavigate();
  const read = useMutation({
    mutationFn: async () =>
      answer(
        api.POST("/api/forms/import", {
          body: {
            as: file?.name.toLowerCase().endsWith(".csv") ? "csv" : "json",
            content: (await file?.text()) ?? "",
            title: title.trim() || null,
          },
        }),
      ),
    onSuccess: (made) => {
      queries.invalidateQueries({ queryKey: ["forms"] });
      navigate(`/forms/${made.id}`);
    },
  });
  const problem = read.error instanceof Problem ? read.error : undefined;
  return (
    <Sheet open onClose={onClose} title="Take in a form" about="A form document (.json) or a table of moves (.csv).">
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          read.mutate();
        }}
      >
        <label className="flex flex-col gap-1 text-sm text-ink-soft">
          File
          <input
            type="file"
            accept=".json,.csv,application/json,text/csv"
            className="text-base text-ink"
            onChange={(e) => setFile(e.target.files?.[0])}
          />
        </label>
        <TextField
          label="Name, if it shall have another one"
          value={title}
          onChange={(e) => setTitle(e.target.value)}
          errors={problem?.errors.title}
        />
        {problem && (
          <div role="alert" className="text-ember">
            <p>{problem.title}. Nothing was taken in.</p>
            <ul className="mt-1 list-disc pl-5">
              {Object.entries(problem.errors).map(([place, messages]) => (
                <li key={place}>
                  <b>{place}</b>: {messages.join(" ")}
                </li>
              ))}
            </ul>
          </div>
        )}
        {read.error && !problem && (
          <p role="alert" className="text-ember">
            This file could not be read, and nothing was taken in. Choose it again: {read.error.message}
          </p>
        )}
        <Button kind="strong" type="submit" className="self-start" disabled={!file || read.isPending}>
          Take it in
        </Button>
      </form>
    </Sheet>
  );
}
