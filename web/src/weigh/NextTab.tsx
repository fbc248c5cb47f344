import { useState } from "react";
import { Link } from "react-router";
import { useSequence } from "../api/caseQueries";
import type { CaseView, Catalogue, Weighed } from "../api/types";
import { positionName } from "../couch/order/order";
import { ErrorNote } from "../pieces/ErrorNote";
import { minutes, percent, plainNumber } from "../pieces/format";
import { Toggles } from "../pieces/Toggles";
import { WideTable } from "../pieces/WideTable";

const TIMES = ["3", "5", "8", "12"].map((id) => ({ id, label: `${id} minutes` }));
const DISCOMFORT = ["none", "little", "provocative", "can hurt or startle"];

/** What would tell most, the best few tests within a time, and where the leading candidates usually go from here. */
export function NextTab(props: { view: CaseView; weighed: Weighed; catalogue: Catalogue }) {
  const { view, weighed, catalogue } = props;
  const { standing } = weighed;
  const began = (id: string) => percent(standing.conditions.find((c) => c.id === id)?.pretest ?? 0);
  const last = view.examination.readings.at(-1)?.test;
  const here = catalogue.tests.find((t) => t.id === last)?.position;
  return (
    <div className="flex flex-col gap-4">
      {standing.settled && (
        <p className="m-0 rounded-md border-[1.5px] border-teal bg-card px-3 py-2 text-[17px]">
          <b>Settled.</b> No test left can by itself carry an undecided diagnosis over one of its lines.
        </p>
      )}
      <WideTable
        label="What would tell most next"
        heads={["Test", "How much it would tell", "Takes", "Position", "Discomfort", "Moves"]}
        caption={<b className="text-[18px]">What would tell most next</b>}
      >
        {standing.next.map((n) => (
          <tr key={n.criterion} className="border-b border-line align-top">
            <td className="py-1 pr-2">
              <Link className="underline" to={`/cases/${view.code}/couch?test=${n.firstDo ?? n.test}`}>
                {n.testName}
              </Link>
              <span className="block text-[14px] text-soft">{n.label}</span>
            </td>
            <td className="py-1 pr-2">{n.gain.toFixed(2)} bits</td>
            <td className="py-1 pr-2 whitespace-nowrap">{minutes(n.minutes)}</td>
            <td className="py-1 pr-2">
              {positionName(n.position)}
              {here !== undefined && (
                <span className="block text-[14px] text-soft">
                  {here === n.position ? "as now" : "change of position"}
                </span>
              )}
            </td>
            <td className="py-1 pr-2">{DISCOMFORT[n.provocation]}</td>
            <td className="py-1">
              {n.effects.slice(0, 1).map((e) => (
                <span key={e.condition}>
                  {e.name}: began at {began(e.condition)}, now {percent(e.now)}, positive{" "}
                  {percent(e.ifPositive)}, negative {percent(e.ifNegative)}
                </span>
              ))}
            </td>
          </tr>
        ))}
      </WideTable>
      <ShortSequence view={view} />
      <section>
        <h3 className="m-0 text-[18px] font-bold">From here</h3>
        <ul className="m-0 list-none p-0 text-[16px]">
          {standing.conditions
            .filter((c) => c.verdict === "act" || c.rank === 1)
            .map((c) => (
              <li key={c.id}>
                <b>{c.name}</b> ({percent(c.pretest)} before, {percent(c.posttest)} now): the usual next step,
                subject to local pathway: {catalogue.conditions.find((x) => x.id === c.id)?.onward}.
              </li>
            ))}
        </ul>
      </section>
    </div>
  );
}

function ShortSequence(props: { view: CaseView }) {
  const [time, setTime] = useState("5");
  const best = useSequence(props.view.code, time);
  return (
    <section aria-label="Best within a time" className="flex flex-col gap-1">
      <Toggles label="The few tests that tell most within" value={time} options={TIMES} onChange={setTime} />
      <ErrorNote error={best.error} />
      {best.data &&
        (best.data.tests.length === 0 ? (
          <p className="m-0 text-[16px]">No test that tells anything fits into that time.</p>
        ) : (
          <>
            <ol className="m-0 list-decimal pl-7 text-[16px]">
              {best.data.tests.map((t) => (
                <li key={t.test}>
                  {t.name}{" "}
                  <span className="text-soft">
                    {positionName(t.position).toLowerCase()}, {minutes(t.minutes)}
                    {t.counts ? "" : ", has to come first"}
                  </span>
                </li>
              ))}
            </ol>
            <p className="m-0 text-[15px] text-soft">
              {minutes(best.data.minutes)}; together expected to tell {plainNumber(best.data.gain)} bits of
              all candidates, overlap taken into account. The best set among the ten tests with most to tell.
            </p>
          </>
        ))}
    </section>
  );
}
