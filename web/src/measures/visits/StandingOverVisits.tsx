import type { Visit } from "../../api/types";
import { day, percent } from "../../pieces/format";
import { Rail } from "../../pieces/Rail";
import { WideTable } from "../../pieces/WideTable";

const LEADING = 3;
const RAIL_WIDTH = 420;

/** Where the candidates that lead now stood at each visit, by that visit's findings alone. */
export function StandingOverVisits(props: { visits: Visit[] }) {
  const { visits } = props;
  const leading = (visits.at(-1)?.conditions ?? []).slice(0, LEADING);
  return (
    <section aria-label="Leading candidates over the visits">
      <h2 className="m-0 text-[20px] font-bold">The leading candidates, visit by visit</h2>
      <p className="m-0 mb-2 text-[15px] text-soft">
        Each visit is weighed by its own findings alone, from the pretest; what was found before is not
        counted again.
      </p>
      <WideTable
        narrow
        label="Where they stood, visit by visit"
        heads={["Visit", ...leading.map((c) => `${c.name}, began at ${percent(c.pretest)}`)]}
      >
        {visits.map((v) => (
          <tr key={v.number} className="border-b border-line">
            <th scope="row" className="pr-5 text-left font-normal whitespace-nowrap">
              {v.number}, {day(v.startedAt)}
              <span className="block text-[14px] text-soft">
                {v.tests === 1 ? "1 test" : `${v.tests} tests`}
              </span>
            </th>
            {leading.map((c) => {
              const then = v.conditions.find((x) => x.id === c.id);
              return (
                <td key={c.id} className="pr-6 align-top">
                  {then && (
                    <>
                      <b>{percent(then.posttest)}</b>
                      <div className="w-[300px] max-w-full">
                        <Rail values={then} width={RAIL_WIDTH} />
                      </div>
                    </>
                  )}
                </td>
              );
            })}
          </tr>
        ))}
      </WideTable>
    </section>
  );
}
