import { useChangeVisit } from "../api/caseQueries";
import type { CaseView } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { useQueue } from "../queue/useQueue";

/** Whoever opens a case on another day than it was recorded means the next visit more often than not: it is one tap away. */
export function NextVisit(props: { view: CaseView }) {
  const { view } = props;
  const change = useChangeVisit(view.code);
  const { state } = useQueue();
  const count = view.visits.length;
  const begun = view.visits[view.visit - 1];
  const isToday = begun !== undefined && new Date(begun).toDateString() === new Date().toDateString();
  const follows = view.visit === count && !isToday && !view.closedAt && view.examination.readings.length > 0;
  return (
    <>
      {follows && (
        <button
          type="button"
          className="choice flex-none whitespace-nowrap"
          // A tap on its way belongs to this visit.
          disabled={change.isPending || state.acts.some((a) => a.code === view.code)}
          onClick={() => change.mutate({ kind: "start" })}
        >
          Begin visit {count + 1}
        </button>
      )}
      <ErrorNote error={change.error} onDismiss={change.reset} />
    </>
  );
}
