import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { call } from "../api/client";
import { caseKey } from "../api/queries";
import type { components } from "../api/schema";

type Schemas = components["schemas"];
export type Encounter = Schemas["EncounterView"];
export type Question = Schemas["QuestionView"];
export type Reply = Schemas["ReplyView"];
export type Debrief = Schemas["DebriefView"];
export type Point = Schemas["DebriefPoint"];
export type Home = Schemas["HomeView"];
export type PatientLine = Schemas["PatientLine"];
export type HunchesOf = Schemas["HunchesView"];
export type Courtesy = Schemas["CourtesyView"]["what"];
export type NewPatient = Schemas["NewPatient"];

/** What is done with a patient beside tapping what was felt. */
export type Deed =
  | { kind: "said"; said: Courtesy }
  | { kind: "asked"; question: Question["kind"]; id: string }
  | { kind: "did"; test: string; at: string; side: "left" | "right" }
  | { kind: "looked" }
  | { kind: "peeked" };

const encounterKey = (id: string) => ["encounter", id] as const;
const patient = (id: string) => `/api/practice/patients/${id}`;

export function useHome() {
  return useQuery({ queryKey: ["practice"], queryFn: () => call<Home>("/api/practice/home"), staleTime: 0 });
}

export function useEncounter(id: string) {
  return useQuery({
    queryKey: encounterKey(id),
    queryFn: () => call<Encounter>(`${patient(id)}/encounter`),
  });
}

/** Begins a patient and goes there. */
export function useBegin() {
  const navigate = useNavigate();
  return useMutation({
    mutationFn: (wanted: NewPatient) => call<Schemas["Begun"]>("/api/practice/patients", "POST", wanted),
    onSuccess: ({ id }) => navigate(`/practice/patients/${id}`),
  });
}

/** Asks, does or looks; what came of it is shown, and what it changes on the couch is asked for anew. */
export function useDeed(id: string) {
  const client = useQueryClient();
  return useMutation({
    scope: { id: `encounter ${id}` },
    mutationFn: (deed: Deed) =>
      call<Encounter>(`${patient(id)}/deeds`, "POST", { key: crypto.randomUUID(), ...deed }),
    onSuccess: (seen, deed) => {
      client.setQueryData(encounterKey(id), seen);
      if (deed.kind === "asked" || deed.kind === "peeked") {
        client.invalidateQueries({ queryKey: caseKey(`~${id}`) });
      }
    },
  });
}

export function useHunch(id: string) {
  const client = useQueryClient();
  return useMutation({
    scope: { id: `encounter ${id}` },
    mutationFn: (hunch: { atEnd: boolean; probabilities: Record<string, number> }) =>
      call<Encounter>(`${patient(id)}/hunches`, "PUT", { key: crypto.randomUUID(), ...hunch }),
    onSuccess: (seen) => client.setQueryData(encounterKey(id), seen),
  });
}

/** Ends the examination and goes to what is said of it. */
export function useEnd(id: string) {
  const client = useQueryClient();
  const navigate = useNavigate();
  return useMutation({
    scope: { id: `encounter ${id}` },
    mutationFn: (plan: string | undefined) =>
      call<Debrief>(`${patient(id)}/end`, "POST", { key: crypto.randomUUID(), plan }),
    onSuccess: (debrief) => {
      client.setQueryData(["debrief", id], debrief);
      client.invalidateQueries({ queryKey: encounterKey(id) });
      client.invalidateQueries({ queryKey: caseKey(`~${id}`) });
      client.invalidateQueries({ queryKey: ["practice"] });
      navigate(`/practice/patients/${id}/debrief`);
    },
  });
}

export function useDebrief(id: string) {
  return useQuery({ queryKey: ["debrief", id], queryFn: () => call<Debrief>(`${patient(id)}/debrief`) });
}

export function useStudentPatients(name: string) {
  return useQuery({
    queryKey: ["practice", "students", name],
    queryFn: () => call<PatientLine[]>(`/api/practice/students/${name}/patients`),
  });
}

export function useHunchesOf(name: string | undefined) {
  return useQuery({
    queryKey: ["practice", "hunches", name ?? ""],
    queryFn: () => call<HunchesOf>(`/api/practice/hunches${name ? `?of=${name}` : ""}`),
  });
}

/** Deletes one patient, or all of one's own practice, for good. */
export function useDeletePractice() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: number | "all") =>
      call<void>(id === "all" ? "/api/practice" : patient(`${id}`), "DELETE"),
    onSuccess: () => client.invalidateQueries({ queryKey: ["practice"] }),
  });
}
