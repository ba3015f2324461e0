/** The traditions whose words a school may use, with the names they are shown by. */
export const traditions = [
  ["english", "English"],
  ["japanese", "Japanese"],
  ["korean", "Korean"],
  ["chinese", "Chinese"],
] as const;
