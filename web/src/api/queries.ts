import {
  type QueryClient,
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
} from "@tanstack/react-query";
import { useEffect } from "react";
import { call, callIfChanged, meanCase, Problem } from "./client";
import { orKept } from "./kept";
import { changed, changedInCase } from "./stale";
import type {
  Apart,
  CaseSummary,
  CaseView,
  Catalogue,
  Changes,
  DepartmentSettings,
  Examination,
  Intake,
  KeptTap,
  LeafValue,
  Measures,
  Sequence,
  Session,
  Side,
  Supposed,
  Supposition,
  Template,
  Visits,
  Weighed,
} from "./types";

export const caseKey = (code: string) => ["case", code] as const;
export const weighedKey = (code: string) => ["weighed", code] as const;

/** Shows the case as the server has it now; an answer asked for before must not be shown after it. */
async function showCase(client: QueryClient, code: string, saved: CaseView) {
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

export interface IntakeEdit {
  change: (intake: Intake) => Intake;
  /** Whether a text that looks like personal details was asked about and holds none. */
  sure?: boolean;
}

/** Saves the intake over the version last seen; when somebody else saved in between, the page shows theirs. */
export function useSaveIntake(code: string) {
  const client = useQueryClient();
  return useMutation({
    scope: { id: `intake ${code}` },
    mutationFn: ({ change, sure }: IntakeEdit) => {
      const seen = client.getQueryData<CaseView>(caseKey(code));
      if (!seen) {
        throw new Problem(0, "The case is not loaded yet.", []);
      }
      return call<CaseView>(`/api/cases/${code}/intake`, "PUT", {
        version: seen.version,
        intake: change(seen.intake),
        sure,
      });
    },
    // An answer shows at once. Changes set values, so that applying one again to what is shown does no harm.
    onMutate: async ({ change }) => {
      await client.cancelQueries({ queryKey: caseKey(code) });
      client.setQueryData<CaseView>(
        caseKey(code),
        (seen) => seen && { ...seen, intake: change(seen.intake) },
      );
    },
    onSuccess: async (saved) => {
      await showCase(client, code, saved);
      await changedInCase(client, code, "examination");
    },
    onError: () => changedInCase(client, code, "refused"),
  });
}

/** Changes the case over the version last seen and shows what the server made of it. */
export function useCaseChange<Change>(
  code: string,
  request: (change: Change) => { path: string; body: object },
) {
  const client = useQueryClient();
  return useMutation({
    scope: { id: `intake ${code}` },
    mutationFn: (change: Change) => {
      const seen = client.getQueryData<CaseView>(caseKey(code));
      const { path, body } = request(change);
      return call<CaseView>(`/api/cases/${code}/${path}`, "PUT", { version: seen?.version, ...body });
    },
    onSuccess: async (saved) => {
      await showCase(client, code, saved);
    },
    onError: () => changedInCase(client, code, "refused"),
  });
}

/** Closes the case, which keeps what it was weighed with, or opens it again. */
export function useClosure(code: string) {
  const client = useQueryClient();
  return useMutation({
    scope: { id: `intake ${code}` },
    mutationFn: (closed: boolean) => {
      const seen = client.getQueryData<CaseView>(caseKey(code));
      return call<CaseView>(`/api/cases/${code}/closure`, "PUT", { version: seen?.version, closed });
    },
    onSuccess: async (saved) => {
      await showCase(client, code, saved);
      await changedInCase(client, code, "whole");
    },
    onError: () => changedInCase(client, code, "refused"),
  });
}

export function useTemplates() {
  return useQuery({ queryKey: ["templates"], queryFn: () => call<Template[]>("/api/templates") });
}

export function useSaveTemplate() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (template: { name: string; tests: string[] }) =>
      call<Template[]>("/api/templates", "PUT", template),
    onSuccess: (all) => client.setQueryData(["templates"], all),
  });
}

export function useDeleteTemplate() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: number) => call<void>(`/api/templates/${id}`, "DELETE"),
    onSuccess: () => changed(client, "templates"),
  });
}

export function useKeptTaps(code: string, wanted: boolean) {
  return useQuery({
    queryKey: ["taps", code],
    queryFn: () => call<KeptTap[]>(`/api/cases/${code}/taps`),
    enabled: wanted,
    staleTime: 0,
  });
}

/** Where the case would stand; the answer before stays in sight until the next one is there. */
export function useSupposed(code: string, supposition: Supposition, wanted: boolean) {
  return useQuery({
    queryKey: ["supposed", code, supposition],
    queryFn: () => call<Supposed>(`/api/cases/${code}/what-if`, "POST", supposition),
    enabled: wanted,
    placeholderData: (previous) => previous,
    staleTime: 0,
  });
}

