import { Suspense } from "react";
import type { ReportSection } from "../api/types";
import { percent } from "../pieces/format";
import { later } from "../pieces/later";
import { Rail } from "../pieces/Rail";

const HurtsDrawing = later(
  () => import("./HurtsDrawing").then((m) => m.HurtsDrawing),
  () => null,
);

/** What was worked out for a section: a table, candidates on their rails, whole people. */
export function Pictures(props: { section: ReportSection }) {
  const { table, rails, people, hurts } = props.section;
  return (
    <>
      {table && (
        <table className="w-full border-collapse text-[15px]">
          <thead className="border-b-[1.5px] border-ink text-left text-soft">
            <tr>
              {table.heads.map((h) => (
                <th key={h} scope="col" className="pr-3 font-normal">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {table.rows.map((row) => (
              <tr key={row[0]} className="border-b border-line align-top">
                {row.map((cell, i) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: columns stay where they are
                  <td key={i} className="pr-3">
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {rails.map((r) => (
        <div key={r.name} className="pt-1">
          <div className="flex justify-between gap-3 text-[15px]">
            <span>
              {r.rank}. {r.name}, {r.verdict}
            </span>
            <span>
              {percent(r.pretest)} before, <b>{percent(r.posttest)}</b> now ({percent(r.low)} to{" "}
              {percent(r.high)})
            </span>
          </div>
          <Rail values={{ ...r, borderline: false }} width={720} />
        </div>
      ))}
      {hurts && (
        <Suspense>
          <HurtsDrawing hurts={hurts} />
        </Suspense>
      )}
      {people && (
        <p className="m-0 text-[16px]">
          Drawn as people: {people.before} of {people.outOf} at the start, {people.after} of {people.outOf}{" "}
          with these findings.
        </p>
      )}
    </>
  );
}
