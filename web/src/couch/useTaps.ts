import { useMutation, useQueryClient } from "@tanstack/react-query";
import { call } from "../api/client";
import { caseKey, weighedKey } from "../api/queries";
import type { CaseView, Changes, Examination, Side } from "../api/types";
import { withChanges } from "./examination";

export interface NewTap {
  tapId: string;
  test: string;
  at: string;
  side: Side;
  changes: Changes;
}

/** Records taps one after another. Each shows at once; the answer brings outcomes and standing. */
export function useTaps(code: string) {
  const client = useQueryClient();
  const show = (examination: Examination) => {
    client.setQueryData<CaseView>(caseKey(code), (seen) => seen && { ...seen, examination });
    client.removeQueries({ queryKey: weighedKey(code) });
  };
  // What was refused or could not be sent must not stay on the screen as if it were saved.
  const showWhatIsSaved = () => client.invalidateQueries({ queryKey: caseKey(code) });
  const scope = { id: `taps ${code}` };

  const tap = useMutation({
    scope,
    retry: 2,
    mutationFn: (made: NewTap) => call<Examination>(`/api/cases/${code}/taps`, "POST", made),
    onMutate: async (made) => {
      await client.cancelQueries({ queryKey: caseKey(code) });
      client.setQueryData<CaseView>(
        caseKey(code),
        (seen) => seen && { ...seen, examination: withChanges(seen.examination, made, made.changes) },
      );
    },
    onSuccess: (answer) => {
      if (client.isMutating({ mutationKey: ["tap", code] }) <= 1) {
        show(answer);
      }
    },
    onError: showWhatIsSaved,
    mutationKey: ["tap", code],
  });

  const undo = useMutation({
    scope,
    mutationFn: () => call<Examination>(`/api/cases/${code}/undo`, "POST"),
    onSuccess: show,
    onError: showWhatIsSaved,
  });

  const ahead = useMutation({
    scope,
    mutationFn: (request: { test: string; reason: string }) =>
      call<Examination>(`/api/cases/${code}/overrides`, "POST", request),
    onSuccess: show,
  });

  return {
    goAhead: ahead.mutate,
    aheadError: ahead.error,
    record: (made: Omit<NewTap, "tapId">) => tap.mutate({ ...made, tapId: crypto.randomUUID() }),
    undo: () => undo.mutate(),
    saving: tap.isPending || undo.isPending,
    error: tap.error ?? undo.error,
    dismissError: () => {
      tap.reset();
      undo.reset();
    },
  };
}
