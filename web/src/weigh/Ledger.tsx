import type { LedgerRow } from "../api/types";
import { factor } from "../pieces/format";
import { Mark, outcomeWord } from "../pieces/Mark";
import { Sources } from "./Sources";

const WIDTH = 150;
/** The likelihood ratio, or its inverse, that fills its half. */
const STRONGEST = 20;

/** What each counted finding says alone and what it added given the rest, with where the figures come from. */
export function Ledger(props: { rows: LedgerRow[] }) {
  if (props.rows.length === 0) {
    return (
      <p className="m-0 text-[16px] text-soft">Nothing recorded so far says anything of this condition.</p>
    );
  }
  return (
    <table className="w-full border-collapse text-[16px]">
      <caption className="pb-1 text-left text-[18px] font-bold">What was counted</caption>
      <thead className="border-b-[1.5px] border-ink text-[14px] text-soft">
        <tr>
          <th scope="col" className="py-1 text-left font-normal">
            Finding
          </th>
          <th scope="col" className="text-left font-normal">
            Against, for
          </th>
          <th scope="col" className="text-right font-normal">
            Alone (95&#8239;%)
          </th>
          <th scope="col" className="text-right font-normal">
            Added
          </th>
        </tr>
      </thead>
      <tbody>
        {byWeight(props.rows).map((row) => (
          <tr key={row.id} className="border-b border-line align-top">
            <td className="py-1.5 pr-3">
              <span className="flex gap-2">
                <span className="pt-0.5">
                  <Mark outcome={row.result} />
                </span>
                <span>
                  {row.name} <b>{outcomeWord(row.result).toLowerCase()}</b>
                  {row.reason && <span className="text-soft">: {row.reason}</span>}
                  <Sources row={row} />
                </span>
              </span>
            </td>
            <td className="w-[150px] pt-2">
              {row.lrAdded !== undefined && <Strength lrAdded={row.lrAdded} />}
            </td>
            <td className="pt-1.5 pl-2 text-right whitespace-nowrap">
              {row.lrAlone !== undefined && factor(row.lrAlone)}
              {row.lrLow !== undefined && row.lrHigh !== undefined && (
                <span className="block text-[14px] text-soft">
                  {factor(row.lrLow).slice(2)} to {factor(row.lrHigh).slice(2)}
                </span>
              )}
            </td>
            <td className="pt-1.5 pl-3 text-right font-bold whitespace-nowrap">
              {row.lrAdded !== undefined && factor(row.lrAdded)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function byWeight(rows: LedgerRow[]): LedgerRow[] {
  const weight = (row: LedgerRow) => Math.abs(Math.log(row.lrAdded ?? 1));
  return [...rows].sort((a, b) => weight(b) - weight(a));
}

/** How far the finding moves the odds: to the right it speaks for the condition, to the left against it. */
function Strength(props: { lrAdded: number }) {
  const middle = WIDTH / 2;
  const length = Math.min(1, Math.abs(Math.log(props.lrAdded)) / Math.log(STRONGEST)) * (middle - 4);
  const up = props.lrAdded >= 1;
  return (
    <svg width={WIDTH} height="16" viewBox={`0 0 ${WIDTH} 16`} aria-hidden="true">
      <line x1="4" x2={WIDTH - 4} y1="8" y2="8" stroke="var(--line)" strokeWidth="2" />
      <rect
        x={up ? middle : middle - length}
        y="4"
        width={length}
        height="8"
        fill={up ? "var(--amber)" : "var(--teal)"}
      />
      <line x1={middle} x2={middle} y1="1" y2="15" stroke="var(--ink)" strokeWidth="2" />
    </svg>
  );
}
