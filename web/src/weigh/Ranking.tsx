import type { ConditionStanding } from "../api/types";
import { percent } from "../pieces/format";
import { Rail, verdictWords } from "../pieces/Rail";
import { useWidth } from "../pieces/useWidth";

/** All candidates in order, each on its rail; one of them is explained beside. A ghost stands where a supposition would put it. */
export function Ranking(props: {
  conditions: ConditionStanding[];
  ghosts: Record<string, number>;
  chosen: string | undefined;
  onChoose: (condition: string) => void;
}) {
  const { ref, width } = useWidth<HTMLOListElement>(500);
  return (
    <ol ref={ref} className="m-0 list-none p-0">
      {props.conditions.map((c, i) => {
        const ghost = props.ghosts[c.id];
        return (
          <li key={c.id} className="break-inside-avoid">
            <button
              type="button"
              aria-pressed={c.id === props.chosen}
              className="block w-full rounded-md border-2 border-transparent px-2 py-0.5 text-left hover:bg-panel aria-pressed:border-ink aria-pressed:bg-card"
              onClick={() => props.onChoose(c.id)}
            >
              <span className="flex items-baseline justify-between gap-3">
                <span className="text-[17px] leading-tight">
                  {c.rank}. {c.name}
                </span>
                <span className="shrink-0 text-[15px] text-soft">
                  {percent(c.pretest)} to <b className="text-[19px] text-ink">{percent(c.posttest)}</b>
                </span>
              </span>
              <Rail values={c} width={width - 24} labels={i === props.conditions.length - 1} ghost={ghost} />
              <span className="flex justify-between text-[14px] text-soft">
                <span>
                  {verdictWords(c)}; first in {percent(c.probabilityFirst)} of draws
                </span>
                {ghost !== undefined && (
                  <b className="shrink-0 pl-2 text-amber">as supposed {percent(ghost)}</b>
                )}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
