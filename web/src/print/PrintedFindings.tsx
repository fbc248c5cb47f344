import type { CaseView, LedgerRow, Weighed } from "../api/types";
import { factor } from "../pieces/format";
import { Mark, outcomeWord } from "../pieces/Mark";
import { groupedByReason } from "../weigh/reasons";

/** Every finding of the involved side with what it says of the leading candidate, and every one that was not weighed. */
export function PrintedFindings(props: {
  view: CaseView;
  weighed: Weighed;
  testName: (id: string) => string;
}) {
  const leading = props.weighed.standing.conditions[0];
  const rows = leading ? (props.weighed.ledgers[leading.id] ?? []) : [];
  const next = props.weighed.standing.next[0];
  return (
    <section>
      <h2 className="m-0 text-[16px] font-bold">
        Findings{leading ? `, and what they say of ${leading.name}` : ""}
      </h2>
      <table className="w-full border-collapse">
        <thead className="text-left text-soft">
          <tr>
            <th scope="col" className="font-normal">
              Counted
            </th>
            <th scope="col" className="w-14 text-right font-normal">
              Alone
            </th>
            <th scope="col" className="w-14 text-right font-normal">
              Added
            </th>
          </tr>
        </thead>
        <tbody>
          {rows
            .filter((r) => r.status === "counted")
            .map((r) => (
              <tr key={r.id} className="break-inside-avoid border-t border-line align-top">
                <td className="py-0.5">
                  <span className="flex gap-1.5">
                    <Mark outcome={r.result} size={12} />
                    <span>
                      {r.name}: <b>{outcomeWord(r.result).toLowerCase()}</b>
                      {r.reason && <span className="text-soft">, {r.reason}</span>}
                    </span>
                  </span>
                </td>
                <td className="text-right whitespace-nowrap">
                  {r.lrAlone === undefined ? "" : factor(r.lrAlone)}
                </td>
                <td className="text-right whitespace-nowrap">
                  {r.lrAdded === undefined ? "" : factor(r.lrAdded)}
                </td>
              </tr>
            ))}
        </tbody>
      </table>
      {groupedByReason(rows).map((g) => (
        <p key={g.title} className="my-1">
          <span className="text-soft">{g.title}:</span> {g.rows.map(inWords).join("; ")}.
        </p>
      ))}
      {props.view.examination.variants.length > 0 && (
        <p className="my-1">
          <span className="text-soft">Done otherwise than described:</span>{" "}
          {props.view.examination.variants.map((v) => `${props.testName(v.test)} (${v.name})`).join("; ")}.
        </p>
      )}
      {rows.length === 0 && <p>Not examined yet.</p>}
      {next && !props.weighed.standing.settled && (
        <p className="my-1">
          Would tell most next: {next.testName} ({next.label}).
        </p>
      )}
    </section>
  );
}

function inWords(row: LedgerRow): string {
  return `${row.name} ${outcomeWord(row.result).toLowerCase()}`;
}
