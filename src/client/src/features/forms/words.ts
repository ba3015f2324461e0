/** How parts of a move are told on screen. */
export const tempoWords: Record<string, string> = {
  fast: "fast",
  slow: "slow",
  slowWithTension: "slow, with tension",
  held: "held",
  firedTogether: "without a pause",
};

export const breathWords: Record<string, string> = {
  in: "breathe in",
  out: "breathe out",
  longOut: "long audible breath",
  silent: "silent breath",
};

export const gazeWords: Record<string, string> = {
  ahead: "eyes ahead",
  alongTechnique: "eyes along the technique",
  overShoulder: "eyes over the shoulder",
  down: "eyes down",
  left: "eyes left",
  right: "eyes right",
};
