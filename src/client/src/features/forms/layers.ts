/** Which layers of the score are shown. */
export interface Layers {
  feet: boolean;
  hands: boolean;
}

export const layerChoices = [
  ["all", { feet: true, hands: true }],
  ["feet only", { feet: true, hands: false }],
  ["hands only", { feet: false, hands: true }],
] as const satisfies readonly (readonly [string, Layers])[];

export const sameLayers = (a: Layers, b: Layers) => a.feet === b.feet && a.hands === b.hands;

export function nextLayers(now: Layers): Layers {
  const at = layerChoices.findIndex(([, value]) => sameLayers(value, now));
  return layerChoices[(at + 1) % layerChoices.length]?.[1] ?? now;
}
