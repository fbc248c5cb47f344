import { percent } from "../pieces/format";
import { railPosition } from "../pieces/scale";

const WIDTH = 190;
const EDGE = 8;

/** One step on the rail's scale: where it came from, where it went, the beginning of the whole as a tick. */
export function Step(props: { from: number; to: number; start: number }) {
  const x = (p: number) => EDGE + (WIDTH - 2 * EDGE) * railPosition(p);
  const [a, b] = [x(props.from), x(props.to)];
  const tip = b >= a ? -7 : 7;
  return (
    <svg
      role="img"
      aria-label={`from ${percent(props.from)} to ${percent(props.to)}`}
      width={WIDTH}
      height="40"
      viewBox={`0 0 ${WIDTH} 40`}
    >
      <line x1={EDGE} x2={WIDTH - EDGE} y1="12" y2="12" stroke="var(--line)" strokeWidth="2" />
      <rect x={x(props.start) - 1} y="5" width="2" height="14" fill="var(--soft)" />
      <line x1={a} x2={b} y1="12" y2="12" stroke="var(--teal)" strokeWidth="5" />
      <path d={`M${b} 12l${tip} -6v12z`} fill="var(--teal)" />
      <text
        x={Math.min(WIDTH - 24, Math.max(24, b))}
        y="35"
        textAnchor="middle"
        fontSize="14"
        fill="var(--ink)"
      >
        {percent(props.to)}
      </text>
    </svg>
  );
}
