import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { call, isSimulated, Problem } from "./client";
import { caseKey, showCase, showExamination } from "./queries";
import { changed, changedInCase } from "./stale";
import type {
  Apart,
  Asked,
  CaseView,
  Changes,
  Examination,
  Intake,
  KeptTap,
  LeafValue,
  Measures,
  Sequence,
  Side,
  Supposed,
  Supposition,
  Template,
  Visits,
} from "./types";

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

/**
 * Which questions are asked; what was asked before stays in sight until the next is there.
 *
 * @param version of the case, which every answer moves on
 */
export function useAsked(code: string, version: number) {
  return useQuery({
    queryKey: ["asked", code, version],
    queryFn: () => call<Asked>(`/api/cases/${code}/asked`),
    placeholderData: (previous) => previous,
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
    enabled: !isSimulated(code),
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

/** Says of a warning sign that is raised that it is so, or that it was seen and excluded. */
export function useSettleWarning(code: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (said: { warning: string; state: string; reason?: string; sure?: boolean }) =>
      call<CaseView>(`/api/cases/${code}/warnings`, "POST", said),
    onSuccess: (view) => showCase(client, code, view),
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

/** What an earlier edition kept on the device said nothing of what was left out, nor of clusters under way. */
export function withAll(view: CaseView): CaseView {
  const { plan, examination } = view as {
    plan: Partial<CaseView["plan"]>;
    examination: Partial<Examination>;
  };
  return plan.leftOut && examination.clusters
    ? view
    : {
        ...view,
        plan: { ...view.plan, leftOut: plan.leftOut ?? [] },
        examination: { ...view.examination, clusters: examination.clusters ?? [] },
      };
}
