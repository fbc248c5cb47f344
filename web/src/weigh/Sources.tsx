import { Link } from "react-router";
import type { LedgerRow, Source } from "../api/types";
import { pairAddress } from "../evidence/address";
import { FiguresInPeople } from "./FiguresInPeople";

const POOLING: Record<string, string> = {
  study: "one study",
  univariate: "pooled, each margin by itself",
  bivariate: "pooled together, bivariate model",
};

/** The figures weighed with and the studies behind them. A specificity is never shown where a probability would be read. */
export function Sources(props: { row: LedgerRow; pretest: number; condition: string }) {
  const { row } = props;
  if (row.sources.length === 0) {
    return null;
  }
  return (
    <details className="text-[14px] text-soft">
      <summary className="min-h-6">
        {row.sources.length === 1 ? short(row.sources[0]) : `${row.sources.length} rows`}
        {row.pooling && row.sources.length > 1 ? `, ${POOLING[row.pooling]}` : ""}, {checked(row.sources)}
      </summary>
      {row.kind === "finding" && (
        <Link className="underline" to={pairAddress(row.id, props.condition)}>
          This pair in full
        </Link>
      )}
      {row.figures && <FiguresInPeople figures={row.figures} pretest={props.pretest} />}
      <ul className="my-1 list-disc pl-5">
        {row.sources.map((s) => (
          <li key={`${s.source} ${s.year} ${s.population}`}>
            {s.source}
            {s.year !== undefined && `, ${s.year}`}
            {s.sensitivity !== undefined && <>: sensitivity {s.sensitivity}</>}
            {s.specificity !== undefined && <>, specificity {s.specificity}</>}
            {s.sensitivity !== undefined && <>; {sizes(s)}</>}
            {s.population && `; ${s.population}`}; risk of bias {s.bias}; {s.signOff}
            {s.kind === "judgement" && "; the department's judgement"}
            {s.kind === "designed" && "; designed here, never studied as a whole"}
            {s.kind === "pooled" && "; a review's summary"}
            {s.kind === "derived" && "; likelihood ratios derived from the printed figures"}
            {s.note && `; ${s.note}`}
          </li>
        ))}
      </ul>
    </details>
  );
}

function short(source: Source | undefined): string {
  return source ? [source.source, source.year].filter((x) => x !== undefined).join(", ") : "";
}

/** How far the rows have been checked, in few words. */
function checked(sources: Source[]): string {
  const states = new Set(sources.map((s) => s.signOff));
  return states.size === 1 ? [...states].join("") : "partly checked";
}

function sizes(s: Source): string {
  if (s.diseased === undefined && s.healthy === undefined && s.people !== undefined) {
    return `${s.people} people in all, half of them taken for each group`;
  }
  if (s.diseased === undefined && s.healthy === undefined) {
    return "groups not known, weighed as 30 and 30";
  }
  const size = (n: number | undefined) => (n === undefined ? "not known, weighed as 30" : String(n));
  return `with the condition ${size(s.diseased)}, without ${size(s.healthy)}`;
}
