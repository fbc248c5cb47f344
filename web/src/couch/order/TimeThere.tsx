import { useCaseChange } from "../../api/caseQueries";

import type { CaseView } from "../../api/types";
import { ErrorNote } from "../../pieces/ErrorNote";
import { Toggles } from "../../pieces/Toggles";

const TIMES = [
  { id: "10", label: "10" },
  { id: "20", label: "20" },
  { id: "40", label: "40" },
  { id: "all", label: "All" },
];

/** The minutes there are for what is still to be done. */
export function TimeThere(props: { view: Pick<CaseView, "code" | "plan"> }) {
  const { minutes } = props.view.plan;
  const save = useCaseChange<number | null>(props.view.code, (m) => ({ path: "time", body: { minutes: m } }));
  return (
    <div className="time-there max-xl:[&_.choice]:px-1.5 flex flex-wrap items-center gap-x-2 border-b-[1.5px] border-line px-3 py-1.5 text-[14px]">
      <span aria-hidden="true">
        Min<span className="max-xl:hidden">utes</span>
      </span>
      <Toggles
        label="Minutes there are"
        hideLabel
        value={minutes === undefined ? "all" : `${minutes}`}
        options={TIMES}
        onChange={(id) => save.mutate(id === "all" ? null : Number(id))}
      />
      <ErrorNote error={save.error} onDismiss={save.reset} />
    </div>
  );
}
