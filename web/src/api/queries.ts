import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { call, Problem } from "./client";
import type { CaseSummary, CaseView, Catalogue, DepartmentSettings, Intake, Weighed } from "./types";

export const caseKey = (code: string) => ["case", code] as const;
export const weighedKey = (code: string) => ["weighed", code] as const;

/** The packs; they change only when the program starts anew. */
export function useCatalogue() {
  return useQuery({
    queryKey: ["catalogue"],
    queryFn: () => call<Catalogue>("/api/catalogue"),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

export function useCases(search: string) {
  return useQuery({
    queryKey: ["cases", search],
    queryFn: () => call<CaseSummary[]>(`/api/cases?search=${encodeURIComponent(search)}`),
    placeholderData: (previous) => previous,
  });
}

export function useCase(code: string) {
  return useQuery({ queryKey: caseKey(code), queryFn: () => call<CaseView>(`/api/cases/${code}`) });
}

export function useWeighed(code: string) {
  return useQuery({
    queryKey: weighedKey(code),
    queryFn: () => call<Weighed>(`/api/cases/${code}/weighed`),
    staleTime: 0,
  });
}

export function useNewCase() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (request: { code?: string; complaint: string; involvedSide: string; setting: string }) =>
      call<CaseView>("/api/cases", "POST", request),
    onSuccess: () => client.invalidateQueries({ queryKey: ["cases"] }),
  });
}

/** Saves the intake over the version last seen; when somebody else saved in between, the page shows theirs. */
export function useSaveIntake(code: string) {
  const client = useQueryClient();
  return useMutation({
    scope: { id: `intake ${code}` },
    mutationFn: (change: (intake: Intake) => Intake) => {
      const seen = client.getQueryData<CaseView>(caseKey(code));
      if (!seen) {
        throw new Problem(0, "The case is not loaded yet.", []);
      }
      return call<CaseView>(`/api/cases/${code}/intake`, "PUT", {
        version: seen.version,
        intake: change(seen.intake),
      });
    },
    // An answer shows at once. Changes set values, so that applying one again to what is shown does no harm.
    onMutate: (change) => {
      client.setQueryData<CaseView>(
        caseKey(code),
        (seen) => seen && { ...seen, intake: change(seen.intake) },
      );
    },
    onSuccess: (saved) => {
      client.setQueryData(caseKey(code), saved);
      client.invalidateQueries({ queryKey: weighedKey(code) });
    },
    onError: () => client.invalidateQueries({ queryKey: caseKey(code) }),
  });
}

export function useSettings() {
  return useQuery({ queryKey: ["settings"], queryFn: () => call<DepartmentSettings>("/api/settings") });
}

/** Saves the department's settings; every standing follows from them, so all of it is asked for anew. */
export function useSaveSettings() {
  const client = useQueryClient();
  return useMutation({
    scope: { id: "settings" },
    mutationFn: (change: Partial<DepartmentSettings>) =>
      call<DepartmentSettings>("/api/settings", "PUT", {
        ...client.getQueryData<DepartmentSettings>(["settings"]),
        ...change,
      }),
    onSuccess: (saved) => {
      client.setQueryData(["settings"], saved);
      for (const key of ["cases", "case", "weighed"]) {
        client.invalidateQueries({ queryKey: [key] });
      }
    },
    onError: () => client.invalidateQueries({ queryKey: ["settings"] }),
  });
}
