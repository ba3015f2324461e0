import { whyNot } from "../api/client";

/** Why what was asked for was not done: all of it that does not stand beside one of the fields named. */
export function Refused({ error, beside }: { error: unknown; beside?: readonly string[] }) {
  const words = error ? whyNot(error, beside) : "";
  return (
    words && (
      <p role="alert" className="text-ember">
        {words}
      </p>
    )
  );
}
