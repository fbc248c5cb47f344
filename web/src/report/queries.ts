import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { call } from "../api/client";
import { changedInCase } from "../api/stale";
import type { Outbox, Report } from "../api/types";

const reportsKey = (code: string) => ["reports", code] as const;

export function useReports(code: string) {
  return useQuery({
    queryKey: reportsKey(code),
    queryFn: () => call<Report[]>(`/api/cases/${code}/reports`),
    staleTime: 0,
  });
}

export interface ReportAct {
  path: string;
  method: "POST" | "PUT" | "DELETE";
  body?: unknown;
}

/** Composes, edits, signs or discards; the list comes back from the server anew. */
export function useReportAct(code: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ path, method, body }: ReportAct) =>
      call<Report | undefined>(`/api/cases/${code}/reports${path}`, method, body),
    onSuccess: () => changedInCase(client, code, "reports"),
  });
}

const LOOK_AGAIN_MS = 1500;

/** What is on its way to the record system; looked at again while something waits. */
export function useOutbox(code: string) {
  return useQuery({
    queryKey: ["outbox", code],
    queryFn: () => call<Outbox>(`/api/cases/${code}/outbox`),
    staleTime: 0,
    refetchInterval: (query) =>
      query.state.data?.sendings.some((s) => s.state === "waiting") ? LOOK_AGAIN_MS : false,
  });
}

export function useSend(code: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => call<Outbox>(`/api/cases/${code}/outbox`, "POST"),
    onSuccess: (outbox) => client.setQueryData(["outbox", code], outbox),
  });
}
