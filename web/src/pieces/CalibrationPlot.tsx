import { scaleLinear } from "d3-scale";
import { percent } from "./format";
import { Axis, Plot } from "./Plot";

const SIZE = 300;
const EDGE = { left: 44, below: 40, above: 10, right: 12 };
const TICKS = [0, 0.25, 0.5, 0.75, 1];

/** What was said along, how often it was so up, with the bands that chance leaves; on the line one means what one says. */
export function CalibrationPlot(props: {
  bins: { said: number; was: number; low: number; high: number; of: number }[];
  /** Said where there are none. */
  none: string;
  /** Whether they are too few to say much. */
  pale?: boolean;
}) {
  const { bins } = props;
  const x = scaleLinear([0, 1], [EDGE.left, EDGE.left + SIZE]);
  const y = scaleLinear([0, 1], [EDGE.above + SIZE, EDGE.above]);
  const words = (p: number) => `${Math.round(p * 100)}`;
  return (
    <Plot
      width={EDGE.left + SIZE + EDGE.right}
      height={EDGE.above + SIZE + EDGE.below}
      name={
        bins.length === 0
          ? props.none
          : bins.map((b) => `said ${percent(b.said)}, so ${percent(b.was)} of ${b.of}`).join("; ")
      }
    >
      <rect x={x(0)} y={y(1)} width={SIZE} height={SIZE} fill="var(--card)" stroke="var(--line)" />
      <line x1={x(0)} y1={y(0)} x2={x(1)} y2={y(1)} stroke="var(--ink)" strokeDasharray="3 4" />
      <Axis scale={x} side="below" at={y(0)} ticks={TICKS} words={words} />
      <Axis scale={y} side="left" at={x(0)} ticks={TICKS} words={words} />
      {bins.map((b) => (
        <g key={b.said} opacity={props.pale ? 0.5 : 1}>
          <line
            x1={x(b.said)}
            x2={x(b.said)}
            y1={y(b.low)}
            y2={y(b.high)}
            stroke="var(--band)"
            strokeWidth="8"
            strokeLinecap="round"
          />
          <circle
            cx={x(b.said)}
            cy={y(b.was)}
            r={Math.min(9, 3 + Math.sqrt(b.of))}
            fill="var(--teal)"
            stroke="var(--card)"
            strokeWidth="1.5"
          />
        </g>
      ))}
      <text x={x(0.5)} y={y(0) + 36} textAnchor="middle" fontSize="13" fill="var(--soft)">
        said, %
      </text>
      <text x={x(0) + 6} y={y(1) + 16} fontSize="13" fill="var(--soft)">
        so, %
      </text>
    </Plot>
  );
}
