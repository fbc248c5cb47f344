import { useCaseChange } from "../../api/caseQueries";

import type { CaseView, Catalogue } from "../../api/types";
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

/** What the time does not reach, each with the reason; any of it can be done all the same. */
export function LeftOut(props: {
  leftOut: CaseView["plan"]["leftOut"];
  catalogue: Catalogue;
  onChoose: (test: string) => void;
}) {
  const test = (id: string) => props.catalogue.tests.find((t) => t.id === id);
  const minutes = props.leftOut.reduce((sum, l) => sum + (test(l.test)?.minutes ?? 0), 0);
  if (props.leftOut.length === 0) {
    return null;
  }
  return (
    <details className="border-t-[1.5px] border-line px-4 py-1 text-[14px]">
      <summary className="min-h-8 content-center text-soft">
        {props.leftOut.length} left out, {Math.round(minutes)} min
      </summary>
      <ul className="m-0 list-none p-0">
        {props.leftOut.map((l) => (
          <li key={l.test}>
            <button
              type="button"
              className="min-h-8 py-1 text-left leading-tight"
              onClick={() => props.onChoose(l.test)}
            >
              <span className="underline">{test(l.test)?.shortName ?? l.test}</span>{" "}
              <span className="text-soft">{l.why}</span>
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
