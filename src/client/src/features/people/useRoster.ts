import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../../api/client";

/** One page of the students whose names hold some letters: those of the roster, or those who have left. */
export const useRoster = (search: string, left = false, page = 0) =>
  useQuery({
    queryKey: ["students", search, left, page],
    queryFn: () => answer(api.GET("/api/students", { params: { query: { search, left, page } } })),
    placeholderData: (before) => before,
  });
