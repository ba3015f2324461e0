import type { Schemas } from "../../api/client";

export type Application = Schemas["ApplicationResponse"];
export type ApplicationRequest = Schemas["ApplicationRequest"];

export const attackWords: Record<Application["attack"], string> = {
  hookPunch: "wide hook",
  straightPunch: "straight punch",
  frontKick: "front kick",
  roundKick: "round kick",
  wristGrab: "wrist grab",
  lapelGrab: "lapel grab",
  bothArmsFromBehind: "both arms held from behind",
  bearHug: "body held from the front",
  charge: "charge",
  headLock: "head lock",
  choke: "choke",
  overheadStrike: "overhead strike",
  staffStrike: "staff strike",
  staffThrust: "staff thrust",
  swordCut: "sword cut",
};

export const riskWords: Record<Application["risks"][number], string> = {
  neck: "neck",
  head: "head",
  throat: "throat",
  joints: "joints",
  throws: "throws",
  falls: "falls",
  weapons: "weapons",
  kicks: "kicks",
};

/** "Right straight punch, high". */
export function attackInWords(a: Pick<Application, "attack" | "attackSide" | "attackLevel">) {
  const side = a.attackSide ? `${a.attackSide} ` : "";
  return `${side}${attackWords[a.attack]}${a.attackLevel ? `, ${a.attackLevel}` : ""}`;
}
