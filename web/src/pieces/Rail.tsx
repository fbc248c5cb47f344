import { percent } from "./format";
import { railPosition, TICKS } from "./scale";

export interface RailValues {
  name: string;
  pretest: number;
  posttest: number;
  low: number;
  high: number;
  lowNewClinic: number;
  highNewClinic: number;
  ruleOut: number;
  act: number;
  verdict: string;
  borderline: boolean;
}

const EDGE = 16;
const LABELLED = [0.001, 0.01, 0.1, 0.5, 0.9, 0.99, 0.999];

/** Lexicor's picture of a condition: where it began, where it stands, how sure that is, and its two lines. */
export function Rail(props: { values: RailValues; width: number; labels?: boolean; ghost?: number }) {
  const { values: v, width, labels, ghost } = props;
  const y = 17;
  const height = labels ? 50 : 34;
  const x = (p: number) => EDGE + (width - 2 * EDGE) * railPosition(p);
  const span = (low: number, high: number) => ({ x: x(low), width: Math.max(2, x(high) - x(low)) });
  return (
    <svg
      role="img"
      aria-label={railSentence(v) + (ghost === undefined ? "" : ` As supposed: ${percent(ghost)}.`)}
      viewBox={`0 0 ${width} ${height}`}
      className="block w-full overflow-visible"
      style={{ maxWidth: width }}
    >
      <line x1={EDGE} x2={width - EDGE} y1={y} y2={y} stroke="var(--ink)" strokeWidth="1.5" />
      {TICKS.map((p) => (
        <line key={p} x1={x(p)} x2={x(p)} y1={y - 3} y2={y + 3} stroke="var(--ink)" strokeWidth="1" />
      ))}
      {labels &&
        LABELLED.map((p) => (
          <text key={p} x={x(p)} y={height - 3} textAnchor="middle" fontSize="14" fill="var(--soft)">
            {p < 0.01 ? "0.1" : p > 0.99 ? "99.9" : Math.round(p * 100)}
          </text>
        ))}
      <rect
        {...span(v.lowNewClinic, v.highNewClinic)}
        y={y - 11}
        height="22"
        rx="3"
        fill="var(--band-wide)"
        stroke="var(--edge)"
      />
      <rect {...span(v.low, v.high)} y={y - 5} height="10" rx="2" fill="var(--band)" stroke="var(--teal)" />
      <Line x={x(v.ruleOut)} y={y} opensTo={-1} />
      <Line x={x(v.act)} y={y} opensTo={1} />
      <line x1={x(v.pretest)} x2={x(v.posttest)} y1={y} y2={y} stroke="var(--teal)" strokeWidth="5" />
      <rect x={x(v.pretest) - 1.5} y={y - 8} width="3" height="16" fill="var(--ink)" />
      {ghost !== undefined && (
        <g className="rail-moves" style={{ transform: `translate(${x(ghost)}px, ${y}px)` }}>
          <rect
            x="-8"
            y="-8"
            width="16"
            height="16"
            transform="rotate(45)"
            fill="none"
            stroke="var(--amber)"
            strokeWidth="2.5"
            strokeDasharray="4 2"
          />
        </g>
      )}
      <g className="rail-moves" style={{ transform: `translate(${x(v.posttest)}px, ${y}px)` }}>
        <rect
          x="-7"
          y="-7"
          width="14"
          height="14"
          transform="rotate(45)"
          fill="var(--teal)"
          stroke="var(--card)"
          strokeWidth="2"
        />
      </g>
    </svg>
  );
}

/** The two lines open towards the side where the question is closed: ruled out to the left, likely to the right. */
function Line(props: { x: number; y: number; opensTo: 1 | -1 }) {
  const tip = 6 * props.opensTo;
  return (
    <path
      d={`M${props.x} ${props.y - 11}v22m0-22h${tip}m${-tip} 22h${tip}`}
      fill="none"
      stroke="var(--ink)"
      strokeWidth="2"
    />
  );
}

/** The rail in words, for those who do not see it. */
export function railSentence(v: RailValues): string {
  return (
    `${v.name}: began at ${percent(v.pretest)}, stands at ${percent(v.posttest)}, ` +
    `between ${percent(v.lowNewClinic)} and ${percent(v.highNewClinic)} in a new clinic, ` +
    `${percent(v.low)} and ${percent(v.high)} on average; ${verdictWords(v)}. ` +
    `Ruled out for now below ${percent(v.ruleOut)}, treated as likely above ${percent(v.act)}.`
  );
}

const VERDICTS: Record<string, string> = {
  act: "treat as likely",
  "settle first": "likely; settle first what stands beside it",
  "put aside": "ruled out for now",
  "keep in mind": "keep in mind",
};

/** The verdict as one would say it, and on which side of which line it hardly is. */
export function verdictWords(
  v: Pick<RailValues, "verdict" | "borderline" | "low" | "high" | "act" | "ruleOut" | "posttest">,
): string {
  const words = VERDICTS[v.verdict] ?? v.verdict;
  if (!v.borderline) {
    return words;
  }
  if (v.low < v.act && v.act < v.high) {
    return v.posttest > v.act
      ? `${words}, just over the action line`
      : `${words}, close below the action line`;
  }
  return v.posttest < v.ruleOut
    ? `${words}, just under the line for ruling out`
    : `${words}, close above the line for ruling out`;
}
