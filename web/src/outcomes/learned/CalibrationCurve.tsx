import { scaleLinear } from "d3-scale";
import { percent } from "../../pieces/format";
import { Axis, Plot } from "../../pieces/Plot";
import type { Judged } from "./queries";

const SIZE = 300;
const EDGE = { left: 44, below: 40, above: 10, right: 12 };
const TICKS = [0, 0.25, 0.5, 0.75, 1];

/** What was said along, how often it was so up, with the bands that chance leaves. */
export function CalibrationCurve(props: { of: Judged; pale: boolean }) {
  const { bins } = props.of;
  const x = scaleLinear([0, 1], [EDGE.left, EDGE.left + SIZE]);
  const y = scaleLinear([0, 1], [EDGE.above + SIZE, EDGE.above]);
  const words = (p: number) => `${Math.round(p * 100)}`;
  return (
    <Plot
      width={EDGE.left + SIZE + EDGE.right}
      height={EDGE.above + SIZE + EDGE.below}
      name={bins.map((b) => `said ${percent(b.said)}, so ${words(b.was)} % of ${b.predictions}`).join("; ")}
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
            strokeWidth="9"
          />
          <rect
            x={x(b.said) - Math.min(8, 2 + Math.sqrt(b.predictions) / 2)}
            y={y(b.was) - Math.min(8, 2 + Math.sqrt(b.predictions) / 2)}
            width={2 * Math.min(8, 2 + Math.sqrt(b.predictions) / 2)}
            height={2 * Math.min(8, 2 + Math.sqrt(b.predictions) / 2)}
            fill="var(--ink)"
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
