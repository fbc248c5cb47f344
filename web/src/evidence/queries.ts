import { useQuery } from "@tanstack/react-query";
import { call } from "../api/client";
import type { Design, EvidenceIndex, Pair } from "../api/types";

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
