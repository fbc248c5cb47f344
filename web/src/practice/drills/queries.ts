import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { call } from "../../api/client";
import type { components } from "../../api/schema";

type Schemas = components["schemas"];
export type Drill = Schemas["DrillView"];
export type DrillResult = Schemas["DrillResult"];
export type DrillHome = Schemas["DrillHome"];
export type DrillPeople = Schemas["DrillPeople"];

export function useDrillHome() {
  return useQuery({
    queryKey: ["practice", "drills"],
    queryFn: () => call<DrillHome>("/api/practice/drills"),
  });
}

/** One question after another; the number says which. */
export function useDrill(number: number, kind: string | undefined) {
  return useQuery({
    queryKey: ["drill", number, kind ?? ""],
    queryFn: () => call<Drill>(`/api/practice/drills/next${kind ? `?kind=${kind}` : ""}`),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
}

export function useAnswer() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (answer: { kind: Drill["kind"]; key: string; answer: string }) =>
      call<DrillResult>("/api/practice/drills/answers", "POST", answer),
    onSuccess: () => client.invalidateQueries({ queryKey: ["practice"] }),
  });
}
