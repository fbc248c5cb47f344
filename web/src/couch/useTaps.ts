import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useMemo } from "react";
import { call } from "../api/client";
import { caseKey, showExamination } from "../api/queries";
import type { CaseView, Changes, Examination, Side } from "../api/types";
import { examinationWith } from "../queue/act";
import { signedInName, useQueue } from "../queue/useQueue";

export interface NewTap {
  test: string;
  at: string;
  side: Side;
  changes: Changes;
}

/** Records taps: each shows at once and goes to the queue; answers bring outcomes and standing. */
export function useTaps(view: Pick<CaseView, "code" | "id" | "visit" | "examination">) {
  const { code, id: caseId, visit, examination: saved } = view;
  const client = useQueryClient();
  const { queue, state } = useQueue();
  const me = signedInName(client);
  const acts = useMemo(
    () => state.acts.filter((a) => a.code === code && (a.by === undefined || a.by === me)),
    [state.acts, code, me],
  );
  const examination = useMemo(() => examinationWith(saved, acts), [saved, acts]);

  const ahead = useMutation({
    mutationFn: (request: { test: string; reason: string; sure: boolean }) =>
      call<Examination>(`/api/cases/${code}/overrides`, "POST", request),
    onSuccess: (answer) => showExamination(client, code, answer),
  });
  const add: typeof queue.add = (act) => {
    // An answer that was asked for before this act must not be shown after it.
    client.cancelQueries({ queryKey: caseKey(code) });
    queue.add(act);
  };

  return {
    examination,
    goAhead: ahead.mutate,
    aheadError: ahead.error,
    record: (made: NewTap) =>
      add({
        kind: "tap",
        code,
        caseId,
        visit,
        by: me,
        tapId: crypto.randomUUID(),
        madeAt: Date.now(),
        ...made,
      }),
    undo: () => {
      if (examination.lastTap) {
        add({ kind: "undo", code, caseId, by: me, tapId: examination.lastTap, madeAt: Date.now() });
      }
    },
    saving: acts.length > 0,
    error: state.notice?.code === code ? state.notice.error : null,
    dismissError: () => queue.dismissNotice(),
  };
}
