import { Link } from "react-router";
import type { Labral, Looseness } from "../api/types";
import { useCaseContext } from "../frame/CaseFrame";
import { otherSide, plainNumber, sideName } from "../pieces/format";
import { Mark, outcomeWord } from "../pieces/Mark";
import { WideTable } from "../pieces/WideTable";
import { useWeighed } from "../weigh/weighed";
import { DirectionFigure } from "./DirectionFigure";
import { LabralPanel } from "./LabralPanel";

/** How loose the shoulder is, direction by direction, and the labral panel. */
export function LoosenessTab(props: { looseness: Looseness; labral: Labral | undefined }) {
  const { view, catalogue } = useCaseContext();
  const weighed = useWeighed(view.code);
  const { looseness } = props;
  const involved = view.intake.involvedSide;
  const other = otherSide(involved);
  const amount = (value: number | undefined, unit: string) =>
    value === undefined ? "not measured" : `${plainNumber(value)} ${unit}`;
  return (
    <div className="flex flex-col gap-5">
      <p className="m-0 text-[18px] font-semibold">{looseness.sentence}</p>
      <div className="flex flex-wrap items-start gap-6">
        <DirectionFigure looseness={looseness} />
        <WideTable
          narrow
          label="Looseness by direction"
          heads={["Direction", "Test", sideName(other), sideName(involved), "End point", "Outcome"]}
        >
          {looseness.directions.flatMap((d) =>
            d.readings.map((r) => (
              <tr key={d.name + r.test} className="border-b border-line align-baseline">
                <th scope="row" className="py-1 pr-4 text-left font-semibold">
                  {d.name}
                </th>
                <td className="pr-4">
                  <Link
                    className="inline-flex min-h-8 items-center underline"
                    to={`/cases/${view.code}/couch?test=${r.test}`}
                  >
                    {r.name}
                  </Link>
                </td>
                <td className="pr-4">{r.unit ? amount(r.other, r.unit) : "no number"}</td>
                <td className="pr-4">{r.unit ? amount(r.involved, r.unit) : "no number"}</td>
                <td className="pr-4">{r.endPoint ?? "not noted"}</td>
                <td>
                  <span className="flex items-baseline gap-1.5">
                    <Mark outcome={r.outcome} size={12} /> {outcomeWord(r.outcome)}
                  </span>
                </td>
              </tr>
            )),
          )}
          <tr>
            <th scope="row" className="py-1 pr-4 text-left font-semibold">
              all joints
            </th>
            <td className="pr-4" colSpan={5}>
              General laxity score:{" "}
              {looseness.general === undefined ? "not taken" : <b>{plainNumber(looseness.general)} of 9</b>}
            </td>
          </tr>
        </WideTable>
      </div>
      {weighed.data && props.labral && (
        <LabralPanel labral={props.labral} view={view} catalogue={catalogue} weighed={weighed.data} />
      )}
    </div>
  );
}
