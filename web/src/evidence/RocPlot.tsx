import type { Pooled, StudyRow } from "../api/types";

const SIZE = 360;
const EDGE = 46;

/** The same in ROC space: studies, the pooled point, and its two regions. */
export function RocPlot(props: { studies: StudyRow[]; pooled: Pooled }) {
  const { studies, pooled } = props;
  const x = (specificity: number) => EDGE + (1 - specificity) * SIZE;
  const y = (sensitivity: number) => 10 + (1 - sensitivity) * SIZE;
  const path = (points: { sensitivity: number; specificity: number }[]) =>
    `M${points.map((p) => `${x(p.specificity).toFixed(1)} ${y(p.sensitivity).toFixed(1)}`).join("L")}Z`;
  return (
    <figure className="m-0 w-[480px] max-w-full">
      <svg viewBox={`0 0 ${SIZE + EDGE + 20} ${SIZE + 56}`} className="block w-full" role="img">
        <title>
          ROC space: pooled sensitivity {pooled.sensitivity.value.toFixed(2)}, specificity{" "}
          {pooled.specificity.value.toFixed(2)}; the studies are in the table below
        </title>
        <rect x={EDGE} y="10" width={SIZE} height={SIZE} fill="var(--card)" stroke="var(--edge)" />
        <line x1={EDGE} y1={10 + SIZE} x2={EDGE + SIZE} y2="10" stroke="var(--line)" />
        <path
          d={path(pooled.predictionRegion)}
          fill="var(--band-wide)"
          stroke="var(--teal)"
          strokeDasharray="5 4"
        />
        <path d={path(pooled.confidenceRegion)} fill="var(--band)" stroke="var(--teal)" />
        {studies.map(
          (s) =>
            s.specificity && (
              <circle
                key={`${s.source} ${s.year} ${s.population}`}
                cx={x(s.specificity.value)}
                cy={y(s.sensitivity.value)}
                r={s.used ? 3 + 6 * Math.sqrt(s.sensitivityShare) : 4}
                fill={s.used ? "var(--ink)" : "none"}
                stroke="var(--ink)"
                opacity="0.75"
              />
            ),
        )}
        <rect
          x={x(pooled.specificity.value) - 6}
          y={y(pooled.sensitivity.value) - 6}
          width="12"
          height="12"
          transform={`rotate(45 ${x(pooled.specificity.value)} ${y(pooled.sensitivity.value)})`}
          fill="var(--teal)"
        />
        {[0, 0.5, 1].map((t) => (
          <g key={t}>
            <text x={EDGE + t * SIZE} y={SIZE + 28} textAnchor="middle" fontSize="13" fill="var(--soft)">
              {t}
            </text>
            <text x={EDGE - 8} y={y(t) + 5} textAnchor="end" fontSize="13" fill="var(--soft)">
              {t}
            </text>
          </g>
        ))}
        <text x={EDGE + SIZE / 2} y={SIZE + 48} textAnchor="middle" fontSize="14" fill="var(--ink)">
          1 minus specificity
        </text>
        <text x={EDGE + 8} y="28" fontSize="14" fill="var(--ink)">
          sensitivity
        </text>
      </svg>
      <figcaption className="text-[14px] text-soft">
        Full line: 95&#8239;% region of the average. Dashed: where a new clinic may be. On the diagonal a test
        tells nothing.
      </figcaption>
    </figure>
  );
}
