import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { call } from "../api/client";
import type { NewTrial, Trial } from "../api/types";

const PATH = "/api/settings/honesty";
const KEY = ["honesty"];
const ASK_EVERY_MS = 700;

/** The latest trial with the department's own base rates; asked for again while it runs. */
export function useTrial() {
  return useQuery({
    queryKey: KEY,
    queryFn: () => call<Trial>(PATH),
    refetchInterval: (query) => (query.state.data?.state === "running" ? ASK_EVERY_MS : false),
  });
}

export function useStartTrial() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (asked: NewTrial) => call<Trial>(PATH, "POST", asked),
    onSuccess: (begun) => client.setQueryData(KEY, begun),
    // Somebody else may have begun one.
    onError: () => client.invalidateQueries({ queryKey: KEY }),
  });
}
