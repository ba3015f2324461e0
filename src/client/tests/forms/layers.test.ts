import { expect, it } from "vitest";
import { copiedMoves, copyMoves } from "../../src/features/forms/clipboard";
import { type Layers, layerChoices, nextLayers, sameLayers } from "../../src/features/forms/layers";
import type { MoveDocument } from "../../src/features/forms/types";

it("goes round all layers and back to the first", () => {
  let layers: Layers = layerChoices[0][1];
  const seen = layerChoices.map(() => {
    const before = layers;
    layers = nextLayers(layers);
    return before;
  });
  expect(seen).toEqual(layerChoices.map(([, l]) => l));
  expect(sameLayers(layers, layerChoices[0][1])).toBe(true);
});

it("copies moves without their ids, with other ways of doing them", () => {
  const move = { id: "m1", accepted: [{}], alternatives: [{ whose: "north hall", move: { id: "m2", note: "low" } }] };
  copyMoves([move] as unknown as MoveDocument[]);
  expect(copiedMoves()).toEqual([
    { id: null, accepted: [], alternatives: [{ whose: "north hall", move: { id: null, note: "low" } }] },
  ]);
});

it("has nothing to put in where what was copied cannot be read", () => {
  localStorage.setItem("heron.copied", "{ half");
  expect(copiedMoves()).toEqual([]);
});
