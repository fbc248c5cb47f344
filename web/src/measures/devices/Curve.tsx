import { type Sample, SHOWN_MILLIS } from "./trace";

const WIDTH = 460;
const HEIGHT = 110;
const LEFT = 44;

/** The values of the last seconds, the newest at the right edge. */
export function Curve(props: { samples: Sample[]; unit: string }) {
  const { samples } = props;
  const last = samples.at(-1);
  const most = Math.max(10, ...samples.map((s) => s.value)) * 1.1;
  const x = (millis: number) => WIDTH - ((last?.millis ?? 0) - millis) * ((WIDTH - LEFT) / SHOWN_MILLIS);
  const y = (value: number) => HEIGHT - 8 - (Math.max(0, value) / most) * (HEIGHT - 20);
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-[460px] max-w-full">
      <title>{last ? `Live: ${last.value.toFixed(1)} ${props.unit}` : "Nothing measured yet"}</title>
      <line x1={LEFT} x2={WIDTH} y1={y(0)} y2={y(0)} stroke="var(--ink)" strokeWidth="1.5" />
      <text x={LEFT - 6} y={y(0) + 4} textAnchor="end" fontSize="14" fill="var(--soft)">
        0
      </text>
      <text x={LEFT - 6} y={y(most / 1.1) + 5} textAnchor="end" fontSize="14" fill="var(--soft)">
        {(most / 1.1).toFixed(0)}
      </text>
      <polyline
        points={samples.map((s) => `${x(s.millis).toFixed(1)},${y(s.value).toFixed(1)}`).join(" ")}
        fill="none"
        stroke="var(--teal)"
        strokeWidth="2.5"
      />
    </svg>
  );
}
