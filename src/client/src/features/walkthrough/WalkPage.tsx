import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { answer, api, byField, type Schemas } from "../../api/client";
import { useSession } from "../../app/session";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Field";
import { Refused } from "../../ui/Refused";
import { useLast } from "../../ui/useLast";
import { Waiting } from "../../ui/Waiting";
import { bodyOf, type Performer, PerformerFields, usePerformer, useRemembering } from "../floor/Performer";
import { useSavedEdit } from "../forms/useSavedEdit";
import { Stage, type StageHandle } from "./Stage";
import { TimeLine } from "./TimeLine";
import { type Part, parts, type View, views, type Walk } from "./types";
import { usePlayer } from "./usePlayer";

type Pace = Schemas["Pace"];

const paces = [
  ["learning", "learning"],
  ["class", "class, by the count"],
  ["performance", "performance"],
] as const;
const speeds = ["0.5", "0.75", "1", "1.25", "1.5"].map((s) => [s, s === "1" ? "as it comes" : `× ${s}`] as const);

/** The form played: from any side, at any pace, alone or for a whole hall. */
export default function WalkPage() {
  const { id = "" } = useParams();
  const [params, setParams] = useSearchParams();
  const form = useQuery({
    queryKey: ["walkForm", id],
    queryFn: () => answer(api.GET("/api/forms/{id}", { params: { path: { id } } })),
    gcTime: 0,
  });
  const pace = (params.get("pace") as Pace | null) ?? "class";
  const speed = Number(params.get("speed") ?? 1);
  const [performer, setPerformer, remember] = usePerformer();
  const walk = useQuery({
    queryKey: ["walk", id, form.data?.revision, pace, speed, performer],
    queryFn: () =>
      answer(
        api.POST("/api/walkthrough", {
          body: { form: form.data?.form as Schemas["FormDocument"], pace, speed, ...bodyOf(performer) },
        }),
      ),
    enabled: form.data !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
  });
  useRemembering(walk.isSuccess && !walk.isPlaceholderData, remember);
  const shown = useLast(walk.data);
  if (!form.data || !shown) return <Waiting error={form.error ?? walk.error} />;
  const set = (name: string, value: string) =>
    setParams(
      (p) => {
        p.set(name, value);
        return p;
      },
      { replace: true },
    );
  if (shown.moves.length === 0)
    return (
      <main className="mx-auto max-w-xl p-6">
        <h1 className="text-2xl">{form.data.title}</h1>
        <p className="mt-2">
          Nothing is written yet, so there is nothing to play.{" "}
          <Link className="text-water underline" to={`/forms/${id}`}>
            Write the first move
          </Link>
          .
        </p>
      </main>
    );
  return (
    <Playing
      key={id}
      stored={form.data}
      walk={shown}
      pace={pace}
      speed={speed}
      params={params}
      set={set}
      performer={performer}
      setPerformer={setPerformer}
      error={walk.error}
    />
  );
}

