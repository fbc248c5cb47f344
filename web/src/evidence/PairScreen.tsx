import { Link, useSearchParams } from "react-router";
import type { Pair, Pooled } from "../api/types";
import { TopBar } from "../frame/TopBar";
import { ErrorNote } from "../pieces/ErrorNote";
import { PageHeading } from "../pieces/PageHeading";
import { useSession } from "../session/useSession";
import { pairHistory } from "./address";
import { judgements } from "./checked";
import { AddFigure } from "./figures/AddFigure";
import { RowActions } from "./figures/RowActions";
import { PooledNumbers } from "./PooledNumbers";
import { ForestPlot } from "./plots/ForestPlot";
import { RocPlot } from "./plots/RocPlot";
import { usePair } from "./queries";
import { StudyTable } from "./StudyTable";

const MODELS: Record<string, string> = {
  study: "its own figures. How much clinics differ cannot be seen; a variance of 0.36 is assumed.",
  univariate:
    "sensitivity and specificity each pooled by itself, with random effects (DerSimonian and Laird).",
  bivariate: "both pooled together, bivariate random effects (Reitsma), by restricted likelihood.",
};

/** What is pooled and how: a judgement is none of the studies. */
function modelWords(pooled: Pooled): string {
  const studies = pooled.studies === 1 ? "1 study" : `${pooled.studies} studies`;
  const pooledOf = [
    ...(pooled.studies > 0 ? [studies] : []),
    ...(pooled.judgements > 0 ? [`${judgements(pooled.judgements)} of the department's`] : []),
  ];
  return `${pooledOf.join(" and ")}: ${MODELS[pooled.method]}`;
}

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
        <p className="m-0 text-[19px]">
          for {pair.pair.conditionName}
          <Link
            className="ml-5 text-[16px] underline print:hidden"
            to={pairHistory(pair.pair.criterion, pair.pair.condition)}
          >
            Its history
          </Link>
        </p>
      </div>
      {pooled ? (
        <>
          <p className="m-0 text-[17px]">
            {modelWords(pooled)} {pair.studies.some((s) => s.bias === "high") && WAYS[pair.highBias]}
          </p>
          <ForestPlot studies={pair.studies} pooled={pooled} />
          {pooled.confidenceRegion.length > 0 && <RocPlot studies={pair.studies} pooled={pooled} />}
          <PooledNumbers pooled={pooled} withoutHighBias={withoutHighBias} />
        </>
      ) : (
        <p className="m-0 text-[17px]">
          {pair.pair.status === "judged"
            ? "No study that can be weighed: what is judged in words counts, believed less than one study of sixty people."
            : pair.pair.status === "none"
              ? "No figure is known for this pair: nothing is weighed."
              : pair.pair.status === "unchecked"
                ? "No row is checked against its source, and the department weighs checked rows alone: nothing is weighed."
                : pair.pair.status === "left-out"
                  ? "Every study is at high risk of bias, and the department leaves those out: nothing is weighed."
                  : "No study examined people without the condition. A sensitivity alone gives no likelihood ratio: nothing is weighed."}
        </p>
      )}
      {pair.pair.judged && <Judgement pair={pair} weighs={pair.pair.status === "judged"} />}
      {pair.studies.length > 0 && (
        <StudyTable
          studies={pair.studies}
          pooled={pooled}
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

/** How often the sign is there, in words; as soon as there is a study it stands beside it. */
function Judgement(props: { pair: Pair; weighs: boolean }) {
  const { criterion, condition, judged } = props.pair.pair;
  if (!judged) {
    return null;
  }
  const entry = encodeURIComponent(`${criterion}:${condition}`);
  return (
    <section aria-label="Judged, no study" className="border-l-4 border-amber pl-3 text-[17px]">
      <h2 className="m-0 text-[20px] font-bold">Judged, no study</h2>
      <p className="m-0">
        There <b>{judged.with}</b> in those who have it, <b>{judged.without}</b> in those who come with the
        same and have not{judged.defining && "; the sign is the condition"}: {judged.because}.
      </p>
      <p className="m-0 text-[16px] text-soft">
        {judged.by ? `Judged by ${judged.by}.` : "A working judgement that came with the program."}{" "}
        {!props.weighs &&
          "It does not weigh here: studies go before it, or the department lets judgements stand beside."}{" "}
        <Link className="underline print:hidden" to={`/evidence?tab=content&kind=judged&entry=${entry}`}>
          Change it under Content
        </Link>
      </p>
    </section>
  );
}
