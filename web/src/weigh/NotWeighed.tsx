import type { ConditionStanding, LedgerRow } from "../api/types";
import { Mark, outcomeWord } from "../pieces/Mark";
import { groupedByReason } from "./reasons";
import { Sources } from "./Sources";

/** Every finding that was not weighed, by the reason; none is dropped silently. */
export function NotWeighed(props: { rows: LedgerRow[]; condition: ConditionStanding }) {
  const groups = groupedByReason(props.rows);
  if (groups.length === 0) {
    return null;
  }
  return (
    <section aria-label="Not weighed">
      <h3 className="m-0 mb-1 text-[18px] font-bold">Not weighed ({props.rows.length})</h3>
      {groups.map((g) => (
        <details key={g.title} className="border-t border-line py-0.5 text-[16px] print:hidden">
          <summary className="min-h-8">
            {g.title} ({g.rows.length})
          </summary>
          <ul className="m-0 list-none p-0 pb-1 pl-4">
            {g.rows.map((r) => (
              <li key={r.id} className="flex gap-2 py-0.5">
                <span className="pt-0.5">
                  <Mark outcome={r.result} />
                </span>
                <span>
                  {r.name} <b>{outcomeWord(r.result).toLowerCase()}</b>
                  <span className="text-soft">
                    {r.reason ? `: ${r.reason}` : ""}. {r.sentence}
                  </span>
                  {r.judged && <span className="block text-[14px]">{r.judged}</span>}
                  <Sources row={r} pretest={props.condition.pretest} condition={props.condition.id} />
                </span>
              </li>
            ))}
          </ul>
        </details>
      ))}
    </section>
  );
}