function Playing({
  stored,
  walk,
  pace,
  speed,
  params,
  set,
  performer,
  setPerformer,
  error,
}: {
  stored: Schemas["FormResponse"];
  walk: Walk;
  pace: Pace;
  speed: number;
  params: URLSearchParams;
  set: (name: string, value: string) => void;
  performer: Performer;
  setPerformer: (performer: Performer) => void;
  /** Why the newest choice could not be shown. */
  error: Error | null;
}) {
  const view = (params.get("view") as View | null) ?? "behind";
  const part = (params.get("part") as Part | null) ?? "both";
  const hall = params.get("hall") === "1";
  const { data: session } = useSession();
  const section = walk.sections.find((s) => s.id === params.get("section"));
  const [caller, setCaller] = useState(false);
  const called = params.get("called") === "clicks" ? "clicks" : "numbers";
  const [apply, problem] = useSavedEdit(stored.id);
  const stage = useRef<StageHandle>(null);
  const loop = useMemo(() => {
    if (!section) return undefined;
    const [first, last] = [walk.moves[section.first], walk.moves[section.last]];
    return first && last ? { from: first.start, to: last.start + last.moving + last.resting } : undefined;
  }, [section, walk]);
  const [moment, setMoment] = useState(0);
  const onFrame = useCallback((seconds: number) => {
    stage.current?.show(seconds);
    // The bar follows ten times a second; the figure every frame.
    setMoment(Math.round(seconds * 10) / 10);
  }, []);
  const player = usePlayer(walk, loop, caller ? called : undefined, onFrame);
  const move = walk.moves[player.index];
  const next = walk.moves[player.index + 1];

  // biome-ignore lint/correctness/useExhaustiveDependencies: going to a section is what choosing one means
  useEffect(() => {
    if (loop) player.seek(loop.from);
  }, [loop]);

  const onKey = (e: KeyboardEvent) => {
    if ((e.target as HTMLElement).closest("input,select,textarea,button,a,summary")) {
      if (e.key !== "Escape") return;
    }
    if (e.key === " ") player.toggle();
    else if (e.key === "ArrowRight") player.step(1, !e.shiftKey);
    else if (e.key === "ArrowLeft") player.step(-1, !e.shiftKey);
    else if (e.key === "Home") player.seek(loop?.from ?? 0);
    else if (e.key === "v")
      set("view", views[(views.findIndex(([v]) => v === view) + 1) % views.length]?.[0] ?? "behind");
    else if (e.key === "o")
      set("part", parts[(parts.findIndex(([p]) => p === part) + 1) % parts.length]?.[0] ?? "both");
    else if (e.key === "h") set("hall", hall ? "0" : "1");
    else if (e.key === "Escape" && hall) set("hall", "0");
    else return;
    e.preventDefault();
  };
  const keys = useRef(onKey);
  keys.current = onKey;
  useEffect(() => {
    const listen = (e: KeyboardEvent) => keys.current(e);
    addEventListener("keydown", listen);
    return () => removeEventListener("keydown", listen);
  }, []);

  const setSeconds = (id: string, seconds: number | null) => apply({ kind: "setSeconds", move: id, seconds });

  const words = move ? (part === "feet" ? move.feet : part === "hands" ? move.hands : move.words) : "The opening.";
  const label = move?.count ? `Count ${move.count}: ${move.words}.` : move ? `${move.words}.` : "The opening position.";
  const big = "min-h-12 min-w-12 text-lg";
  const controls = (
    <div className="flex flex-wrap items-center gap-2">
      <Button kind="strong" className={big} onClick={player.toggle} aria-pressed={player.playing}>
        {player.playing ? "Pause" : "Play"}
      </Button>
      <Button className={big} onClick={() => player.step(-1, true)} title="Left arrow">
        Count before
      </Button>
      <Button className={big} onClick={() => player.step(1, true)} title="Right arrow">
        Next count
      </Button>
      {!hall && (
        <>
          <Button onClick={() => player.step(-1, false)} title="Shift and left arrow">
            Action before
          </Button>
          <Button onClick={() => player.step(1, false)} title="Shift and right arrow">
            Next action
          </Button>
        </>
      )}
      <Button className={big} aria-pressed={caller} onClick={() => setCaller(!caller)}>
        {caller ? "Caller on" : "Caller off"}
      </Button>
      <Button className={big} onClick={() => set("hall", hall ? "0" : "1")} title="h">
        {hall ? "Leave the hall view" : "Hall view"}
      </Button>
    </div>
  );
  const track = caller && (
    // biome-ignore lint/a11y/useMediaCaption: numbers or clicks; what they count is written beside the picture
    <audio
      ref={player.audio}
      src={`/api/forms/${stored.id}/export?as=wav&pace=${pace}&speed=${speed}&called=${called}`}
      preload="auto"
    />
  );

  if (hall)
    return (
      <main className="fixed inset-0 z-40 flex flex-col bg-paper">
        <h1 className="sr-only">{walk.title}, hall view</h1>
        {track}
        <div className="grid min-h-0 flex-1 grid-rows-[minmax(0,1fr)_auto] lg:grid-cols-[minmax(0,1fr)_minmax(0,0.9fr)] lg:grid-rows-1">
          <Stage ref={stage} walk={walk} view={view} part={part} label={label} />
          <div aria-live="polite" className="flex min-w-0 flex-col justify-center px-6 py-2">
            <p className="font-title text-[min(30vh,22vw)] leading-none tabular-nums">{move?.count || "–"}</p>
            {move?.countWord && session?.school?.tradition !== "english" && (
              <p className="text-[clamp(1.2rem,2.6vw,2.4rem)] text-ink-soft">{move.countWord}</p>
            )}
            <p className="mt-3 text-[clamp(1.4rem,3.4vw,3.2rem)] leading-tight">{words}</p>
            {move?.shout && <p className="mt-2 text-[clamp(1.4rem,3.4vw,3.2rem)] font-bold text-ember">shout!</p>}
            <p className="mt-4 text-xl text-ink-soft">{next ? `Next: ${next.words}` : "The last move."}</p>
          </div>
        </div>
        <div className="border-t border-line bg-sheet p-2">{controls}</div>
      </main>
    );

  return (
    <main className="flex min-h-0 flex-1 flex-col gap-2 p-3 sm:p-4">
      <header className="flex flex-wrap items-baseline gap-x-4">
        <Link to={`/forms/${stored.id}`} className="text-sm text-water underline">
          Back to the score
        </Link>
        <h1 className="text-2xl">{walk.title}: walk through</h1>
        <span className="text-ink-soft">
          {time(walk.totalSeconds)} at this pace{walk.totalSeconds > 0 && `, ${walk.phases.length} phases`}
        </span>
      </header>
      {problem && (
        <p role="alert" className="bg-ember-soft px-3 py-1 text-ember">
          {problem}
        </p>
      )}
      <Refused error={error} beside={["heightCm", "measured"]} />
      {track}
      <div className="grid min-h-0 flex-1 gap-3 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <section
          aria-label="Performer"
          className="flex min-h-[27rem] flex-col border border-line lg:h-[calc(100dvh-18.5rem)]"
        >
          <Stage ref={stage} walk={walk} view={view} part={part} label={label} />
          <div className="border-t border-line p-2">{controls}</div>
        </section>
        <section aria-label="Now" className="flex flex-col gap-3">
          <div aria-live="polite" className="min-h-36">
            <p className="font-title text-6xl tabular-nums">{move?.count || "–"}</p>
            <p className="text-lg">{words}</p>
            {move?.shout && <p className="font-bold text-ember">shout</p>}
            {move && <p className="text-ink-soft">facing {move.headingName}</p>}
          </div>
          <div className="grid grid-cols-2 gap-2">
            <Choice
              label="Seen"
              options={views.map(([v, name]) => [v, name] as const)}
              value={view}
              onChange={(e) => set("view", e.target.value)}
            />
            <Choice label="Shown" options={parts} value={part} onChange={(e) => set("part", e.target.value)} />
            <Choice label="Pace" options={paces} value={pace} onChange={(e) => set("pace", e.target.value)} />
            <Choice
              label="Speed"
              options={speeds}
              value={String(speed)}
              onChange={(e) => set("speed", e.target.value)}
            />
            <Choice
              label="Passage, over and over"
              options={[
                ["", "the whole form, once"],
                ...walk.sections.map((s) => [s.id, `${s.letter} ${s.name}`] as const),
              ]}
              value={section?.id ?? ""}
              onChange={(e) => set("section", e.target.value)}
            />
            <Choice
              label="Caller"
              options={[
                ["numbers", "numbers, aloud"],
                ["clicks", "clicks"],
              ]}
              value={called}
              onChange={(e) => set("called", e.target.value)}
            />
          </div>
          <details open={Object.keys(byField(error)).length > 0}>
            <summary className="cursor-pointer text-water underline">
              Body: {performer.name ?? "nobody in particular"}, {performer.heightCm} cm
            </summary>
            <div className="mt-1">
              <PerformerFields performer={performer} errors={byField(error)} onChange={setPerformer} />
            </div>
          </details>
          <details>
            <summary className="cursor-pointer text-water underline">What I do facing the class</summary>
            <p className="mt-1 text-sm text-ink-soft">
              Face the class and do this; they follow you as in a mirror and do the form right.
            </p>
            <ol className="mt-1 max-h-72 overflow-y-auto">
              {walk.moves.map((m) => (
                <li key={m.id} className={m === move ? "bg-water-soft" : ""}>
                  <b>{m.count || "–"}</b> {m.mirrored}
                </li>
              ))}
            </ol>
          </details>
          {walk.cautions.length > 0 && (
            <details>
              <summary className="cursor-pointer text-sm text-ink-soft">Cautions</summary>
              <ul className="mt-1 list-disc pl-5 text-sm">
                {walk.cautions.map((c) => (
                  <li key={c}>{c}</li>
                ))}
              </ul>
            </details>
          )}
        </section>
      </div>
      <TimeLine
        walk={walk}
        index={player.index}
        moment={moment}
        onSeek={player.seek}
        onSeconds={stored.mayEdit ? setSeconds : undefined}
      />
    </main>
  );
}

export function time(seconds: number) {
  const whole = Math.round(seconds);
  return whole >= 60 ? `${Math.floor(whole / 60)} min ${String(whole % 60).padStart(2, "0")} s` : `${whole} s`;
}
