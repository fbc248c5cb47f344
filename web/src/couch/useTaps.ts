import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useMemo, useRef } from "react";
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

/**
 * Records taps: each shows at once and goes to the queue; answers bring outcomes and standing.
 *
 * @param over whether there is nobody any more of whom something could be recorded
 */
export function useTaps(view: Pick<CaseView, "code" | "id" | "visit" | "examination">, over = false) {
  const { code, id: caseId, visit, examination: saved } = view;
  const client = useQueryClient();
  const { queue, state } = useQueue();
  const me = signedInName(client);
  const acts = useMemo(
    () => state.acts.filter((a) => a.code === code && (a.by === undefined || a.by === me)),
    [state.acts, code, me],
  );
  const examination = useMemo(() => examinationWith(saved, acts), [saved, acts]);
  // What one tap or key recorded in several places is taken back by one.
  const together = useRef<string[]>([]);
  const collecting = useRef<string[]>(undefined);

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
  const record = (made: NewTap) => {
    if (over) {
      return;
    }
    const tapId = crypto.randomUUID();
    add({ kind: "tap", code, caseId, visit, by: me, tapId, madeAt: Date.now(), ...made });
    collecting.current?.push(tapId);
  };
  const asOne = (making: () => void) => {
    const ids: string[] = [];
    collecting.current = ids;
    making();
    collecting.current = undefined;
    together.current = ids;
  };

  return {
    examination,
    goAhead: ahead.mutate,
    aheadError: ahead.error,
    record,
    asOne,
    recordAll: (made: NewTap[]) => asOne(() => made.forEach(record)),
    /** Takes the last tap back, with those made by the same key, and says where it was. */
    undo: () => {
      const last = examination.lastTaps[0];
      if (last) {
        const back = together.current.includes(last.tapId) ? together.current : [last.tapId];
        together.current = [];
        for (const tapId of back) {
          add({ kind: "undo", code, caseId, by: me, tapId, madeAt: Date.now() });
        }
      }
      return last;
    },
    saving: acts.length > 0,
    error: state.notice?.code === code ? state.notice.error : null,
    dismissError: () => queue.dismissNotice(),
  };
}
