import { memo, type ReactNode, Suspense, useState } from "react";
import type { ConditionStanding, Standing } from "../api/types";
import { useCaseContext } from "../frame/CaseFrame";
import { percent } from "../pieces/format";
import { Rail } from "../pieces/Rail";
import { RailKey } from "../pieces/RailKey";
import { listed, waitingTitle } from "../pieces/ranked";
import { useWidth } from "../pieces/useWidth";
import { NextTestCard } from "./NextTestCard";
import { shortCondition } from "./names";

const SHOWN = 5;

/** By how much it would stand higher without its first rival. */
const lift = (c: ConditionStanding) => (c.rivals[0]?.ifAbsent ?? 0) - c.posttest;

export interface StandingProps {
  standing: Standing;
  asked: boolean;
  onAsk: (asked: boolean) => void;
  onGo: (test: string) => void;
  /** Conditions that are no candidates, and that something speaks for. */
  besides?: ReactNode;
  children?: ReactNode;
}

/** The leading candidates on their rails, and what to test next. */
export const StandingPanel = memo(function StandingPanel(props: StandingProps) {
  const { ref, width } = useWidth<HTMLOListElement>(268);
  const { catalogue } = useCaseContext();
  const [legend, setLegend] = useState(false);
  const { weighed, found, waiting, negative, fell } = listed(props.standing.conditions);
  const shown = weighed.slice(0, SHOWN);
  const short = (c: ConditionStanding) => shortCondition(catalogue, c.id, c.name);
  // One at most: the one that another candidate holds down most.
  const held = shown.filter((c) => c.rivals[0]?.held).sort((a, b) => lift(b) - lift(a))[0];
  return (
    <section aria-label="Standing" className="flex min-h-0 flex-col gap-2 overflow-auto bg-panel px-4 py-3">
      <div className="flex items-center gap-2">
        <h2 className="m-0 text-[18px] font-bold">Standing</h2>
        <button
          type="button"
          className="choice min-h-7 min-w-7 rounded-full px-1 py-0 text-[15px] font-bold"
          aria-expanded={legend}
          aria-label="What the marks mean"
          onClick={() => setLegend(!legend)}
        >
          ?
        </button>
      </div>
      {legend && (
        <div className="rounded-md border-[1.5px] border-line bg-card px-2 py-1">
          <RailKey bands={props.standing.bands} />
        </div>
      )}
      <ol ref={ref} className="m-0 list-none p-0">
        {shown.map((c, i) => (
          <li key={c.id} className={c.under ? "mt-1 border-l-[3px] border-line pl-2" : "mt-1"}>
            <div className="flex flex-wrap items-baseline gap-x-2">
              <span className="text-[16px] leading-tight" title={c.name}>
                {short(c)}
                {c.under && <span className="sr-only">, part of the one above</span>}
              </span>
              <span className="ml-auto shrink-0 text-[14px] text-soft">
                {percent(c.pretest)} before, <b className="text-[19px] text-ink">{percent(c.posttest)}</b> now
              </span>
            </div>
            <Rail values={c} width={c.under ? width - 11 : width} labels={i === shown.length - 1} />
            {legend && (
              <p className="m-0 text-[14px] leading-tight text-soft">
                {percent(c.lowNewClinic)} to {percent(c.highNewClinic)} in a new clinic, {percent(c.low)} to{" "}
                {percent(c.high)} on average
              </p>
            )}
            {c.marked && <p className="m-0 text-[14px] leading-tight font-semibold">{c.marked}</p>}
            {c.settle && <p className="m-0 text-[14px] leading-tight">{c.settle.words}</p>}
            {c.last && <p className="m-0 text-[14px] text-soft">{c.last.words}</p>}
            {c === held && c.rivals[0] && (
              <p className="m-0 text-[14px] leading-tight text-soft">
                held down by {shortCondition(catalogue, c.rivals[0].condition, c.rivals[0].name)}
              </p>
            )}
          </li>
        ))}
      </ol>
      {props.standing.fresh && <p className="m-0 text-[14px] text-soft">{props.standing.fresh}</p>}
      {found.length > 0 && (
        <section aria-label="Found, no figures">
          <h3 className="m-0 text-[15px] font-bold">Found, no figures</h3>
          <ul className="m-0 list-none p-0 text-[14px]">
            {found.map((c) => (
              <li key={c.id} className="leading-tight">
                <b title={c.name}>{short(c)}</b>
                {c.marked && <span className="font-semibold"> {c.marked}.</span>}{" "}
                <span className="text-soft">{c.aimed.words}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {props.besides && <Suspense>{props.besides}</Suspense>}
      <NextTestCard standing={props.standing} asked={props.asked} onAsk={props.onAsk} onGo={props.onGo} />
      <Folded title="More weighed" conditions={weighed.slice(SHOWN)} name={short} />
      <Folded title={waitingTitle(waiting)} conditions={waiting} name={short} />
      <Folded title="Below the line for ruling out" conditions={fell} name={short} />
      <Folded title="Examined, nothing found" conditions={negative} name={short} />
      {props.children}
    </section>
  );
});

/** The rest of the list, folded, with its number. */
function Folded(props: {
  title: string;
  conditions: ConditionStanding[];
  name: (c: ConditionStanding) => string;
}) {
  if (props.conditions.length === 0) {
    return null;
  }
  return (
    <details className="text-[14px]">
      <summary className="min-h-7">
        {props.title} ({props.conditions.length})
      </summary>
      <ul className="m-0 list-none p-0">
        {props.conditions.map((c) => (
          <li key={c.id} className="flex justify-between gap-2 leading-tight">
            <span title={c.name}>{props.name(c)}</span>
            <span className="shrink-0 text-soft">
              {c.weighed || c.last
                ? `${percent(c.pretest)} before, ${percent(c.posttest)} now`
                : `begins at ${percent(c.pretest)}`}
            </span>
          </li>
        ))}
      </ul>
    </details>
  );
}
