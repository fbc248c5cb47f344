import { percent } from "./format";

/** Steps of the rail that a thumb can be put on: evenly along the log-odds from 1 % to 99 %. */
const LOW = Math.log(0.01 / 0.99);
const STEPS = 92;
const STEP = (-2 * LOW) / STEPS;
const MARKS = [0.01, 0.1, 0.25, 0.5, 0.75, 0.9, 0.99];

/** A probability as near as one can mean it: whole percents. */
const probabilityAt = (step: number) => Math.round(100 / (1 + Math.exp(-(LOW + step * STEP)))) / 100;

const stepOf = (p: number) => {
  const within = Math.min(0.99, Math.max(0.01, p));
  return Math.round((Math.log(within / (1 - within)) - LOW) / STEP);
};

/** Where it is along the rail, from 0 to 1. */
export const along = (p: number) => stepOf(p) / STEPS;

const place = (p: number) => along(p) * 100;

/** A candidate's rail with a mark to drag, and a tick where it was before. */
export function HunchRail(props: {
  name: string;
  value: number;
  /** Where it starts, or was. */
  from: number;
  fromWords: string;
  onChange: (p: number) => void;
}) {
  return (
    <label className="block">
      <span className="flex items-baseline gap-2 text-[16px] leading-tight">
        <span className="min-w-0 flex-1">{props.name}</span>
        <span className="sr-only">
          {percent(props.from)} {props.fromWords}
        </span>
        <b className="w-[46px] text-right text-[18px]">{percent(props.value)}</b>
      </span>
      <span className="hunch">
        {MARKS.map((m) => (
          <span key={m} aria-hidden="true" className="hunch-mark" style={{ left: `${place(m)}%` }} />
        ))}
        <span aria-hidden="true" className="hunch-from" style={{ left: `${place(props.from)}%` }} />
        <input
          type="range"
          min={0}
          max={STEPS}
          value={stepOf(props.value)}
          aria-label={`How likely: ${props.name}`}
          aria-valuetext={percent(props.value)}
          onChange={(e) => props.onChange(probabilityAt(Number(e.target.value)))}
        />
      </span>
    </label>
  );
}
