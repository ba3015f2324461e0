import { useEffect, useRef, useState } from "react";
import { answer, api } from "../../api/client";
import type { FormDocument } from "../forms/types";
import { Stage, type StageHandle } from "./Stage";
import type { Walk } from "./types";

const settleMs = 120;

/** The body at the end of one move, as it would be seen from in front and to one side. */
export function FigureOfMove({
  form,
  move,
  heightCm,
  words,
}: {
  form: FormDocument;
  move: string;
  heightCm: number;
  words: string;
}) {
  const [walk, setWalk] = useState<Walk>();
  const stage = useRef<StageHandle>(null);
  useEffect(() => {
    const abort = new AbortController();
    // Whoever runs down the score with the arrows asks for the move they stop at.
    const timer = setTimeout(() => {
      answer(api.POST("/api/walkthrough", { body: { form, heightCm, only: move }, signal: abort.signal }))
        .then((one) => {
          const end = one.moves[0]?.frames.at(-1);
          // A single pose: what the stage frames is the figure itself.
          if (end) setWalk({ ...one, opening: end, moves: [], totalSeconds: 0 });
        })
        .catch(() => undefined); // the score says what is wrong; the last figure stays
    }, settleMs);
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [form, move, heightCm]);
  useEffect(() => {
    if (walk) stage.current?.show(0);
  }, [walk]);
  if (!walk) return null;
  return (
    <div className="flex h-64 flex-col border-t border-line">
      <Stage ref={stage} walk={walk} view="quarter" part="both" label={`${words}.`} />
    </div>
  );
}
