import { scaleLinear } from "d3-scale";
import { Axis, Plot, type Scale } from "../../pieces/Plot";
import type { Figure, OwnRow } from "./queries";

const ROW = 28;
const LABEL = 190;
const PANEL = 240;
const GAP = 34;
const TOP = 30;
const WIDTH = LABEL + 2 * PANEL + GAP + 16;

/** The published figures, ours of the verified, and ours for everybody examined, one below the other. */
export function OwnForest(props: { row: OwnRow }) {
  const { row: r } = props;
  const lines: { name: string; sn?: Figure; sp?: Figure; published?: boolean }[] = [
    { name: "Published", sn: r.published?.sensitivity, sp: r.published?.specificity, published: true },
    { name: "Ours, the verified", sn: r.sensitivity, sp: r.specificity },
    { name: "Ours, corrected", sn: r.correctedSensitivity, sp: r.correctedSpecificity },
  ];
  const foot = TOP + lines.length * ROW;
  return (
    <figure className="m-0 min-w-0">
      <Plot
        width={WIDTH}
        height={foot + 28}
        className="max-w-[720px]"
        name={`Forest plot: ${lines.map((l) => `${l.name}, sensitivity ${words(l.sn)}, specificity ${words(l.sp)}`).join("; ")}`}
      >
        {lines.map((l, i) => (
          <text key={l.name} x="0" y={TOP + i * ROW + 5} fontSize="15" fill="var(--ink)">
            {l.name}
          </text>
        ))}
        {(["Sensitivity", "Specificity"] as const).map((name, p) => {
          const left = LABEL + p * (PANEL + GAP);
          const x = scaleLinear([0, 1], [left, left + PANEL]);
          return (
            <g key={name}>
              <text x={left} y="12" fontSize="15" fontWeight="700" fill="var(--ink)">
                {name}
              </text>
              <Axis scale={x} side="below" at={foot - 6} ticks={[0, 0.5, 1]} line />
              {lines.map((l, i) => {
                const figure = p === 0 ? l.sn : l.sp;
                return (
                  figure && (
                    <Bar
                      key={l.name}
                      figure={figure}
                      x={x}
                      y={TOP + i * ROW}
                      published={l.published ?? false}
                      pale={r.small && !l.published}
                    />
                  )
                );
              })}
            </g>
          );
        })}
      </Plot>
      <figcaption className="text-[14px] text-soft">
        Diamond: what was published. Squares: our own, pale where they are few. Lines are 95&#8239;%
        intervals.
      </figcaption>
    </figure>
  );
}

function Bar(props: { figure: Figure; x: Scale; y: number; published: boolean; pale: boolean }) {
  const { figure: f, x, y } = props;
  const ink = props.published ? "var(--teal)" : props.pale ? "var(--edge)" : "var(--ink)";
  return (
    <g stroke={ink} fill={ink}>
      <line x1={x(f.low)} x2={x(f.high)} y1={y} y2={y} strokeWidth="2" />
      {props.published ? (
        <path d={`M${x(f.value)} ${y - 8}l7 8l-7 8l-7 -8Z`} />
      ) : (
        <rect x={x(f.value) - 5.5} y={y - 5.5} width="11" height="11" />
      )}
    </g>
  );
}

const words = (f: Figure | undefined) => (f ? f.value.toFixed(2) : "not known");