export function useApart(code: string, first: string, second: string) {
  return useQuery({
    queryKey: ["apart", code, first, second],
    queryFn: () => call<Apart>(`/api/cases/${code}/apart?first=${first}&second=${second}`),
    placeholderData: (previous) => previous,
    staleTime: 0,
  });
}

export function useSequence(code: string, minutes: string) {
  return useQuery({
    queryKey: ["sequence", code, minutes],
    queryFn: () => call<Sequence>(`/api/cases/${code}/short-sequence?minutes=${minutes}`),
    placeholderData: (previous) => previous,
    staleTime: 0,
  });
}

export function useMeasures(code: string) {
  return useQuery({
    queryKey: ["measures", code],
    queryFn: () => call<Measures>(`/api/cases/${code}/measures`),
    staleTime: 0,
  });
}

export interface MeasureChange {
  measure: string;
  side: string;
  /** By item: trials for a quantity, one value for what is noted beside it, null to clear. */
  changes: Record<string, number[] | LeafValue | null>;
  /** Whether unusual values were asked about and are meant. */
  sure?: boolean;
}

/** Saves values of one side; the reading, outcomes and standing that follow come back with them. */
export function useSaveMeasure(code: string) {
  const client = useQueryClient();
  return useMutation({
    scope: { id: `measures ${code}` },
    mutationFn: (change: MeasureChange) =>
      call<Measures>(`/api/cases/${code}/measures`, "PUT", { tapId: crypto.randomUUID(), ...change }),
    onSuccess: async (measures) => {
      await showExamination(client, code, measures.examination);
      client.setQueryData(["measures", code], measures);
      await changedInCase(client, code, "measures");
    },
  });
}

/** Keeps what somebody writes about a test; a text that looks like personal details is asked about. */
export function useSaveNote(code: string) {
  const client = useQueryClient();
  return useMutation({
    scope: { id: `note ${code}` },
    mutationFn: (note: {
      test: string;
      at: string;
      side: Side;
      visit: number;
      changes: Changes;
      sure: boolean;
    }) => call<Examination>(`/api/cases/${code}/taps`, "POST", { tapId: crypto.randomUUID(), ...note }),
    onSuccess: (answer) => showExamination(client, code, answer),
  });
}

export function useVisits(code: string) {
  return useQuery({
    queryKey: ["visits", code],
    queryFn: () => call<Visits>(`/api/cases/${code}/visits`),
    staleTime: 0,
  });
}

/** What can be done with visits: begin one, also of an earlier day; open, date or take back one by its number. */
export type VisitChange =
  | { kind: "start"; day?: string }
  | { kind: "open"; number: number }
  | { kind: "day"; number: number; day: string }
  | { kind: "drop"; number: number };

export function useChangeVisit(code: string) {
  const client = useQueryClient();
  return useMutation({
    scope: { id: `intake ${code}` },
    mutationFn: (change: VisitChange) => {
      const version = client.getQueryData<CaseView>(caseKey(code))?.version;
      const visits = `/api/cases/${code}/visits`;
      switch (change.kind) {
        case "start":
          return call<CaseView>(visits, "POST", { version, day: change.day });
        case "open":
          return call<CaseView>(`${visits}/${change.number}/open`, "PUT", { version });
        case "day":
          return call<CaseView>(`${visits}/${change.number}/day`, "PUT", { version, day: change.day });
        case "drop":
          return call<CaseView>(`${visits}/${change.number}?version=${version}`, "DELETE");
      }
    },
    onSuccess: async (saved) => {
      await showCase(client, code, saved);
      await changedInCase(client, code, "whole");
    },
    onError: () => changedInCase(client, code, "refused"),
  });
}

/** Starts a stand-in for a device, which measures as asked and leaves. */
export function useSimulate() {
  return useMutation({
    mutationFn: (request: { kind: string; target: number; trials: number; dropped: boolean }) =>
      call<void>("/api/devices/simulated", "POST", request),
  });
}

export function useSettings() {
  return useQuery({
    queryKey: ["settings"],
    queryFn: () => orKept(["settings"], () => call<DepartmentSettings>("/api/settings")),
  });
}

/** Saves the department's settings; every standing follows from them, so all of it is asked for anew. */
export function useSaveSettings() {
  const client = useQueryClient();
  return useMutation({
    scope: { id: "settings" },
    mutationFn: ({ sure, ...change }: Partial<DepartmentSettings> & { sure?: boolean }) =>
      call<DepartmentSettings>(`/api/settings?sure=${sure === true}`, "PUT", {
        ...client.getQueryData<DepartmentSettings>(["settings"]),
        ...change,
      }),
    onSuccess: (saved) => {
      client.setQueryData(["settings"], saved);
      changed(client, "settings");
    },
    onError: () => changed(client, "settings-refused"),
  });
}
