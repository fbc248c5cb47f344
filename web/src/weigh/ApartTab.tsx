import { useState } from "react";
import { useApart } from "../api/caseQueries";
import type { ApartRow, ConditionStanding } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { percent } from "../pieces/format";
import { Mark, outcomeWord } from "../pieces/Mark";
import { WideTable } from "../pieces/WideTable";

/** Two candidates, and every test by how well it tells them apart. */
export function ApartTab(props: { code: string; conditions: ConditionStanding[]; first: string }) {
  const rival = props.conditions.find((c) => c.id !== props.first)?.id ?? "";
  const [second, setSecond] = useState(rival);
  if (rival === "") {
    return <p className="m-0">There is no other candidate to tell it from.</p>;
  }
  return <Pair {...props} second={second} onSecond={setSecond} />;
}

function Pair(props: {
  code: string;
  conditions: ConditionStanding[];
  first: string;
  second: string;
  onSecond: (id: string) => void;
}) {
  const apart = useApart(props.code, props.first, props.second);
  const name = (id: string) => props.conditions.find((c) => c.id === id)?.name ?? id;
  const standing = (id: string) => {
    const c = props.conditions.find((x) => x.id === id);
    return c ? `${percent(c.pretest)} before, ${percent(c.posttest)} now` : "";
  };
  return (
    <div className="flex flex-col gap-3">
      <label className="flex flex-wrap items-center gap-3">
        Tell {name(props.first)} ({standing(props.first)}) from
        <select className="field" value={props.second} onChange={(e) => props.onSecond(e.target.value)}>
          {props.conditions
            .filter((c) => c.id !== props.first)
            .map((c) => (
              <option key={c.id} value={c.id}>
                {c.name} ({standing(c.id)})
              </option>
            ))}
        </select>
      </label>
      <ErrorNote error={apart.error} />
      {apart.data && (
        <>
          <Table
            title="Tests that tell them apart"
            rows={apart.data.separating}
            first={name(props.first)}
            second={name(props.second)}
            none="No test in the packs has figures for both and tells them apart."
          />
          {apart.data.alike.length > 0 && (
            <section>
              <h3 className="m-0 text-[18px] font-bold">Cannot tell them apart</h3>
              <p className="m-0 text-[16px]">
                A result moves both alike (less than half a bit between them):{" "}
                {apart.data.alike.map((a) => a.name).join("; ")}.
              </p>
            </section>
          )}
          {apart.data.oneOnly.length > 0 && (
            <details className="text-[16px]">
              <summary className="min-h-8">
                Figures for one of the two alone ({apart.data.oneOnly.length}): whether they tell them apart
                is not known
              </summary>
              <ul className="m-0 list-disc pl-6">
                {apart.data.oneOnly.map((o) => (
                  <li key={o.criterion + o.condition}>
                    {o.name}: {name(o.condition)} alone
                  </li>
                ))}
              </ul>
            </details>
          )}
        </>
      )}
    </div>
  );
}

function Table(props: { title: string; rows: ApartRow[]; first: string; second: string; none: string }) {
  if (props.rows.length === 0) {
    return <p className="m-0 text-[16px]">{props.none}</p>;
  }
  return (
    <WideTable
      label={props.title}
      heads={["Test", "Here", "A positive speaks for", "A negative speaks for"]}
      caption={
        <>
          <b className="text-[18px]">{props.title}</b>{" "}
          <span className="text-soft">
            in bits: one bit doubles the odds of one against the other. Which test to do, not how it is
            weighed.
          </span>
        </>
      }
    >
      {props.rows.map((r) => (
        <tr key={r.criterion} className="border-b border-line align-top">
          <td className="py-1 pr-3">
            {r.name}
            {r.blocked && <b className="text-stop"> blocked</b>}
          </td>
          <td className="py-1 pr-3 whitespace-nowrap">
            {r.result === undefined ? (
              <span className="text-soft">not done</span>
            ) : (
              <span className="inline-flex items-center gap-1">
                <Mark outcome={r.result} /> {outcomeWord(r.result)}
              </span>
            )}
          </td>
          <td className="py-1 pr-3">{towards(r.positiveBits, props.first, props.second)}</td>
          <td className="py-1">{towards(r.negativeBits, props.first, props.second)}</td>
        </tr>
      ))}
    </WideTable>
  );
}

function towards(bits: number, first: string, second: string): string {
  const size = Math.abs(bits);
  return size < 0.05 ? "neither" : `${bits > 0 ? first : second}, ${size.toFixed(1)}`;
}
