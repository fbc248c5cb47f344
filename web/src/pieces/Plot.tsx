import type { ScaleLinear } from "d3-scale";
import type { ReactNode } from "react";

export type Scale = ScaleLinear<number, number>;

const TEXT = 13;

/** The marks below a plot, or at its left, with their numbers. */
export function Axis(props: {
  scale: Scale;
  side: "below" | "left";
  /** Where the axis lies, across its scale. */
  at: number;
  ticks: number[];
  words?: (tick: number) => string;
  /** Whether a line is drawn along it. */
  line?: boolean;
}) {
  const { scale, side, at, ticks, words = String } = props;
  const [low = 0, high = 1] = scale.range();
  return (
    <g fontSize={TEXT} fill="var(--soft)">
      {props.line &&
        (side === "below" ? (
          <line x1={low} x2={high} y1={at} y2={at} stroke="var(--edge)" />
        ) : (
          <line x1={at} x2={at} y1={low} y2={high} stroke="var(--edge)" />
        ))}
      {ticks.map((t) =>
        side === "below" ? (
          <g key={t}>
            {props.line && <line x1={scale(t)} x2={scale(t)} y1={at} y2={at + 5} stroke="var(--edge)" />}
            <text x={scale(t)} y={at + 20} textAnchor="middle">
              {words(t)}
            </text>
          </g>
        ) : (
          <text key={t} x={at - 8} y={scale(t) + 5} textAnchor="end">
            {words(t)}
          </text>
        ),
      )}
    </g>
  );
}

/** A drawing with a name for whoever cannot see it, as wide as there is room. */
export function Plot(props: {
  width: number;
  height: number;
  name: ReactNode;
  className?: string;
  children: ReactNode;
}) {
  return (
    <svg
      viewBox={`0 0 ${props.width} ${props.height}`}
      className={`block w-full overflow-visible ${props.className ?? ""}`}
      role="img"
    >
      <title>{props.name}</title>
      {props.children}
    </svg>
  );
}
