import { useClosure } from "../api/caseQueries";

import type { CaseView } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { time } from "../pieces/format";

/** Says that the case is closed, and opens it again. */
export function ClosedNote(props: { view: CaseView }) {
  const { view } = props;
  const closure = useClosure(view.code);
  if (!view.closedAt) {
    return null;
  }
  return (
    <section
      aria-label="Closed case"
      className="flex flex-wrap items-center gap-4 border-b-[1.5px] border-line bg-panel px-5 py-1 text-[16px] print:border-0 print:p-0"
    >
      <span>
        Closed {time(view.closedAt)} by {view.closedBy}. It keeps the figures and settings of that moment;
        nothing more is recorded.
      </span>
      <button type="button" className="choice print:hidden" onClick={() => closure.mutate(false)}>
        Open it again
      </button>
      <ErrorNote error={closure.error} onDismiss={closure.reset} />
    </section>
  );
}
