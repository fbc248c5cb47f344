import type { Closed, ConditionStanding } from "../api/types";
import { percent, time } from "../pieces/format";

/** A closed case beside the same case with today's figures, where that would change it. */
export function TodayBeside(props: { closed: Closed; then: ConditionStanding[] }) {
  const { closed } = props;
  if (!closed.changes) {
    return (
      <p className="m-0 px-2 text-[14px] text-soft">Today's figures and settings would change nothing.</p>
    );
  }
  const now = (id: string) => closed.today.findIndex((c) => c.id === id);
  return (
    <section
      aria-label="With today's figures"
      className="rounded-md border-[1.5px] border-amber px-3 py-2 text-[15px]"
    >
      <p className="m-0">
        <b>Today's figures and settings would change this.</b> Weighed here with those in force since{" "}
        {time(closed.since)}.
      </p>
      <table className="w-full border-collapse">
        <thead className="text-left text-[14px] text-soft">
          <tr>
            {["Candidate", "As closed", "Today"].map((h) => (
              <th key={h} scope="col" className="pr-3 font-normal">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {props.then
            .filter((c) => differs(c, closed.today[now(c.id)], now(c.id)))
            .map((c) => (
              <tr key={c.id} className="border-t border-line">
                <th scope="row" className="pr-3 text-left font-normal">
                  {c.name}
                </th>
                <td className="pr-3">
                  {c.rank}. {percent(c.posttest)}
                </td>
                <td>
                  {now(c.id) + 1}. {percent(closed.today[now(c.id)]?.posttest ?? c.posttest)}
                </td>
              </tr>
            ))}
        </tbody>
      </table>
    </section>
  );
}

function differs(then: ConditionStanding, today: ConditionStanding | undefined, place: number): boolean {
  return !today || then.rank !== place + 1 || percent(then.posttest) !== percent(today.posttest);
}
