import { Link } from "react-router";
import type { Weighed } from "../api/types";
import { percent } from "../pieces/format";
import { Sideways } from "../pieces/Sideways";

const SHOWN = 6;
const ORDER = [
  "sober",
  "differential",
  "overlap-aware",
  "independent",
  "strongest-per-family",
  "published-clusters",
];

/** The six ways to weigh, side by side. */
export function Schools(props: { weighed: Weighed }) {
  const { standing, schools, method } = props.weighed;
  const columns = ORDER.flatMap((id) => schools.filter((s) => s.id === id));
  return (
    <Sideways label="Six ways to weigh">
      <table className="w-full border-collapse text-[16px]">
        <caption className="pb-1 text-left">
          <b className="text-[18px]">Six ways to weigh.</b>{" "}
          <span className="text-soft">
            {props.weighed.rankingDependsOnSchool
              ? "Which candidate comes first depends on the way."
              : "The same candidate comes first in all of them."}
          </span>{" "}
          <Link className="text-[15px] underline print:hidden" to="/honesty">
            How right each is
          </Link>
        </caption>
        <thead className="border-b-[1.5px] border-ink text-[14px] text-soft">
          <tr>
            <th scope="col" className="text-left font-normal">
              Candidate, pretest
            </th>
            {columns.map((s) => (
              <th key={s.id} scope="col" className="w-[92px] py-1 text-right leading-tight font-normal">
                {s.name}
                {s.id === method.school && <span className="block text-ink">in use</span>}
                {!s.hasSay && <span className="block">none decided</span>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {standing.conditions.slice(0, SHOWN).map((c) => (
            <tr key={c.id} className="border-b border-line">
              <td className="py-0.5">
                {c.name} <span className="text-soft">{percent(c.pretest)}</span>
              </td>
              {columns.map((s) => (
                <td key={s.id} className={s.id === method.school ? "text-right font-bold" : "text-right"}>
                  {s.hasSay ? percent(s.probabilities[c.id] ?? 0) : "\u2013"}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Sideways>
  );
}
