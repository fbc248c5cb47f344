import type { ReactNode } from "react";
import type { ConditionStanding } from "../api/types";
import { percent } from "../pieces/format";
import { Rail, verdictWords } from "../pieces/Rail";
import { rankedAndApart } from "../pieces/ranked";
import { useWidth } from "../pieces/useWidth";

/**
 * The candidates in order, each on its rail; one of them is explained beside. A ghost stands where a supposition would put
 * it. Those that nothing recorded has a figure for stand apart.
 */
export function Ranking(props: {
  conditions: ConditionStanding[];
  ghosts: Record<string, number>;
  chosen: string | undefined;
  onChoose: (condition: string) => void;
}) {
  const { ref, width } = useWidth<HTMLOListElement>(500);
  const { ranked, apart } = rankedAndApart(props.conditions);
  return (
    <>
      <ol ref={ref} className="m-0 list-none p-0">
        {ranked.map((c, i) => {
          const ghost = props.ghosts[c.id];
          return (
            <li key={c.id} className="break-inside-avoid">
              <Choose {...props} condition={c}>
                <span className="flex items-baseline justify-between gap-3">
                  <span className="text-[17px] leading-tight">
                    {c.rank}. {c.name}
                  </span>
                  <span className="shrink-0 text-[15px] text-soft">
                    {percent(c.pretest)} before, <b className="text-[19px] text-ink">{percent(c.posttest)}</b>{" "}
                    now
                  </span>
                </span>
                <Rail values={c} width={width - 24} labels={i === ranked.length - 1} ghost={ghost} />
                <span className="flex justify-between text-[14px] text-soft">
                  <span>
                    {c.last
                      ? c.last.words
                      : [
                          verdictWords(c),
                          ...(c.probabilityFirst === undefined
                            ? []
                            : [`ranked first in ${percent(c.probabilityFirst)} of simulations`]),
                        ].join("; ")}
                  </span>
                  {ghost !== undefined && (
                    <b className="shrink-0 pl-2 text-amber">as supposed {percent(ghost)}</b>
                  )}
                </span>
              </Choose>
            </li>
          );
        })}
      </ol>
      {apart.length > 0 && (
        <section aria-label="Not weighable" className="mt-2 border-t-[1.5px] border-line pt-1">
          <h2 className="m-0 px-2 text-[16px] font-bold">Not weighable</h2>
          <p className="m-0 px-2 text-[14px] text-soft">
            Nothing recorded has a published figure for these; a base rate is a starting assumption.
          </p>
          <ul className="m-0 list-none p-0">
            {apart.map((c) => (
              <li key={c.id}>
                <Choose {...props} condition={c}>
                  <span className="flex items-baseline justify-between gap-3 text-[16px]">
                    {c.name}
                    <span className="shrink-0 text-[14px] text-soft">base rate {percent(c.pretest)}</span>
                  </span>
                  <span className="block text-[14px] text-soft">{c.aimed.words}</span>
                  {c.definitions
                    .filter((d) => d.state === "met")
                    .map((d) => (
                      <span key={d.id} className="block text-[14px]">
                        {d.words}
                      </span>
                    ))}
                </Choose>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

function Choose(props: {
  condition: ConditionStanding;
  chosen: string | undefined;
  onChoose: (condition: string) => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-pressed={props.condition.id === props.chosen}
      className="block w-full rounded-md border-2 border-transparent px-2 py-0.5 text-left hover:bg-panel aria-pressed:border-ink aria-pressed:bg-card"
      onClick={() => props.onChoose(props.condition.id)}
    >
      {props.children}
    </button>
  );
}
