import { Link } from "react-router";
import type { CaseView, Catalogue, Labral, Weighed } from "../api/types";
import { Mark, outcomeWord } from "../pieces/Mark";
import { WideTable } from "../pieces/WideTable";

/** The labral tests at a glance: which were done, where it hurt, what the counts and clusters come to. */
export function LabralPanel(props: {
  labral: Labral;
  view: CaseView;
  catalogue: Catalogue;
  weighed: Weighed;
}) {
  const { view, catalogue, weighed } = props;
  const { findings, readings } = view.examination;
  const involved = view.intake.involvedSide;
  const done = props.labral.tests.flatMap((id) => {
    const test = catalogue.tests.find((t) => t.id === id);
    const own = findings.filter((f) => f.test === id && f.side === involved && f.outcome !== "not-done");
    return test && own.length > 0 ? [{ test, own }] : [];
  });
  const left = props.labral.tests.length - done.length;
  const clusters = Object.values(weighed.ledgers)
    .flat()
    .filter((r) => props.labral.clusters.includes(r.id));
  const where = (id: string) =>
    readings
      .filter((r) => r.test === id && r.side === involved)
      .flatMap((r) => Object.entries(r.values as Record<string, unknown>))
      .filter(([leaf]) => leaf === "pain.site")
      .map(([, value]) => String(value).replaceAll("-", " "))
      .join(", ");
  return (
    <section aria-label="Labral panel">
      <h2 className="m-0 text-[20px] font-bold">Labral panel</h2>
      <p className="m-0 text-[16px]">
        {done.length} of {props.labral.tests.length} tests done{left > 0 && `, ${left} left`}.{" "}
        {weighed.counts.map((c) => (
          <span key={c.name}>
            {c.name}: {c.positives} of {c.done} positive; the department's line is {c.atLeast}, a count
            without published accuracy.{" "}
          </span>
        ))}
        {clusters.map((c) => (
          <span key={c.id}>
            Cluster {c.name}: {c.reason}.{" "}
          </span>
        ))}
      </p>
      {done.length > 0 && (
        <WideTable narrow label="Labral tests" heads={["Test", "Where it hurt", "Criteria"]}>
          {done.map(({ test, own }) => (
            <tr key={test.id} className="border-b border-line align-baseline">
              <th scope="row" className="py-1 pr-6 text-left font-semibold">
                <Link
                  className="inline-flex min-h-8 items-center underline"
                  to={`/cases/${view.code}/couch?test=${test.id}`}
                >
                  {test.name}
                </Link>
              </th>
              <td className="pr-6">{where(test.id) || "not noted"}</td>
              <td>
                {own.map((f) => (
                  <span key={f.criterion} className="flex items-baseline gap-1.5">
                    <Mark outcome={f.outcome} size={12} /> {f.label}: {outcomeWord(f.outcome).toLowerCase()}
                  </span>
                ))}
              </td>
            </tr>
          ))}
        </WideTable>
      )}
    </section>
  );
}
