import { scaleLinear } from "d3-scale";
import type { ReactNode } from "react";
import { Axis, Plot } from "../../pieces/Plot";

const TOP = 10;
const LEFT = 46;

interface Point {
  sensitivity: number;
  specificity: number;
}

/** Where a pair of figures stands in ROC space. */
export interface Place {
  x: (specificity: number) => number;
  y: (sensitivity: number) => number;
  /** Points in a row, as a path. */
  line: (points: Point[]) => string;
}

/** The frame of every picture in ROC space: sensitivity upwards, 1 minus specificity to the right, the line of no use. */
export function RocSpace(props: {
  size: number;
  name: ReactNode;
  ticks?: number[];
  children: (place: Place) => ReactNode;
}) {
  const { size } = props;
  const right = scaleLinear([0, 1], [LEFT, LEFT + size]);
  const up = scaleLinear([0, 1], [TOP + size, TOP]);
  const x = (specificity: number) => right(1 - specificity);
  const y = (sensitivity: number) => up(sensitivity);
  const line = (points: Point[]) =>
    `M${points.map((p) => `${x(p.specificity).toFixed(1)} ${y(p.sensitivity).toFixed(1)}`).join("L")}`;
  return (
    <Plot width={size + LEFT + 20} height={size + 56} name={props.name}>
      <rect x={LEFT} y={TOP} width={size} height={size} fill="var(--card)" stroke="var(--edge)" />
      <line x1={right(0)} y1={up(0)} x2={right(1)} y2={up(1)} stroke="var(--line)" />
      {props.children({ x, y, line })}
      {props.ticks && (
        <>
          <Axis scale={right} side="below" at={TOP + size - 2} ticks={props.ticks} />
          <Axis scale={up} side="left" at={LEFT} ticks={props.ticks} />
        </>
      )}
      <g fontSize="14" fill="var(--ink)">
        <text x={LEFT + size / 2} y={size + 48} textAnchor="middle">
          1 minus specificity
        </text>
        <text x={LEFT + 8} y="28">
          sensitivity
        </text>
      </g>
    </Plot>
  );
}
