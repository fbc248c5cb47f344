import { useQuery } from "@tanstack/react-query";
import { call } from "../api/client";
import type { Weighed } from "../api/types";

/** The whole weighing of a case. */
export function useWeighed(code: string) {
  return useQuery({
    queryKey: ["weighed", code],
    queryFn: () => call<Weighed>(`/api/cases/${code}/weighed`),
    staleTime: 0,
  });
}
