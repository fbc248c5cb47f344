import { scaleLinear } from "d3-scale";
import { percent } from "../pieces/format";
import { Axis, Plot } from "../pieces/Plot";
import type { HunchesOf } from "./queries";

const SIZE = 300;
const EDGE = { left: 44, below: 40, above: 10, right: 12 };
const TICKS = [0, 0.25, 0.5, 0.75, 1];

/** What was said along, how many had it up, with the band that chance leaves; on the line one means what one says. */
export function HunchCurve(props: { of: HunchesOf }) {
  const { tenths, sentence, patients } = props.of.hunches;
  const x = scaleLinear([0, 1], [EDGE.left, EDGE.left + SIZE]);
  const y = scaleLinear([0, 1], [EDGE.above + SIZE, EDGE.above]);
  const words = (p: number) => `${Math.round(p * 100)}`;
  return (
    <figure className="m-0 max-w-[380px]">
      <Plot
        width={EDGE.left + SIZE + EDGE.right}
        height={EDGE.above + SIZE + EDGE.below}
        name={
          tenths.length === 0
            ? "No hunches yet"
            : tenths.map((t) => `said ${percent(t.said)}, so ${percent(t.was)} of ${t.hunches}`).join("; ")
        }
      >
        <rect x={x(0)} y={y(1)} width={SIZE} height={SIZE} fill="var(--card)" stroke="var(--line)" />
        <line x1={x(0)} y1={y(0)} x2={x(1)} y2={y(1)} stroke="var(--ink)" strokeDasharray="3 4" />
        <Axis scale={x} side="below" at={y(0)} ticks={TICKS} words={words} />
        <Axis scale={y} side="left" at={x(0)} ticks={TICKS} words={words} />
        {tenths.map((t) => (
          <g key={t.from}>
            <line
              x1={x(t.said)}
              x2={x(t.said)}
              y1={y(t.low)}
              y2={y(t.high)}
              stroke="var(--band)"
              strokeWidth="8"
              strokeLinecap="round"
            />
            <circle
              cx={x(t.said)}
              cy={y(t.was)}
              r={Math.min(9, 3 + Math.sqrt(t.hunches))}
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
      <figcaption className="text-[17px] leading-snug">
        {sentence}
        {patients > 0 && (
          <span className="block text-[15px] text-soft">
            {patients === 1 ? "1 patient" : `${patients} patients`}, {props.of.hunches.hunches} hunches. Brier
            score {props.of.hunches.brier.toFixed(3)}, the program's{" "}
            {props.of.hunches.programBrier.toFixed(3)}; 0 is best.
          </span>
        )}
      </figcaption>
    </figure>
  );
}
