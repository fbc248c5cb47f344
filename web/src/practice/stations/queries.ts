import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { call } from "../../api/client";
import type { components } from "../../api/schema";

type Schemas = components["schemas"];
export type Stations = Schemas["Stations"];
export type Station = Schemas["StationView"];
export type StationToSit = Schemas["StationToSit"];
export type StationChange = Schemas["StationChange"];
export type StationMark = Schemas["MarkView"];
export type StationResultsOf = Schemas["StationResults"];
export type Sitting = Schemas["SittingView"];

const STATIONS = "/api/practice/stations";
const KEY = ["practice", "stations"] as const;

export function useStations() {
  return useQuery({ queryKey: KEY, queryFn: () => call<Stations>(STATIONS), staleTime: 0 });
}

/** Saves a station, a new one without an id. */
export function useSaveStation() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...change }: StationChange & { id?: number }) =>
      id === undefined
        ? call<Station>(STATIONS, "POST", change)
        : call<Station>(`${STATIONS}/${id}`, "PUT", change),
    onSuccess: () => client.invalidateQueries({ queryKey: KEY }),
  });
}

export function useDeleteStation() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: number) => call<void>(`${STATIONS}/${id}`, "DELETE"),
    onSuccess: () => client.invalidateQueries({ queryKey: KEY }),
  });
}

/** Sits down at a station, or goes on where one was. */
export function useSit() {
  const client = useQueryClient();
  const navigate = useNavigate();
  return useMutation({
    mutationFn: (id: number) => call<Schemas["Begun"]>(`${STATIONS}/${id}/sittings`, "POST"),
    onSuccess: ({ id }) => {
      client.invalidateQueries({ queryKey: KEY });
      navigate(`/practice/patients/${id}`);
    },
  });
}

export function useStationResults(id: string) {
  return useQuery({
    queryKey: [...KEY, id],
    queryFn: () => call<StationResultsOf>(`${STATIONS}/${id}/results`),
    staleTime: 0,
  });
}

export type Round = Schemas["RoundView"];
export type NewRound = Schemas["NewRound"];

const ROUNDS = "/api/practice/rounds";
const ROUNDS_KEY = ["practice", "rounds"] as const;
/** How often a round in sight is asked for anew, for its first bell. */
const BELL_MS = 5_000;

/** With how far this device's clock is behind the server's, in milliseconds, so that every clock in the room is the same. */
export function useRounds(watching = false) {
  return useQuery({
    queryKey: ROUNDS_KEY,
    queryFn: async () =>
      (await call<Round[]>(ROUNDS)).map((r) => ({ ...r, behindMs: Date.parse(r.now) - Date.now() })),
    staleTime: 0,
    refetchInterval: watching ? BELL_MS : false,
  });
}

export function useNewRound() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (round: NewRound) => call<Round>(ROUNDS, "POST", round),
    onSuccess: () => client.invalidateQueries({ queryKey: ["practice"] }),
  });
}

/** Rings the first bell of a round, or takes it away. */
export function useRoundChange() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, what }: { id: number; what: "start" | "delete" }) =>
      what === "start"
        ? call<unknown>(`${ROUNDS}/${id}/start`, "POST")
        : call<unknown>(`${ROUNDS}/${id}`, "DELETE"),
    onSuccess: () => client.invalidateQueries({ queryKey: ROUNDS_KEY }),
  });
}
