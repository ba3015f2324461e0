import { Problem } from "../api/client";

/** Shown while something loads, or why it does not. */
export function Waiting({ error }: { error?: Error | null }) {
  if (error)
    return (
      <main className="mx-auto max-w-2xl p-6" role="alert">
        <h1 className="text-2xl">{error instanceof Problem ? error.title : "Something went wrong"}</h1>
        <p className="mt-2">{error.message}</p>
        <button type="button" className="mt-4 text-water underline" onClick={() => location.reload()}>
          Try again
        </button>
      </main>
    );
  return (
    <p className="p-6 text-ink-soft" role="status">
      Loading…
    </p>
  );
}
