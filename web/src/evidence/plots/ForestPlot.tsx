import { scaleLinear } from "d3-scale";
import type { Pooled, Share, StudyRow } from "../../api/types";
import { Axis, Plot, type Scale } from "../../pieces/Plot";
import { Sideways } from "../../pieces/Sideways";

const ROW = 26;
const LABEL = 330;
const PANEL = 360;
const GAP = 40;
const TOP = 34;
const WIDTH = LABEL + 2 * PANEL + GAP + 20;

/** Sensitivity and specificity of every study with its interval, the squares as large as its weight; below, the pooled value. */
export function ForestPlot(props: { studies: StudyRow[]; pooled: Pooled }) {
  const { studies, pooled } = props;
  const height = TOP + (studies.length + 2) * ROW + 30;
  const panels = [
    {
      name: "Sensitivity",
      left: LABEL,
      of: (s: StudyRow) => s.sensitivity,
      share: (s: StudyRow) => s.sensitivityShare,
    },
    {
      name: "Specificity",
      left: LABEL + PANEL + GAP,
      of: (s: StudyRow) => s.specificity,
      share: (s: StudyRow) => s.specificityShare,
    },
  ];
  return (
    <figure className="m-0">
      <Sideways label="Forest plot">
        <Plot
          width={WIDTH}
          height={height}
          className="min-w-[900px]"
          name={`Forest plot of sensitivity and specificity, ${studies.length} ${studies.length === 1 ? "row" : "rows"}; the numbers are in the table below`}
        >
          {studies.map((s, i) => (
            <text
              key={`${s.source} ${s.year} ${s.population}`}
              x="0"
              y={TOP + i * ROW + 5}
              fontSize="15"
              fill="var(--ink)"
            >
              {short(s)}
            </text>
          ))}
          <text x="0" y={TOP + studies.length * ROW + 8} fontSize="15" fontWeight="700" fill="var(--ink)">
            {pooled.studies === 1 ? "Weighed with" : "Pooled"}
          </text>
          <text x="0" y={TOP + (studies.length + 1) * ROW + 8} fontSize="15" fill="var(--soft)">
            In a new clinic
          </text>
          {panels.map((p) => {
            const x = scaleLinear([0, 1], [p.left, p.left + PANEL]);
            const foot = TOP + (studies.length + 1) * ROW + 20;
            const mean = p.name === "Sensitivity" ? pooled.sensitivity : pooled.specificity;
            const next = p.name === "Sensitivity" ? pooled.newClinicSensitivity : pooled.newClinicSpecificity;
            return (
              <g key={p.name}>
                <text x={p.left} y="14" fontSize="15" fontWeight="700" fill="var(--ink)">
                  {p.name}
                </text>
                <Axis scale={x} side="below" at={foot} ticks={[0, 0.25, 0.5, 0.75, 1]} line />
                <line
                  x1={x(mean.value)}
                  x2={x(mean.value)}
                  y1={TOP - 12}
                  y2={foot}
                  stroke="var(--line)"
                  strokeDasharray="4 4"
                />
                {studies.map((s, i) => {
                  const share = p.of(s);
                  return (
                    share && (
                      <Line
                        key={`${s.source} ${s.year} ${s.population}`}
                        share={share}
                        x={x}
                        y={TOP + i * ROW}
                        size={s.used ? 5 + 13 * Math.sqrt(p.share(s)) : 0}
                      />
                    )
                  );
                })}
                <path
                  d={diamond(x(mean.low), x(mean.value), x(mean.high), TOP + studies.length * ROW + 3)}
                  fill="var(--teal)"
                />
                <line
                  x1={x(next.low)}
                  x2={x(next.high)}
                  y1={TOP + (studies.length + 1) * ROW + 3}
                  y2={TOP + (studies.length + 1) * ROW + 3}
                  stroke="var(--teal)"
                  strokeWidth="5"
                  opacity="0.35"
                />
              </g>
            );
          })}
        </Plot>
      </Sideways>
      <figcaption className="text-[14px] text-soft">
        Squares as large as a study's weight; an open ring is a row that is not pooled. Dark diamond: the
        value weighed with and how well it is known; pale bar: what a new clinic may find. A specificity is
        not the chance of having the condition.
      </figcaption>
    </figure>
  );
}

function Line(props: { share: Share; x: Scale; y: number; size: number }) {
  const { share, x, y, size } = props;
  return (
    <g>
      <line x1={x(share.low)} x2={x(share.high)} y1={y} y2={y} stroke="var(--ink)" strokeWidth="1.5" />
      {size > 0 ? (
        <rect x={x(share.value) - size / 2} y={y - size / 2} width={size} height={size} fill="var(--ink)" />
      ) : (
        <circle cx={x(share.value)} cy={y} r="4" fill="var(--paper)" stroke="var(--ink)" strokeWidth="1.5" />
      )}
    </g>
  );
}

function diamond(low: number, middle: number, high: number, y: number): string {
  return `M${low} ${y}L${middle} ${y - 8}L${high} ${y}L${middle} ${y + 8}Z`;
}

function short(s: StudyRow): string {
  const name = s.source.split(",")[0] ?? s.source;
  const words = `${name}, ${s.year}${s.bias === "high" ? ", high risk of bias" : ""}`;
  return words.length > 44 ? `${words.slice(0, 43)}\u2026` : words;
}
