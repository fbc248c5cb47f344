import type { ClusterLine } from "../api/types";
import { factor } from "../pieces/format";
import { Worth } from "./Worth";

/** The published clusters with their rule, members and source; where it can be said, beside what their members predict. */
export function ClusterList(props: { clusters: ClusterLine[] }) {
  return (
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
            <p className="my-1">{c.ratioByCount.map((lr, n) => `${n} positive ${factor(lr)}`).join(", ")}</p>
          )}
          <p className="my-1">
            <b>Published:</b>{" "}
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
          <p className="m-0 text-[14px] text-soft">
            {c.source}. {c.caution}
          </p>
        </li>
      ))}
    </ul>
  );
}
