import { keep, recall } from "../../ui/kept";
import type { FormDocument } from "./types";

/** Work that the server has not taken yet, kept in the browser. */
export interface KeptDraft {
  basedOn: number;
  form: FormDocument;
}

const key = (id: string) => `heron.draft.${id}`;

export function keepDraft(id: string, draft: KeptDraft) {
  keep(key(id), JSON.stringify(draft));
}

export function dropDraft(id: string) {
  keep(key(id), undefined);
}

export async function keptDraft(id: string): Promise<KeptDraft | undefined> {
  try {
    const kept = await recall(key(id));
    return kept ? (JSON.parse(kept) as KeptDraft) : undefined;
  } catch {
    return undefined;
  }
}
