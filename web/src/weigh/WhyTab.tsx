import type { ConditionStanding, LedgerRow, Reasons } from "../api/types";
import { percent } from "../pieces/format";
import { Ledger } from "./Ledger";
import { NotWeighed } from "./NotWeighed";
import { Rivals } from "./Rivals";

/** The steps from pretest to posttest, what was not weighed, and how much the base rate matters. */
export function WhyTab(props: { condition: ConditionStanding; rows: LedgerRow[]; reasons: Reasons }) {
  const { condition, rows, reasons } = props;
  const isCounted = (r: LedgerRow) => r.status === "counted" || reasons.path.some((step) => step.id === r.id);
  return (
    <>
      <Ledger rows={rows.filter(isCounted)} path={reasons.path} condition={condition} />
      {rows.some((r) => r.figures?.sober) && (
        <p className="m-0 text-[15px] text-soft print:hidden">
          A figure is believed by as much as another clinic would find it again (&ldquo;here&rdquo;), and two
          models of how candidates share their findings by half each, since neither is known to be right.
        </p>
      )}
      <p className="m-0 text-[15px] text-soft">It begins at: {condition.began}.</p>
      <Rivals condition={condition} rows={rows} pull={reasons.pull} />
      <p className="m-0 text-[16px]">
        With the same findings, were it half as common to begin with ({percent(condition.pretest / 2)}), it
        would stand at <b>{percent(reasons.ifHalf)}</b>
        {reasons.ifDouble !== undefined && (
          <>
            ; twice as common ({percent(condition.pretest * 2)}), at <b>{percent(reasons.ifDouble)}</b>
          </>
        )}
        .
      </p>
      <NotWeighed rows={rows.filter((r) => !isCounted(r))} condition={condition} />
    </>
  );
}
