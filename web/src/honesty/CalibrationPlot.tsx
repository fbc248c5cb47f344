import { percent } from "../pieces/format";

const SIZE = 200;
const EDGE = 34;

const WAYS = [
  ["independent", "var(--soft)"],
  ["overlap-aware", "var(--amber)"],
  ["sober", "var(--teal)"],
] as const;

export type Lines = Record<(typeof WAYS)[number][0], number[][]>;

/** What was stated along, how many had it up; a way by its shape, and by its colour. */
export function CalibrationPlot(props: { scenario: string; lines: Lines }) {
  const x = (p: number) => EDGE + p * SIZE;
  const y = (p: number) => 8 + (1 - p) * SIZE;
  return (
    <figure className="m-0 flex flex-col justify-end" style={{ width: EDGE + SIZE + 12 }}>
      <figcaption className="text-[15px] leading-tight">{props.scenario}</figcaption>
      <svg
        role="img"
        aria-label={sentence(props.lines.sober)}
        width={EDGE + SIZE + 12}
        height={SIZE + 34}
        className="overflow-visible"
      >
        <rect x={EDGE} y="8" width={SIZE} height={SIZE} fill="var(--card)" stroke="var(--line)" />
        <line x1={x(0)} y1={y(0)} x2={x(1)} y2={y(1)} stroke="var(--ink)" strokeDasharray="3 3" />
        {[0, 0.5, 1].map((p) => (
          <g key={p} fontSize="13" fill="var(--soft)">
            <text x={x(p)} y={SIZE + 25} textAnchor="middle">
              {p * 100}
            </text>
            <text x={EDGE - 5} y={y(p) + 5} textAnchor="end">
              {p * 100}
            </text>
          </g>
        ))}
        {WAYS.map(([way, colour]) => (
          <g key={way}>
            <polyline
              points={props.lines[way].map(([a = 0, b = 0]) => `${x(a)},${y(b)}`).join(" ")}
              fill="none"
              stroke={colour}
              strokeWidth="1.8"
            />
            {props.lines[way].map(([a = 0, b = 0]) => (
              <Point key={a} way={way} x={x(a)} y={y(b)} colour={colour} />
            ))}
          </g>
        ))}
      </svg>
    </figure>
  );
}

function Point(props: { way: string; x: number; y: number; colour: string }) {
  const { way, x, y, colour } = props;
  if (way === "overlap-aware") {
    return <circle cx={x} cy={y} r="4" fill={colour} />;
  }
  return way === "sober" ? (
    <rect x={x - 4} y={y - 4} width="8" height="8" transform={`rotate(45 ${x} ${y})`} fill={colour} />
  ) : (
    <rect x={x - 3.5} y={y - 3.5} width="7" height="7" fill="none" stroke={colour} strokeWidth="1.6" />
  );
}

function sentence(points: number[][]): string {
  const said = points.map(([a = 0, b = 0]) => `${percent(a)} stated, ${percent(b)} had it`);
  return `Sober: ${said.join("; ")}`;
}
