import type { ReactNode } from "react";
import type { ConditionStanding, LedgerRow, Reasons } from "../api/types";
import { factor, percent } from "../pieces/format";
import { Mark, outcomeWord } from "../pieces/Mark";
import { Sideways } from "../pieces/Sideways";
import { Sources } from "./Sources";
import { Step } from "./Step";

/**
 * The counted findings as steps along the rail, the weightiest first, with what each says alone and what it added. Members of a cluster that
 * takes their place in the steps are listed without one of their own.
 */
export function Ledger(props: { rows: LedgerRow[]; path: Reasons["path"]; condition: ConditionStanding }) {
  const { condition, path } = props;
  if (props.rows.length === 0) {
    return (
      <p className="m-0 text-[16px] text-soft">
        {condition.aimed.words || "Nothing recorded so far tells of it."}
      </p>
    );
  }
  const shared = { families: props.rows.map((r) => r.family), condition };
  const rowOf = (step: { id: string }) => props.rows.find((r) => r.id === step.id);
  const isRow = (step: { id: string }) => rowOf(step) !== undefined;
  return (
    <Sideways label="Ledger">
      <table className="w-full border-collapse text-[16px]">
        <caption className="pb-1 text-left text-[18px] font-bold">
          What was counted, step by step{" "}
          <span className="text-[15px] font-normal text-soft">from {percent(condition.pretest)}</span>
        </caption>
        <thead className="border-b-[1.5px] border-ink text-[14px] text-soft">
          <tr>
            <th scope="col" className="py-1 text-left font-normal">
              Finding
            </th>
            <th scope="col" className="text-left font-normal">
              Step along the rail
            </th>
            <th scope="col" className="text-right font-normal">
              Alone (95&#8239;%)
            </th>
            <th scope="col" className="text-right font-normal">
              Adds, given the rest
            </th>
          </tr>
        </thead>
        <tbody>
          {path.filter(isRow).map((step) => (
            <Counted key={step.id} row={rowOf(step)} {...shared}>
              <Step from={step.from} to={step.to} start={condition.pretest} />
            </Counted>
          ))}
          {props.rows
            .filter((r) => !path.some((step) => step.id === r.id))
            .map((row) => (
              <Counted key={row.id} row={row} {...shared}>
                <span className="text-[14px] text-soft">in the step of its cluster</span>
              </Counted>
            ))}
          {path
            .filter((step) => !isRow(step) && step.words)
            .map((step) => (
              <tr key={step.id} className="break-inside-avoid border-b border-line align-top">
                <td className="py-1.5 pr-3 pl-7">{step.words}</td>
                <td className="w-[190px] pt-1">
                  <Step from={step.from} to={step.to} start={condition.pretest} />
                </td>
                <td />
                <td />
              </tr>
            ))}
        </tbody>
      </table>
    </Sideways>
  );
}

/** One finding or cluster, with what it says alone and what it added; its step stands inside. */
function Counted(props: {
  row: LedgerRow | undefined;
  families: string[];
  condition: ConditionStanding;
  children: ReactNode;
}) {
  const { row, families, condition } = props;
  if (!row) {
    return null;
  }
  return (
    <tr className="break-inside-avoid border-b border-line align-top">
      <td className="py-1.5 pr-3">
        <span className="flex gap-2">
          <span className="pt-0.5">
            <Mark outcome={row.result} />
          </span>
          <span>
            {row.name} <b>{outcomeWord(row.result).toLowerCase()}</b>
            {row.reason && <span className="text-soft">: {row.reason}</span>}
            {row.judged && <span className="block text-[14px]">{row.judged}</span>}
            {row.kind === "finding" && families.filter((f) => f === row.family).length > 1 && (
              <span className="block text-[14px] text-soft print:hidden">
                shares what it says with others of its family, {row.family.replaceAll("-", " ")}
              </span>
            )}
            <Sources row={row} pretest={condition.pretest} condition={condition.id} />
          </span>
        </span>
      </td>
      <td className="w-[190px] pt-1">{props.children}</td>
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
  );
}
