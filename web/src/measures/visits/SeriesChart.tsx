import { scaleLinear } from "d3-scale";
import type { Series, Visit } from "../../api/types";
import { levelName } from "../../couch/pictures/SpinePicture";
import { day, plainNumber, sideName } from "../../pieces/format";
import type { Scale } from "../../pieces/Plot";

const WIDTH = 300;
const HEIGHT = 130;
const LEFT = 14;
const RIGHT = 56;
const TOP = 16;
const BOTTOM = 24;

/** One quantity over the visits, both sides: the affected side by dots and a full line, the other by squares. */
export function SeriesChart(props: { lines: Series[]; visits: Visit[]; involved: string }) {
  const { lines, visits } = props;
  const [first] = lines;
  if (!first) {
    return null;
  }
  const values = lines.flatMap((l) => l.points.map((p) => p.value));
  const low = Math.min(0, ...values);
  const high = Math.max(...values, low + 1);
  const along = scaleLinear([1, Math.max(2, visits.length)], [LEFT, WIDTH - RIGHT]);
  // Visits stand in the order of their days, whatever their numbers are.
  const x = (visit: number) => along(visits.findIndex((v) => v.number === visit) + 1);
  const y = scaleLinear([low, high], [HEIGHT - BOTTOM, TOP]);
  return (
    <figure
      aria-label={first.name}
      className="m-0 flex flex-col rounded-md border-[1.5px] border-line bg-card p-3"
    >
      <figcaption className="text-[16px] leading-tight font-semibold">
        {first.name}{" "}
        <span className="text-[14px] font-normal text-soft">
          {first.unit}
          {first.moreIsWorse && ", less is better"}
        </span>
      </figcaption>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="mt-auto block w-full" aria-hidden="true">
        <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(low)} y2={y(low)} stroke="var(--edge)" />
        {visits.map((v) => (
          <text
            key={v.number}
            x={x(v.number)}
            y={HEIGHT - 6}
            textAnchor={v === visits[0] ? "start" : "middle"}
            fontSize="13"
            fill="var(--soft)"
          >
            {day(v.startedAt)}
          </text>
        ))}
        {lines.map((line) => (
          <Line key={line.side} line={line} isInvolved={line.side === props.involved} x={x} y={y} />
        ))}
      </svg>
      <details className="text-[15px]">
        <summary className="min-h-6 text-soft">Numbers</summary>
        <table className="w-full border-collapse">
          <thead className="text-left text-[14px] text-soft">
            <tr>
              <th scope="col" className="font-normal">
                Visit
              </th>
              {lines.map((l) => (
                <th key={l.side} scope="col" className="font-normal">
                  {sideName(l.side)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {visits.map((v) => (
              <tr key={v.number} className="border-t border-line">
                <td>
                  {v.number}, {day(v.startedAt)}
                </td>
                {lines.map((l) => (
                  <td key={l.side}>
                    {shown(l, l.points.find((p) => p.visit === v.number)?.value) ?? "not measured"}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </figure>
  );
}

function shown(line: Series, value: number | undefined): string | undefined {
  if (value === undefined) {
    return undefined;
  }
  if (line.id.endsWith("spinalLevel")) {
    return levelName(Math.round(value));
  }
  if (line.id === "apprehension") {
    return value > 0 ? "fear" : "none";
  }
  return plainNumber(Math.round(value * 10) / 10);
}

function Line(props: { line: Series; isInvolved: boolean; x: (visit: number) => number; y: Scale }) {
  const { line, isInvolved, x, y } = props;
  const last = line.points.at(-1);
  const colour = isInvolved ? "var(--teal)" : "var(--soft)";
  return (
    <g>
      <polyline
        points={line.points.map((p) => `${x(p.visit)},${y(p.value)}`).join(" ")}
        fill="none"
        stroke={colour}
        strokeWidth={isInvolved ? 3 : 1.5}
        strokeDasharray={isInvolved ? undefined : "5 4"}
      />
      {isInvolved && last && line.error !== undefined && (
        <line
          x1={x(last.visit)}
          x2={x(last.visit)}
          y1={y(last.value + line.error)}
          y2={y(last.value - line.error)}
          stroke={colour}
          strokeWidth="1.5"
        />
      )}
      {line.points.map((p) =>
        isInvolved ? (
          <circle key={p.visit} cx={x(p.visit)} cy={y(p.value)} r="5" fill={colour} />
        ) : (
          <rect key={p.visit} x={x(p.visit) - 4} y={y(p.value) - 4} width="8" height="8" fill={colour} />
        ),
      )}
      {last && (
        <text
          x={x(last.visit) + 10}
          y={y(last.value) + 5}
          fontSize="15"
          fontWeight={isInvolved ? 700 : 400}
          fill={isInvolved ? "var(--ink)" : "var(--soft)"}
        >
          {shown(line, last.value)}
        </text>
      )}
    </g>
  );
}
