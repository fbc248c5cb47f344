import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { call, upload } from "../api/client";
import { changed } from "../api/stale";
import type {
  ClusterTally,
  Design,
  EntryList,
  EntryView,
  EvidenceIndex,
  FigureChange,
  FigurePreview,
  ImportPreview,
  Pair,
} from "../api/types";

export function useEvidence() {
  return useQuery({ queryKey: ["evidence"], queryFn: () => call<EvidenceIndex>("/api/evidence") });
}

export function usePair(criterion: string, condition: string) {
  return useQuery({
    queryKey: ["pair", criterion, condition],
    queryFn: () =>
      call<Pair>(
        `/api/evidence/pair?criterion=${encodeURIComponent(criterion)}&condition=${encodeURIComponent(condition)}`,
      ),
  });
}

export interface DesignRequest {
  condition: string;
  criteria: string[];
  /** What each earns; those not named earn one. */
  points: Record<string, number>;
  familyOverlap: number;
  generalOverlap: number;
}

export function useDesign(request: DesignRequest) {
  return useQuery({
    queryKey: ["design", request],
    queryFn: () => call<Design>("/api/evidence/design", "POST", request),
    enabled: request.criteria.length > 1,
    placeholderData: (previous) => previous,
  });
}

export interface ContentChange {
  path: string;
  method: "POST" | "PUT" | "DELETE";
  body?: unknown;
}

/** Changes the department's content; what it was comes back from the server anew. */
export function useContentChange() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ path, method, body }: ContentChange) =>
      call<unknown>(`/api/evidence/${path}`, method, body),
    onSuccess: () => changed(client, "content"),
  });
}

/** What a figure comes to while it is being typed. */
export function useFigurePreview(change: FigureChange, whole: boolean) {
  return useQuery({
    queryKey: ["figure-preview", change],
    queryFn: () => call<FigurePreview>("/api/evidence/figures/preview", "POST", change),
    enabled: whole,
    placeholderData: (previous) => previous,
    retry: false,
  });
}

/** An entry's id as it stands in an address: a question's has a slash, which stays one. */
export function inAddress(id: string) {
  return id.split("/").map(encodeURIComponent).join("/");
}

export function useEntries() {
  return useQuery({ queryKey: ["entries"], queryFn: () => call<EntryList>("/api/evidence/entries") });
}

export function useEntry(kind: string, id: string) {
  return useQuery({
    queryKey: ["entry", kind, id],
    queryFn: () => call<EntryView>(`/api/evidence/entries/${kind}/${inAddress(id)}`),
    enabled: id !== "",
    staleTime: 0,
  });
}

export function useImportPreview() {
  return useMutation({ mutationFn: (file: File) => upload<ImportPreview>("/api/evidence/import", file) });
}

const HOW_FAR_MS = 300;

/** How far an import is that is being applied. */
export function useImportProgress(id: string | undefined) {
  return useQuery({
    queryKey: ["import", id],
    queryFn: () => call<ImportPreview>(`/api/evidence/import/${id}`),
    enabled: id !== undefined,
    refetchInterval: (query) =>
      query.state.data && query.state.data.state !== "applying" ? false : HOW_FAR_MS,
    staleTime: 0,
  });
}

/** @param mayRead whether somebody who keeps cases asks */
export function useClusterTally(mayRead: boolean) {
  return useQuery({
    enabled: mayRead,
    queryKey: ["cluster-tally"],
    queryFn: () => call<ClusterTally>("/api/cluster-tally"),
    staleTime: 0,
  });
}
