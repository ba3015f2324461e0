import { useCallback, useEffect, useRef, useState } from "react";
import type { Walk } from "./types";

/** Seconds of clicks that the count track begins with. */
const leadIn = 4;

/** Position of the move at a moment; -1 before the first. */
export function moveAt(walk: Walk, seconds: number) {
  let [low, high] = [0, walk.moves.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    // At the very moment of its start a move has not begun: what is seen is how the one before ended.
    if ((walk.moves[middle]?.start ?? 0) < seconds - 1e-6) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}

/** The pose at a moment, drawn between the two frames around it. */
export function poseAt(walk: Walk, seconds: number, into: Float64Array) {
  const index = moveAt(walk, seconds);
  const move = walk.moves[index];
  const before = index <= 0 ? walk.opening : (walk.moves[index - 1]?.frames.at(-1) ?? walk.opening);
  if (!move) {
    into.set(walk.opening);
    return;
  }
  const t = move.moving > 0 ? Math.min(1, (seconds - move.start) / move.moving) : 1;
  const at = t * move.frames.length;
  const k = Math.min(move.frames.length - 1, Math.floor(at));
  const a = k === 0 ? before : (move.frames[k - 1] ?? before);
  const b = move.frames[k] ?? before;
  const share = at - k;
  for (let i = 0; i < into.length; i++) into[i] = (a[i] ?? 0) + ((b[i] ?? 0) - (a[i] ?? 0)) * share;
}

/**
 * Plays a form: the moment runs with the clock, or with the count track while the caller is on, and goes round where a
 * passage is looped. Every frame calls `onFrame`; React only hears when another move begins.
 */
export function usePlayer(
  walk: Walk,
  loop: { from: number; to: number } | undefined,
  /** Which count track is there to be played; none while the caller is off. */
  caller: string | undefined,
  onFrame: (seconds: number) => void,
) {
  const [playing, setPlaying] = useState(false);
  const [index, setIndex] = useState(-1);
  const now = useRef(0);
  const audio = useRef<HTMLAudioElement>(null);
  const frame = useRef(onFrame);
  frame.current = onFrame;

  const show = useCallback(
    (seconds: number) => {
      now.current = Math.max(0, Math.min(walk.totalSeconds, seconds));
      frame.current(now.current);
      setIndex(moveAt(walk, now.current));
    },
    [walk],
  );

  const seek = useCallback(
    (seconds: number) => {
      if (audio.current) audio.current.currentTime = seconds + leadIn;
      show(seconds);
    },
    [show],
  );

  // Another pace or height is another form to play: stay at the same move.
  const kept = useRef(-1);
  useEffect(() => {
    const move = walk.moves[kept.current];
    show(move ? move.start + move.moving : 0);
  }, [walk, show]);
  kept.current = index;

  useEffect(() => {
    if (!playing) {
      audio.current?.pause();
      return;
    }
    let last = performance.now();
    let request = 0;
    const track = caller ? audio.current : null;
    if (track) {
      track.currentTime = now.current + (now.current === 0 ? 0 : leadIn);
      track.play().catch(() => setPlaying(false));
    }
    const tick = (time: number) => {
      const sounding = track;
      let next = sounding ? sounding.currentTime - leadIn : now.current + (time - last) / 1000;
      last = time;
      if (loop && next >= loop.to) {
        next = loop.from;
        if (sounding) sounding.currentTime = next + leadIn;
      }
      show(next);
      if (!loop && next >= walk.totalSeconds) {
        setPlaying(false);
        return;
      }
      request = requestAnimationFrame(tick);
    };
    request = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(request);
  }, [playing, loop, walk, caller, show]);

  const toggle = () => {
    if (!playing && now.current >= walk.totalSeconds - 0.01) seek(loop?.from ?? 0);
    setPlaying(!playing);
  };

  /** To the end of the next or the last action, or count. */
  const step = (by: 1 | -1, wholeCounts: boolean) => {
    setPlaying(false);
    let to = moveAt(walk, now.current) + by;
    // Within a count, a step by counts goes to its last action.
    if (wholeCounts && by > 0) while (walk.moves[to + 1] && !walk.moves[to + 1]?.beginsCount) to++;
    if (wholeCounts && by < 0) while (to >= 0 && walk.moves[to + 1] && !walk.moves[to + 1]?.beginsCount) to--;
    const move = walk.moves[Math.min(walk.moves.length - 1, to)];
    seek(move ? move.start + move.moving : 0);
  };

  return { playing, setPlaying, toggle, step, seek, index, now, audio };
}

export type Player = ReturnType<typeof usePlayer>;
