import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, whyNot } from "../../api/client";
import type { EditDocument } from "./types";

/** Edits the newest saved form and saves it at once, for pages that show a form without being its editor. */
export function useSavedEdit(id: string) {
  const queries = useQueryClient();
  const [problem, setProblem] = useState<string>();
  const apply = async (edit: EditDocument) => {
    try {
      const path = { path: { id } };
      const newest = await answer(api.GET("/api/forms/{id}", { params: path }));
      const edited = await answer(api.POST("/api/edits", { body: { form: newest.form, edits: [edit] } }));
      const body = { basedOn: newest.revision, form: edited.form };
      await answer(api.PUT("/api/forms/{id}", { params: path, body }));
      await queries.invalidateQueries({ queryKey: ["walkForm", id] });
      setProblem(undefined);
    } catch (error) {
      setProblem(whyNot(error));
    }
  };
  return [apply, problem] as const;
}
