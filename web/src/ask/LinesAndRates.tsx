import { useState } from "react";
import type { CaseView, Catalogue } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { percent } from "../pieces/format";
import { useWeighed } from "../weigh/weighed";

/** What base rates and lines mean, where they come from, and how much the base rate matters in this case. */
export function LinesAndRates(props: { view: CaseView; catalogue: Catalogue }) {
  const [open, setOpen] = useState(false);
  return (
    <details className="text-[16px]" open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-8 underline decoration-dotted">What base rates and lines mean</summary>
      <p className="my-1">
        A <b>base rate</b> says how many of those who come with such a complaint to such a clinic have the
        condition, before anything is known of this one. The rates are starting assumptions of the packs, not
        measured here, until the department replaces them. Each condition has two <b>lines</b>: below the
        first it is ruled out for now, above the second it is treated as likely. Crossing a line is a prompt
        to the examiner, never a diagnosis; where an interval crosses a line, the verdict says so.
      </p>
      {open && <Table {...props} />}
    </details>
  );
}

function Table(props: { view: CaseView; catalogue: Catalogue }) {
  const weighed = useWeighed(props.view.code);
  if (!weighed.data) {
    return <ErrorNote error={weighed.error} />;
  }
  const { standing, reasons } = weighed.data;
  return (
    <table className="w-full border-collapse text-[15px]">
      <caption className="sr-only">Lines, and this case with half and with double the pretest</caption>
      <thead className="border-b-[1.5px] border-ink text-right text-[14px] text-soft">
        <tr>
          {[
            "Candidate",
            "ruled out for now below",
            "treated as likely above",
            "pretest",
            "now",
            "were it half",
            "were it double",
          ].map((h) => (
            <th key={h} scope="col" className="pl-2 font-normal first:pl-0 first:text-left">
              {h}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {standing.conditions.map((c) => {
          const double = reasons[c.id]?.ifDouble;
          return (
            <tr key={c.id} className="border-b border-line text-right">
              <th scope="row" className="text-left font-normal">
                {c.name}
              </th>
              <td>{percent(c.ruleOut)}</td>
              <td>{percent(c.act)}</td>
              <td>{percent(c.pretest)}</td>
              <td className="font-bold">{percent(c.posttest)}</td>
              <td>{percent(reasons[c.id]?.ifHalf ?? c.posttest)}</td>
              <td>{double === undefined ? "–" : percent(double)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
