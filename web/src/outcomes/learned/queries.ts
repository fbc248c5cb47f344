import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { call } from "../../api/client";
import type { components } from "../../api/schema";
import { changed } from "../../api/stale";

type Schemas = components["schemas"];
export type Accuracy = Schemas["AccuracyList"];
export type OwnRow = Schemas["OwnRow"];
export type Figure = Schemas["FigureView"];
export type Rates = Schemas["RateList"];
export type RateRow = Schemas["RateRow"];
export type Foresight = Schemas["ForesightView"];
export type Judged = Schemas["ForesightJudged"];
export type Agreement = Schemas["AgreementView"];
export type Meeting = Schemas["MeetingView"];
export type Waiting = Schemas["WaitingCase"];
export type RestsOn = Schemas["RestsOn"];

/** Which cases are counted; what is empty does not narrow it. */
export type Slice = Partial<
  Record<"from" | "to" | "examiner" | "setting" | "reference" | "region" | "complaint", string>
>;

/** As the address of an API has it. */
export function asked(slice: Slice): string {
  const query = new URLSearchParams(Object.entries(slice).filter(([, value]) => value)).toString();
  return query && `?${query}`;
}

/** While cases are still being worked out, it is asked again. */
const SOON = 3000;

function useLearned<T>(name: string, slice: Slice = {}) {
  return useQuery({
    queryKey: ["learned", name, slice],
    queryFn: () => call<T>(`/api/outcomes/${name}${asked(slice)}`),
    staleTime: 0,
    placeholderData: (before) => before,
    refetchInterval: (query) => {
      const found = query.state.data as { restsOn?: RestsOn } | undefined;
      return found?.restsOn && found.restsOn.behind > 0 ? SOON : false;
    },
  });
}

export const useAccuracy = (slice: Slice) => useLearned<Accuracy>("accuracy", slice);
export const useRates = () => useLearned<Rates>("rates");
export const useForesight = (slice: Slice) => useLearned<Foresight>("foresight", slice);
export const useAgreement = () => useLearned<Agreement>("agreement");
export const useMeeting = (slice: Slice) => useLearned<Meeting>("meeting", slice);
export const useWaiting = () => useLearned<Waiting[]>("waiting");

/** What a lead takes over changes the content, and with it everything that is weighed. */
function useTakeOver<T>(send: (wanted: T) => Promise<unknown>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () => {
      client.invalidateQueries({ queryKey: ["learned"] });
      changed(client, "content");
    },
  });
}

export const useStudy = () =>
  useTakeOver((wanted: Schemas["StudyChange"]) => call("/api/outcomes/accuracy/study", "POST", wanted));

export const useTakeRate = () =>
  useTakeOver((wanted: Schemas["RateTaken"]) => call("/api/outcomes/rates", "POST", wanted));
