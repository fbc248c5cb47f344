import type { ConditionStanding, LedgerRow, Reasons } from "../api/types";
import { percent, unbroken } from "../pieces/format";
import { Mark, outcomeWord } from "../pieces/Mark";
import { Step } from "./Step";

/** Which other candidates explain part of the findings, and where this one would stand without each. */
export function Rivals(props: { condition: ConditionStanding; rows: LedgerRow[]; pull: Reasons["pull"] }) {
  const { condition, pull } = props;
  const aside = props.rows.filter((r) => r.status === "set-aside");
  if (condition.rivals.length === 0 && !pull && aside.length === 0) {
    return null;
  }
  return (
    <section aria-label="What else would explain this" className="flex flex-col gap-1">
      <h3 className="m-0 text-[18px] font-bold">What else would explain this</h3>
      {condition.rivals.length > 0 && (
        <ul className="m-0 list-none p-0">
          {condition.rivals.map((r) => (
            <li
              key={r.condition}
              className="flex items-start justify-between gap-3 border-t border-line py-1 text-[16px] max-sm:flex-wrap"
            >
              <span>
                {r.name}, {percent(r.pretest)} before, {percent(r.now)} now
                <span className="block text-soft">{unbroken(r.words)}</span>
              </span>
              <span className="print:hidden">
                <Step from={condition.posttest} to={r.ifAbsent} start={condition.pretest} />
              </span>
            </li>
          ))}
        </ul>
      )}
      {condition.rivals.length === 0 && condition.counted > 0 && (
        <p className="m-0 text-[16px] text-soft print:hidden">
          No other candidate changes it by a percent or more.
        </p>
      )}
      {pull && <p className="m-0 text-[16px]">{unbroken(pull.words)}</p>}
      {aside.length > 0 && (
        <ul aria-label="Set aside" className="m-0 list-none p-0 text-[16px] print:hidden">
          {aside.map((r) => (
            <li key={r.id} className="flex gap-2">
              <span className="pt-0.5">
                <Mark outcome={r.result} />
              </span>
              <span>
                {r.name} <b>{outcomeWord(r.result).toLowerCase()}</b>{" "}
                <span className="text-soft">{r.sentence}</span>
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
