import { render } from "@testing-library/react";
import { expect, it } from "vitest";
import { Marked, marked, marksOf } from "../../src/features/dictation/Marked";
import { random, seeds } from "../random";

const text = "step with the left foot, blorck, left front stance";

it("marks what was not understood and what was taken for granted, in place", () => {
  const reading = {
    unread: [{ start: 25, length: 6, text: "blorck" }],
    fields: [
      {
        field: "foot",
        start: 14,
        length: 9,
        assumption: "Read as stepping to the left.",
        instead: "",
        unheeded: false,
      },
      { field: "stance", start: 33, length: 17, assumption: "", instead: "", unheeded: true },
      { field: "footwork", start: 0, length: 4, assumption: "", instead: "", unheeded: false },
    ],
  };
  const { container } = render(<Marked text={text} reading={reading as never} ref={{ current: null }} />);
  expect([...container.querySelectorAll("mark")].map((m) => [m.className, m.textContent])).toEqual([
    ["line-assumed", "left foot"],
    ["line-unread", "blorck"],
    ["line-unread", "left front stance"],
  ]);
});

it.each(seeds)("shows the same words as the line has, whatever is marked (seed %i)", (seed) => {
  const dice = random(seed);
  const span = () => {
    const start = dice.below(text.length);
    return { start, length: dice.below(text.length - start) + 1 };
  };
  const reading = {
    unread: Array.from({ length: dice.below(4) }, span),
    fields: Array.from({ length: dice.below(6) }, () => ({
      ...span(),
      assumption: dice.pick(["", "so"]),
      unheeded: dice.below(2) === 0,
    })),
  };
  const { container } = render(<Marked text={text} reading={reading as never} ref={{ current: null }} />);
  expect(container.textContent).toBe(text);
  const { start, length } = span();
  const part = render(<p>{marked(text, marksOf(reading as never), start, start + length)}</p>);
  expect(part.container.textContent).toBe(text.slice(start, start + length));
});
