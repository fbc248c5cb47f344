import type { ReactNode } from "react";
import type { ConditionStanding, Standing } from "../api/types";
import { percent } from "../pieces/format";
import { Rail } from "../pieces/Rail";
import { RailKey } from "../pieces/RailKey";
import { isExamined, rankedAndApart } from "../pieces/ranked";
import { useWidth } from "../pieces/useWidth";
import { NextTestCard } from "./NextTestCard";

const SHOWN = 5;

/** By how much it would stand higher without its first rival. */
const lift = (c: ConditionStanding) => (c.rivals[0]?.ifAbsent ?? 0) - c.posttest;

/** The leading candidates on their rails, and what to test next. */
export function StandingPanel(props: {
  standing: Standing;
  asked: boolean;
  onAsk: (asked: boolean) => void;
  onGo: (test: string) => void;
  children?: ReactNode;
}) {
  const { ref, width } = useWidth<HTMLOListElement>(328);
  const { ranked, apart } = rankedAndApart(props.standing.conditions);
  const shown = ranked.slice(0, SHOWN);
  // One at most: the one that another candidate holds down most.
  const held = shown.filter((c) => c.rivals[0]?.held).sort((a, b) => lift(b) - lift(a))[0];
  return (
    <section
      aria-label="Standing"
      className="flex min-h-0 flex-col gap-2 overflow-auto border-l-[1.5px] border-line bg-panel px-4 py-3"
    >
      <h2 className="m-0 flex items-baseline justify-between text-[18px] font-bold">
        Standing <span className="text-[14px] font-normal text-soft">pretest, then now</span>
      </h2>
      <ol ref={ref} aria-live="polite" className="m-0 list-none p-0">
        {shown.map((c, i) => (
          <li key={c.id} className="mt-1">
            <div className="flex items-baseline justify-between gap-2">
              <span className="text-[16px] leading-tight">{c.name}</span>
              <span className="shrink-0 text-[15px] text-soft">
                {percent(c.pretest)}, <b className="text-[19px] text-ink">{percent(c.posttest)}</b> now
              </span>
            </div>
            <Rail values={c} width={width} labels={i === shown.length - 1} />
            {c.last && <p className="m-0 text-[14px] text-soft">{c.last.words}</p>}
            {c === held && c.rivals[0] && (
              <p className="m-0 flex text-[14px] text-soft">
                <span className="truncate">{c.rivals[0].held}</span>
                <span className="shrink-0">, {percent(c.rivals[0].now)}</span>
              </p>
            )}
          </li>
        ))}
      </ol>
      {props.standing.fresh && <p className="m-0 text-[14px] text-soft">{props.standing.fresh}</p>}
      {ranked.length > SHOWN && (
        <p className="m-0 text-[14px] text-soft">{ranked.length - SHOWN} more on the weigh screen (W).</p>
      )}
      <NextTestCard standing={props.standing} asked={props.asked} onAsk={props.onAsk} onGo={props.onGo} />
      {apart.some(isExamined) && (
        <ul aria-label="Not weighable" className="m-0 list-none p-0 text-[14px]">
          {apart.filter(isExamined).map((c) => (
            <li key={c.id}>
              <b>{c.name}</b> <span className="text-soft">{c.aimed.words}</span>
            </li>
          ))}
        </ul>
      )}

      <RailKey bands={props.standing.bands} />
      {props.children}
    </section>
  );
}
