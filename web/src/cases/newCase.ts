import { useMutation, useQueryClient } from "@tanstack/react-query";
import { call } from "../api/client";
import { changed } from "../api/stale";
import type { CaseView } from "../api/types";

export function useNewCase() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (request: {
      code?: string;
      complaint: string;
      involvedSide: string;
      setting: string;
      sure?: boolean;
    }) => call<CaseView>("/api/cases", "POST", request),
    onSuccess: () => changed(client, "cases"),
  });
}
