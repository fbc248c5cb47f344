import { Link, useSearchParams } from "react-router";
import type { Pair, Pooled } from "../api/types";
import { TopBar } from "../frame/TopBar";
import { ErrorNote } from "../pieces/ErrorNote";
import { factor } from "../pieces/format";
import { PageHeading } from "../pieces/PageHeading";
import { useSession } from "../session/useSession";
import { AddFigure } from "./figures/AddFigure";
import { RowActions } from "./figures/RowActions";
import { ForestPlot } from "./plots/ForestPlot";
import { RocPlot } from "./plots/RocPlot";
import { usePair } from "./queries";
import { StudyTable } from "./StudyTable";

const MODELS: Record<string, string> = {
  study: "One study: its own figures. How much clinics differ cannot be seen; a variance of 0.36 is assumed.",
  univariate:
    "Two or three studies: sensitivity and specificity each pooled by itself, with random effects (DerSimonian and Laird).",
  bivariate:
    "Four studies or more: both pooled together, bivariate random effects (Reitsma), by restricted likelihood.",
};
const WAYS: Record<string, string> = {
  corrected: "Studies at high risk of bias are lowered and held less certain here, as the department chose.",
  asPrinted: "Studies at high risk of bias count as printed, as the department chose.",
  leftOut: "Studies at high risk of bias are left out, as the department chose.",
};

/** Everything known of one criterion and one condition. */
export function PairScreen() {
  const [params] = useSearchParams();
  const pair = usePair(params.get("criterion") ?? "", params.get("condition") ?? "");
  return (
    <>
      <TopBar>
        <Link to="/evidence" className="flex min-h-12 items-center underline print:hidden">
          All evidence
        </Link>
      </TopBar>
      <main className="mx-auto flex max-w-[1180px] flex-col gap-4 px-5 py-4">
        <ErrorNote error={pair.error} />
        {pair.data && <Whole pair={pair.data} />}
      </main>
    </>
  );
}

function Whole(props: { pair: Pair }) {
  const { pair } = props;
  const { pooled, withoutHighBias } = pair;
  const isLead = useSession().data?.role === "lead";
  return (
    <>
      <div>
        <PageHeading title={pair.pair.name} className="m-0 text-[28px] leading-tight font-bold" />
        <p className="m-0 text-[19px]">for {pair.pair.conditionName}</p>
      </div>
      {pooled ? (
        <>
          <p className="m-0 text-[17px]">
            {MODELS[pooled.method]} {pair.studies.some((s) => s.bias === "high") && WAYS[pair.highBias]}
          </p>
          <Ratios label="As weighed" pooled={pooled} />
          {withoutHighBias && (
            <Ratios label="Without studies at high risk of bias" pooled={withoutHighBias} />
          )}
          <p className="m-0 text-[16px] text-soft">
            Where a ratio leads depends on how likely the condition was before.
          </p>
          <ForestPlot studies={pair.studies} pooled={pooled} />
          {pooled.confidenceRegion.length > 0 && <RocPlot studies={pair.studies} pooled={pooled} />}
        </>
      ) : (
        <p className="m-0 text-[17px]">
          {pair.pair.status === "none"
            ? "No figure is known for this pair: nothing is weighed."
            : pair.pair.status === "unchecked"
              ? "No row is checked against its source, and the department weighs checked rows alone: nothing is weighed."
              : pair.pair.status === "left-out"
                ? "Every study is at high risk of bias, and the department leaves those out: nothing is weighed."
                : "No study examined people without the condition. A sensitivity alone gives no likelihood ratio: nothing is weighed."}
        </p>
      )}
      {pair.studies.length > 0 && (
        <StudyTable
          studies={pair.studies}
          actions={
            isLead
              ? (row) => (
                  <RowActions row={row} criterion={pair.pair.criterion} condition={pair.pair.condition} />
                )
              : undefined
          }
        />
      )}
      {isLead && <AddFigure criterion={pair.pair.criterion} condition={pair.pair.condition} />}
    </>
  );
}

function Ratios(props: { label: string; pooled: Pooled }) {
  const { positive, negative } = props.pooled;
  return (
    <p className="m-0 text-[17px]">
      <b>{props.label}:</b> a positive multiplies the odds by {factor(positive.value).slice(2)} (95&#8239;%{" "}
      {factor(positive.low).slice(2)} to {factor(positive.high).slice(2)}), a negative by{" "}
      {factor(negative.value).slice(2)} ({factor(negative.low).slice(2)} to {factor(negative.high).slice(2)}).
    </p>
  );
}
