import { useEffect, useImperativeHandle, useMemo, useRef } from "react";
import { type Colours, coloursOf, draw } from "./drawing";
import { type Part, type View, views, type Walk } from "./types";
import { poseAt } from "./usePlayer";

export interface StageHandle {
  show: (seconds: number) => void;
}

/** The performer at one moment. Drawn outside React, so that sixty pictures a second disturb nothing else. */
export function Stage({
  walk,
  view,
  part,
  label,
  ref,
}: {
  walk: Walk;
  view: View;
  part: Part;
  /** What the picture shows, for those who cannot see it. */
  label: string;
  ref: React.Ref<StageHandle>;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const colours = useRef<Colours>(undefined);
  const moment = useRef(0);
  const joints = useMemo(() => new Map(walk.joints.map((name, k) => [name, k] as const)), [walk]);
  const pose = useMemo(() => new Float64Array(walk.opening.length), [walk]);
  const frame = useMemo(() => frameOf(walk), [walk]);

  const show = (seconds: number) => {
    moment.current = seconds;
    const element = canvas.current;
    const context = element?.getContext("2d");
    if (!element || !context) return;
    const ratio = devicePixelRatio || 1;
    const [width, height] = [element.clientWidth, element.clientHeight];
    if (element.width !== Math.round(width * ratio) || element.height !== Math.round(height * ratio)) {
      element.width = Math.round(width * ratio);
      element.height = Math.round(height * ratio);
    }
    context.setTransform(ratio, 0, 0, ratio, 0, 0);
    poseAt(walk, seconds, pose);
    colours.current ??= coloursOf(element.parentElement ?? element);
    draw(context, width, height, {
      view,
      part,
      joints,
      frame: pose,
      height: walk.heightCm * 10,
      centre: frame.centre,
      half: halfOf(view, frame, walk.heightCm * 10),
      trail: frame.trail,
      colours: colours.current,
    });
  };
  const latest = useRef(show);
  latest.current = show;
  useImperativeHandle(ref, () => ({ show: (seconds) => latest.current(seconds) }), []);

  // Another view, size or theme draws the same moment anew.
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is drawn depends on them through the newest function
  useEffect(() => latest.current(moment.current), [walk, view, part]);
  useEffect(() => {
    const again = () => {
      colours.current = undefined;
      latest.current(moment.current);
    };
    const resize = new ResizeObserver(again);
    if (canvas.current) resize.observe(canvas.current);
    const theme = new MutationObserver(again);
    theme.observe(document.documentElement, { attributes: true, attributeFilter: ["data-theme"] });
    return () => {
      resize.disconnect();
      theme.disconnect();
    };
  }, []);

  const words = views.find(([id]) => id === view)?.[2];
  return (
    <figure className="flex min-h-0 flex-1 flex-col">
      <div className="relative min-h-0 flex-1 bg-sheet">
        <canvas ref={canvas} role="img" aria-label={`${label} ${words}`} className="absolute inset-0 size-full" />
      </div>
      <figcaption className="px-3 py-1 text-sm text-ink-soft">{words} Left is outlined, right is filled.</figcaption>
    </figure>
  );
}

/** What has to be in the picture: everywhere that the hips go with an arm's reach around, and the way of the middle. */
function frameOf(walk: Walk) {
  const hips = [walk.opening, ...walk.moves.map((m) => m.frames.at(-1) ?? walk.opening)];
  const [xs, ys] = [hips.map((f) => f[0] ?? 0), hips.map((f) => f[1] ?? 0)];
  const [minX, maxX, minY, maxY] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const reach = walk.heightCm * 10 * (walk.hasWeapon ? 0.75 : 0.5);
  return {
    centre: { x: (minX + maxX) / 2, y: (minY + maxY) / 2 },
    width: (maxX - minX) / 2 + reach,
    depth: (maxY - minY) / 2 + reach,
    trail: hips.flatMap((f) => [f[0] ?? 0, f[1] ?? 0]),
  };
}

function halfOf(view: View, frame: ReturnType<typeof frameOf>, stature: number) {
  if (view === "above") return { across: frame.width, upright: frame.depth };
  if (view === "quarter") {
    const across = (frame.width + frame.depth) * Math.SQRT1_2;
    return { across, upright: stature * 0.62 + across * 0.2 };
  }
  const [across, away] = view === "side" ? [frame.depth, frame.width] : [frame.width, frame.depth];
  // The floor is seen from a little above: a quarter of its depth adds to the height.
  return { across, upright: stature * 0.62 + away * 0.2 };
}
