import type { BiasView } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { percent } from "../pieces/format";
import { Toggles } from "../pieces/Toggles";
import { WAYS, wayName } from "../pieces/ways";

const DEPARTMENT = "department" as const;
const SHOWN = 4;

/** How studies at high risk of bias are taken in this case, and every result where the way changes the order. */
export function HighBias(props: {
  bias: BiasView;
  onChoose: (way: BiasView["ofCase"]) => void;
  error: Error | null;
}) {
  const { bias } = props;
  const options = [{ id: DEPARTMENT, label: `As the department: ${wayName(bias.department)}` }, ...WAYS];
  return (
    <section aria-label="Studies at high risk of bias" className="flex flex-col gap-2">
      <h3 className="m-0 text-[18px] font-bold">Studies at high risk of bias</h3>
      <ErrorNote error={props.error} />
      <Toggles
        label="Taken in this case"
        hideLabel
        value={bias.ofCase ?? DEPARTMENT}
        options={options}
        onChange={(way) => props.onChoose(way === DEPARTMENT ? undefined : way)}
      />
      {bias.changesOrder ? (
        <div className="grid grid-cols-3 gap-4 text-[15px] max-lg:grid-cols-1">
          {bias.results.map((r) => (
            <div key={r.highBias}>
              <h4 className="m-0 border-b-[1.5px] border-ink text-[15px] font-semibold">
                {WAYS.find((w) => w.id === r.highBias)?.label}
              </h4>
              <ol className="m-0 list-none p-0">
                {r.order.slice(0, SHOWN).map((p) => (
                  <li
                    key={p.condition}
                    className="flex flex-wrap justify-between gap-x-2 border-b border-line"
                  >
                    <span className="leading-tight">{p.name}</span>
                    <span className="ml-auto">
                      <span className="text-soft">{percent(p.pretest)} before, </span>
                      <b>{percent(p.posttest)}</b> now
                    </span>
                  </li>
                ))}
              </ol>
            </div>
          ))}
        </div>
      ) : (
        <p className="m-0 text-[15px] text-soft">The order of the candidates is the same in every way.</p>
      )}
      {bias.changesOrder && (
        <p className="m-0 text-[15px] text-soft">
          The order of the candidates depends on how such studies are taken.
        </p>
      )}
    </section>
  );
}
