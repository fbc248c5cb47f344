import { type QueryClient, useInfiniteQuery, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { call, callIfChanged, meanCase } from "./client";
import { orKept } from "./kept";
import { changedInCase } from "./stale";
import type { CaseSummary, CaseView, Catalogue, DepartmentSettings, Examination, Session } from "./types";

export const caseKey = (code: string) => ["case", code] as const;

/** Shows the case as the server has it now; an answer asked for before must not be shown after it. */
export async function showCase(client: QueryClient, code: string, saved: CaseView) {
  await client.cancelQueries({ queryKey: caseKey(code) });
  client.setQueryData(caseKey(code), saved);
}

/** Shows what the server made of an act; an answer asked for before it must not be shown after it. */
export async function showExamination(
  client: QueryClient,
  code: string,
  examination: Examination | undefined,
  moreFollow = false,
) {
  if (examination) {
    await client.cancelQueries({ queryKey: caseKey(code) });
    client.setQueryData<CaseView>(caseKey(code), (seen) => seen && { ...seen, examination });
  }
  // The weighing after the last of them is the one that counts.
  if (!moreFollow) {
    await changedInCase(client, code, "examination");
  }
}

export const CONTENT_STALE_AFTER_MS = 5 * 60_000;

/** The content in force; it changes seldom, and where it is changed on this page it is asked for anew at once. */
export function useCatalogue() {
  return useQuery({
    queryKey: ["catalogue"],
    queryFn: () => orKept(["catalogue"], () => call<Catalogue>("/api/catalogue")),
    staleTime: CONTENT_STALE_AFTER_MS,
  });
}

/** As many as the list of cases comes with at a time. */
const CASES_AT_A_TIME = 50;

/** The cases one may open, the latest first, and on request those before them. */
export function useCases(search: string) {
  return useInfiniteQuery({
    queryKey: ["cases", search],
    queryFn: ({ pageParam }) =>
      call<CaseSummary[]>(`/api/cases?search=${encodeURIComponent(search)}&page=${pageParam}`),
    initialPageParam: 0,
    getNextPageParam: (last, pages) => (last.length < CASES_AT_A_TIME ? undefined : pages.length),
    placeholderData: (previous) => previous,
    select: (found) => found.pages.flat(),
  });
}

/** How often a case in sight is asked for anew, for what another device records. */
const OTHER_DEVICES_MS = 5_000;

export function useCase(code: string) {
  const client = useQueryClient();
  // Opened anew, whatever the code stands for is meant; from its first answer on, that case alone.
  useEffect(() => {
    meanCase(code, client.getQueryData<CaseView>(caseKey(code))?.id);
    return () => meanCase(code, undefined);
  }, [code, client]);
  return useQuery({
    queryKey: caseKey(code),
    queryFn: async () => {
      const view = await orKept(caseKey(code), () => callIfChanged<CaseView>(`/api/cases/${code}`));
      meanCase(code, view.id);
      return view;
    },
    // Never while something is being saved, or the page would show what was there before it.
    refetchInterval: () => (client.isMutating() > 0 || !isOpen(client) ? false : OTHER_DEVICES_MS),
  });
}

/** Whether somebody is signed in and the screen is not locked. */
export function isOpen(client: QueryClient): boolean {
  return client.getQueryData<Session>(["session"])?.state === "signed-in";
}

export function useSettings() {
  return useQuery({
    queryKey: ["settings"],
    queryFn: () => orKept(["settings"], () => call<DepartmentSettings>("/api/settings")),
  });
}
