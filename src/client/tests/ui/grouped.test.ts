import { expect, it } from "vitest";
import { grouped } from "../../src/ui/grouped";
import { random, seeds } from "../random";

it.each(seeds)("keeps each item once, in its order, with those it has something in common with (seed %i)", (seed) => {
  const dice = random(seed);
  const items = Array.from({ length: dice.below(40) }, (_, at) => ({ at, kind: dice.below(5) }));
  const groups = grouped(items, (item) => item.kind);
  for (const [kind, group] of groups) expect(group).toEqual(items.filter((item) => item.kind === kind));
  expect([...groups.keys()]).toEqual([...new Set(items.map((item) => item.kind))]);
});
