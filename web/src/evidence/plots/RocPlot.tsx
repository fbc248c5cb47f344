import type { Pooled, StudyRow } from "../../api/types";
import { RocSpace } from "./RocSpace";

const SIZE = 360;

/** The same in ROC space: studies, the pooled point, and its two regions. */
export function RocPlot(props: { studies: StudyRow[]; pooled: Pooled }) {
  const { studies, pooled } = props;
  const name = `ROC space: pooled sensitivity ${pooled.sensitivity.value.toFixed(2)}, specificity ${pooled.specificity.value.toFixed(2)}; the studies are in the table below`;
  return (
    <figure className="m-0 w-[480px] max-w-full">
      <RocSpace size={SIZE} name={name} ticks={[0, 0.5, 1]}>
        {({ x, y, line }) => (
          <>
            <path
              d={`${line(pooled.predictionRegion)}Z`}
              fill="var(--band-wide)"
              stroke="var(--teal)"
              strokeDasharray="5 4"
            />
            <path d={`${line(pooled.confidenceRegion)}Z`} fill="var(--band)" stroke="var(--teal)" />
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
          </>
        )}
      </RocSpace>
      <figcaption className="text-[14px] text-soft">
        Full line: 95&#8239;% region of the average. Dashed: where a new clinic may be. On the diagonal a test
        tells nothing.
      </figcaption>
    </figure>
  );
}
