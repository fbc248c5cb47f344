import { useState } from "react";
import { Link } from "react-router";
import type { ClusterLine, ClusterTally } from "../api/types";
import { factor } from "../pieces/format";
import { useSession } from "../session/useSession";
import { entryHistory } from "./address";
import { checkWords } from "./checked";
import { CheckDialog } from "./figures/CheckDialog";
import { useClusterTally } from "./queries";
import { Worth } from "./Worth";

/** The published clusters with their rule, members and source; where it can be said, beside what their members predict. */
export function ClusterList(props: { clusters: ClusterLine[] }) {
  const role = useSession().data?.role;
  const isLead = role === "lead";
  const tally = useClusterTally(isLead || role === "clinician");
  const [signing, setSigning] = useState<ClusterLine>();
  return (
    <>
      {signing && (
        <CheckDialog
          what={`${signing.name}. ${signing.source}`}
          fingerprint={signing.fingerprint}
          check={signing.check}
          open
          onClose={() => setSigning(undefined)}
        />
      )}
      <ul className="m-0 grid list-none grid-cols-2 gap-4 p-0 max-lg:grid-cols-1">
        {props.clusters.map((c) => (
          <li key={c.id} className="rounded-md border-[1.5px] border-line bg-card p-3 text-[16px]">
            <h2 className="m-0 text-[18px] font-bold">{c.name}</h2>
            <p className="m-0 text-soft">for {c.conditionName}</p>
            <p className="my-1">
              {c.atLeast !== undefined
                ? `At least ${c.atLeast} of ${c.members.length}:`
                : "A ratio for each count of positives:"}{" "}
              {c.members.map((m) => m.name).join("; ")}
            </p>
            {c.ratioByCount.length > 0 && (
              <p className="my-1">
                {c.ratioByCount.map((lr, n) => `${n} positive ${factor(lr)}`).join(", ")}
              </p>
            )}
            <p className="my-1">
              <b>{c.designed ? "Designed, not published:" : "Published:"}</b>{" "}
              {c.figures ? (
                <Worth worth={c.figures} />
              ) : c.ratioByCount.length > 0 ? (
                "ratios alone"
              ) : (
                "no figures"
              )}
            </p>
            {c.predicted && (
              <p className="my-1">
                <b>Its members would predict:</b> <Worth worth={c.predicted} />
              </p>
            )}
            {c.rulesInOnly && <p className="my-1">It only rules in: its negative is not weighed.</p>}
            {c.warnings.map((w) => (
              <p key={w} className="my-1 border-l-4 border-amber pl-2">
                <b className="text-amber">Cannot be.</b> {w}
              </p>
            ))}
            {tally.data && <Tally tally={tally.data} id={c.id} hasRule={c.atLeast !== undefined} />}
            <p className="m-0 text-[14px] text-soft">
              {c.source}. {c.caution}
            </p>
            <div className="flex flex-wrap items-center justify-between gap-2 pt-1 text-[14px]">
              <span>
                {checkWords(c.check)}{" "}
                <Link className="underline print:hidden" to={entryHistory("cluster", c.id)}>
                  Its history<span className="sr-only">: {c.name}</span>
                </Link>
              </span>
              {isLead && (
                <button type="button" className="choice px-2 print:hidden" onClick={() => setSigning(c)}>
                  Sign off<span className="sr-only"> {c.name}</span>
                </button>
              )}
            </div>
          </li>
        ))}
      </ul>
    </>
  );
}

function cases(n: number): string {
  return n === 1 ? "1 case" : `${n} cases`;
}

/** What the cluster came to in the cases that have its condition as a candidate. */
function Tally(props: { tally: ClusterTally; id: string; hasRule: boolean }) {
  const found = props.tally.clusters.find((t) => t.cluster === props.id);
  if (!found) {
    return null;
  }
  const decided = props.hasRule
    ? `positive in ${found.positive}, negative in ${found.negative}, not complete in ${found.open}`
    : `all members done in ${cases(found.positive + found.negative)}; not complete in ${found.open}`;
  return (
    <p className="my-1">
      <b>In our cases:</b> {decided}
      {props.tally.whole ? "" : `, of the ${props.tally.cases} last changed`}
    </p>
  );
}
