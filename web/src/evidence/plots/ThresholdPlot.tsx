import type { Design } from "../../api/types";
import { RocSpace } from "./RocSpace";

const SIZE = 260;

/** Every threshold in ROC space: with overlap as a full line, without as a dashed one. */
export function ThresholdPlot(props: { design: Design }) {
  const { rules } = props.design;
  return (
    <figure className="m-0 w-[330px] max-w-full">
      <RocSpace size={SIZE} name="Every threshold in ROC space; the numbers are in the table beside">
        {({ x, y, line }) => (
          <>
            <path
              d={line(rules.map((r) => r.independent))}
              fill="none"
              stroke="var(--soft)"
              strokeDasharray="5 4"
            />
            <path d={line(rules.map((r) => r.worth))} fill="none" stroke="var(--teal)" strokeWidth="2.5" />
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
          </>
        )}
      </RocSpace>
      <figcaption className="text-[14px] text-soft">
        Full line with the overlap, dashed as if independent; the number is the threshold.
      </figcaption>
    </figure>
  );
}
