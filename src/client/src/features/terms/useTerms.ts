import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { answer, api, type Schemas } from "../../api/client";
import type { Option } from "../../ui/Picker";

export type Term = Schemas["TermResponse"];

export function useTerms() {
  return useQuery({
    queryKey: ["terms"],
    queryFn: () => answer(api.GET("/api/terms")),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/** A term as it stands in a list to pick from, found by any of its names. */
export const asOption = (t: Term, group = t.family || t.kind): Option => ({
  id: t.id,
  name: t.name,
  words: [...Object.values(t.names), ...t.aliases].join(" ").toLowerCase(),
  group,
});

/** The terms as lists to pick from. */
export function useTermOptions() {
  const { data } = useTerms();
  return useMemo(() => {
    const options = (which: (term: Term) => boolean): Option[] =>
      (data ?? []).filter((t) => !t.hidden && which(t)).map((t) => asOption(t, t.family));
    return {
      stances: options((t) => t.kind === "stance"),
      footwork: options((t) => t.kind === "footwork"),
      hands: options((t) => t.kind === "technique" && t.limb !== "foot"),
      kicks: options((t) => t.kind === "technique" && t.limb === "foot"),
      hasLead: (id: string) => data?.find((t) => t.id === id)?.feet !== "even",
    };
  }, [data]);
}
