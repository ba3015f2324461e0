import type { Schemas } from "../../api/client";

export type Walk = Schemas["WalkthroughResponse"];
export type WalkMove = Schemas["WalkMove"];

/** From where the performer is looked at; what it means is always said in words beside it. */
export const views = [
  ["behind", "from behind", "Seen from behind: do as you see."],
  ["mirrored", "facing you, mirrored", "Facing you as in a mirror: your left is the left that you see."],
  ["facing", "facing you, true", "Facing you truly: the performer's left is on your right."],
  ["side", "from the right side", "Seen from the performer's opening right; the front is on the right of the picture."],
  ["quarter", "from in front, to one side", "Seen from in front and to the performer's opening right."],
  ["above", "from above", "Seen from above, the opening front at the top."],
] as const;

export type View = (typeof views)[number][0];

export const parts = [
  ["both", "feet and hands"],
  ["feet", "feet only"],
  ["hands", "hands only"],
] as const;

export type Part = (typeof parts)[number][0];
