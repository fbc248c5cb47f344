import type { Design } from "../api/types";

const SIZE = 260;
const EDGE = 40;

/** Every threshold in ROC space: with overlap as a full line, without as a dashed one. */
export function ThresholdPlot(props: { design: Design }) {
  const { rules } = props.design;
  const x = (specificity: number) => EDGE + (1 - specificity) * SIZE;
  const y = (sensitivity: number) => 8 + (1 - sensitivity) * SIZE;
  const line = (of: "worth" | "independent") =>
    rules.map((r) => `${x(r[of].specificity).toFixed(1)},${y(r[of].sensitivity).toFixed(1)}`).join(" ");
  return (
    <figure className="m-0 w-[330px] max-w-full">
      <svg viewBox={`0 0 ${SIZE + EDGE + 16} ${SIZE + 44}`} className="block w-full" role="img">
        <title>Every threshold in ROC space; the numbers are in the table beside</title>
        <rect x={EDGE} y="8" width={SIZE} height={SIZE} fill="var(--card)" stroke="var(--edge)" />
        <line x1={EDGE} y1={8 + SIZE} x2={EDGE + SIZE} y2="8" stroke="var(--line)" />
        <polyline points={line("independent")} fill="none" stroke="var(--soft)" strokeDasharray="5 4" />
        <polyline points={line("worth")} fill="none" stroke="var(--teal)" strokeWidth="2.5" />
        {rules.map((r) => (
          <g key={r.atLeast}>
            <circle cx={x(r.worth.specificity)} cy={y(r.worth.sensitivity)} r="5" fill="var(--teal)" />
            <text
              x={x(r.worth.specificity) + 8}
              y={y(r.worth.sensitivity) + 16}
              fontSize="14"
              fill="var(--ink)"
            >
              {r.atLeast}
            </text>
          </g>
        ))}
        <text x={EDGE + SIZE / 2} y={SIZE + 36} textAnchor="middle" fontSize="14" fill="var(--ink)">
          1 minus specificity
        </text>
        <text x={EDGE + 6} y="26" fontSize="14" fill="var(--ink)">
          sensitivity
        </text>
      </svg>
      <figcaption className="text-[14px] text-soft">
        Full line with the overlap, dashed as if independent; the number is the threshold.
      </figcaption>
    </figure>
  );
}
