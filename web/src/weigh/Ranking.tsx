import type { ReactNode } from "react";
import type { ConditionStanding } from "../api/types";
import { percent } from "../pieces/format";
import { Rail, verdictWords } from "../pieces/Rail";
import { listed, waitingTitle } from "../pieces/ranked";
import { useWidth } from "../pieces/useWidth";

/**
 * The candidates in order, each on its rail; one of them is explained beside. A ghost stands where a supposition would put
 * it. Nothing is left out: what cannot be weighed follows in its parts.
 */
export function Ranking(props: {
  conditions: ConditionStanding[];
  ghosts: Record<string, number>;
  chosen: string | undefined;
  onChoose: (condition: string) => void;
}) {
  const { ref, width } = useWidth<HTMLOListElement>(500);
  const { weighed, found, waiting, negative, fell } = listed(props.conditions);
  return (
    <>
      <ol ref={ref} className="m-0 list-none p-0">
        {weighed.map((c, i) => (
          <OnRail {...props} key={c.id} condition={c} width={width} labels={i === weighed.length - 1} />
        ))}
      </ol>
      <Part {...props} title="Found, no figures" conditions={found}>
        Nothing recorded has a figure or a judgement for these; what was found speaks for them all the same.
      </Part>
      <Part
        {...props}
        title={waitingTitle(waiting)}
        conditions={waiting}
        folded={!waiting.some((c) => c.weighed)}
        width={width}
      >
        A base rate is a starting assumption that nothing has moved.
      </Part>
      {fell.length > 0 && (
        <section
          aria-label="Below the line for ruling out"
          className="mt-2 border-t-[1.5px] border-line pt-1"
        >
          <b className="block px-2 text-[16px]">Below the line for ruling out ({fell.length})</b>
          <ol className="m-0 list-none p-0">
            {fell.map((c) => (
              <OnRail {...props} key={c.id} condition={c} width={width} labels={false} />
            ))}
          </ol>
        </section>
      )}
      <Part {...props} title="Examined, nothing found" conditions={negative} folded>
        Without figures, so what was not found cannot be weighed.
      </Part>
    </>
  );
}

/** One that is weighed, where it began and where it stands; a part of another stands under it. */
function OnRail(props: {
  condition: ConditionStanding;
  ghosts: Record<string, number>;
  width: number;
  labels: boolean;
  chosen: string | undefined;
  onChoose: (condition: string) => void;
}) {
  const { condition: c, width } = props;
  const ghost = props.ghosts[c.id];
  const first =
    c.probabilityFirst === undefined ? [] : [`ranked first in ${percent(c.probabilityFirst)} of simulations`];
  return (
    <li className={c.under ? "ml-3 break-inside-avoid border-l-[3px] border-line" : "break-inside-avoid"}>
      <Choose {...props} condition={c}>
        <span className="flex flex-wrap items-baseline justify-between gap-x-3">
          <span className="text-[17px] leading-tight">
            {c.rank}. {c.name}
          </span>
          <span className="shrink-0 text-[15px] text-soft">
            {percent(c.pretest)} before, <b className="text-[19px] text-ink">{percent(c.posttest)}</b> now
          </span>
        </span>
        <Rail values={c} width={c.under ? width - 39 : width - 24} labels={props.labels} ghost={ghost} />
        {c.marked && <span className="block text-[14px] font-semibold">{c.marked}</span>}
        {c.settle && <span className="block text-[14px]">{c.settle.words}</span>}
        <span className="flex justify-between text-[14px] text-soft">
          <span>{c.last ? c.last.words : [verdictWords(c), ...first].join("; ")}</span>
          <Supposed at={ghost} />
        </span>
      </Choose>
    </li>
  );
}

/** Where a supposition would put it; nothing where nothing is supposed. */
function Supposed(props: { at: number | undefined }) {
  return (
    props.at !== undefined && <b className="shrink-0 pl-2 text-amber">as supposed {percent(props.at)}</b>
  );
}

/** A part of the list that mostly is not on the rail. */
function Part(props: {
  title: string;
  conditions: ConditionStanding[];
  folded?: boolean;
  /** How wide the rails are of those that have one. */
  width?: number;
  ghosts: Record<string, number>;
  chosen: string | undefined;
  onChoose: (condition: string) => void;
  children: ReactNode;
}) {
  if (props.conditions.length === 0) {
    return null;
  }
  const holdsChosen = props.conditions.some((c) => c.id === props.chosen);
  return (
    <section aria-label={props.title} className="mt-2 border-t-[1.5px] border-line pt-1">
      <details open={!props.folded || holdsChosen}>
        <summary className="min-h-8 px-2 text-[16px] font-bold">
          {props.title} ({props.conditions.length})
        </summary>
        <p className="m-0 px-2 text-[14px] text-soft">{props.children}</p>
        <ul className="m-0 list-none p-0">
          {props.conditions.map((c) =>
            c.weighed ? (
              <OnRail {...props} key={c.id} condition={c} width={props.width ?? 0} labels={false} />
            ) : (
              <li key={c.id}>
                <Choose {...props} condition={c}>
                  <span className="flex flex-wrap items-baseline justify-between gap-x-3 text-[16px]">
                    <span>
                      {c.rank}. {c.name}
                    </span>
                    <span className="shrink-0 text-[14px] text-soft">
                      begins at {percent(c.pretest)}
                      <Supposed at={props.ghosts[c.id]} />
                    </span>
                  </span>
                  {c.marked && <span className="block text-[14px] font-semibold">{c.marked}</span>}
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
            ),
          )}
        </ul>
      </details>
    </section>
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
