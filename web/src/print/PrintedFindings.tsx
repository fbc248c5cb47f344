import type { CaseView, Weighed } from "../api/types";
import { factor } from "../pieces/format";
import { Mark, outcomeWord } from "../pieces/Mark";

/** Every finding of the involved side with what it says alone and what it added for the leading candidate. */
export function PrintedFindings(props: { view: CaseView; weighed: Weighed }) {
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
            <th className="font-normal">Finding</th>
            <th className="text-right font-normal">Alone</th>
            <th className="text-right font-normal">Added</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((r) => (
            <tr key={r.id} className="break-inside-avoid border-t border-line align-top">
              <td className="py-0.5">
                <span className="flex gap-1.5">
                  <Mark outcome={r.result} size={12} />
                  <span>
                    {r.name}: <b>{outcomeWord(r.result).toLowerCase()}</b>
                    <span className="text-soft">{r.status === "counted" ? "" : ` (${r.sentence})`}</span>
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
      {rows.length === 0 && <p>Not examined yet.</p>}
      {next && !props.weighed.standing.settled && (
        <p className="my-1">
          Would tell most next: {next.testName} ({next.label}).
        </p>
      )}
    </section>
  );
}
