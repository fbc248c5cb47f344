import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { call, upload } from "../api/client";
import type { components } from "../api/schema";

type Schemas = components["schemas"];
export type Outcome = Schemas["OutcomeView"];
export type ConditionOutcome = Schemas["ConditionOutcome"];
export type OutcomeNote = Schemas["OutcomeNote"];
export type Reference = Schemas["NewNote"]["reference"];
export type CameOut = Schemas["CameOutAnswer"]["cameOut"];
export type NewNote = Omit<Schemas["NewNote"], "key">;
export type NewReferral = Omit<Schemas["NewReferral"], "key">;

export const REFERENCES: { id: Reference; label: string }[] = [
  { id: "operation", label: "Operation" },
  { id: "arthroscopy", label: "Arthroscopy" },
  { id: "mr-arthrogram", label: "MR arthrogram" },
  { id: "mri", label: "MRI" },
  { id: "nerve-study", label: "Nerve study" },
  { id: "ultrasound", label: "Ultrasound" },
  { id: "xray", label: "X-ray" },
  { id: "injection", label: "Injection" },
  { id: "follow-up", label: "Follow-up" },
  { id: "opinion", label: "Specialist's opinion" },
];

const key = (code: string) => ["outcome", code] as const;
const path = (code: string) => `/api/cases/${code}/outcome`;

export function useOutcome(code: string) {
  return useQuery({ queryKey: key(code), queryFn: () => call<Outcome>(path(code)), staleTime: 0 });
}

/** Does something to what came out of a case; the page and all that is learned from it are asked for anew. */
function useAct<T>(code: string, send: (wanted: T) => Promise<Outcome>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: (now) => {
      client.setQueryData(key(code), now);
      client.invalidateQueries({ queryKey: ["learned"] });
    },
  });
}

export const useNote = (code: string) =>
  useAct(code, (note: NewNote) =>
    call<Outcome>(`${path(code)}/notes`, "POST", { key: crypto.randomUUID(), ...note }),
  );

export const useTakeBack = (code: string) =>
  useAct(code, (id: number) => call<Outcome>(`${path(code)}/notes/${id}`, "DELETE"));

export const useRefer = (code: string) =>
  useAct(code, (referral: NewReferral) =>
    call<Outcome>(`${path(code)}/referrals`, "POST", { key: crypto.randomUUID(), ...referral }),
  );

export const useGiveUp = (code: string) =>
  useAct(code, (sent: { id: number; why: string; sure: boolean }) =>
    call<Outcome>(`${path(code)}/referrals/${sent.id}`, "PUT", { why: sent.why, sure: sent.sure }),
  );

export const useStateHunches = (code: string) =>
  useAct(code, (probabilities: Record<string, number>) =>
    call<Outcome>(`${path(code)}/hunches`, "PUT", { probabilities }),
  );

export const useAskSecond = (code: string) =>
  useAct(code, (examiner: string) => call<Outcome>(`/api/cases/${code}/second`, "POST", { examiner }));

export const useAttach = (code: string) =>
  useAct(code, (sent: { note: number; file: File; sure: boolean }) =>
    upload<Outcome>(
      `${path(code)}/notes/${sent.note}/reports?name=${encodeURIComponent(sent.file.name)}&sure=${sent.sure}`,
      sent.file,
    ),
  );

export const useRemoveReport = (code: string) =>
  useAct(code, (id: number) => call<Outcome>(`${path(code)}/reports/${id}`, "DELETE"));

export const reportAddress = (code: string, id: number) => `${path(code)}/reports/${id}`;

export const today = () => new Date().toLocaleDateString("en-CA");
