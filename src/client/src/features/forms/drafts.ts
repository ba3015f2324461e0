import type { FormDocument } from "./types";

/** Work that the server has not taken yet, kept in the browser. */
export interface KeptDraft {
  basedOn: number;
  form: FormDocument;
}

const key = (id: string) => `heron.draft.${id}`;

export function keepDraft(id: string, draft: KeptDraft) {
  localStorage.setItem(key(id), JSON.stringify(draft));
}

export function dropDraft(id: string) {
  localStorage.removeItem(key(id));
}

export function keptDraft(id: string): KeptDraft | undefined {
  try {
    const kept = localStorage.getItem(key(id));
    return kept ? (JSON.parse(kept) as KeptDraft) : undefined;
  } catch {
    return undefined;
  }
}
