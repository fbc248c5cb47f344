import { scaleLinear } from "d3-scale";
import type { Regrowth } from "../api/types";
import { day as calendarDay, sideName } from "../pieces/format";
import { Axis, Plot } from "../pieces/Plot";

const WIDTH = 420;
const HEIGHT = 150;
const LEFT = 62;
const BOTTOM = 26;
const DAY_MS = 24 * 60 * 60 * 1000;

/** The advancing tapping point of a regrowing nerve: each day's distance, the pace in words, the numbers in a table. */
export function RegrowthChart(props: { regrowth: Regrowth }) {
  const { points, sentence, side, measuredDifferently } = props.regrowth;
  const day = (text: string) => new Date(text).getTime() / DAY_MS;
  const first = day(points[0]?.day ?? "");
  const days = Math.max(1, day(points.at(-1)?.day ?? "") - first);
  const most = Math.max(10, ...points.map((p) => p.distanceMm));
  const along = scaleLinear([first, first + days], [LEFT, WIDTH - 12]);
  const x = (text: string) => along(day(text));
  const y = scaleLinear([0, most], [HEIGHT - BOTTOM, 10]);
  return (
    <section aria-label={`Nerve regrowth, ${sideName(side).toLowerCase()} side`} className="mt-5">
      <h2 className="m-0 text-[20px] font-bold">Nerve regrowth, {sideName(side).toLowerCase()} side</h2>
      <p className="m-0 mb-2 text-[17px]">
        {sentence ?? "The pace follows from readings on three days or more."}
        {measuredDifferently &&
          " The days were not measured alike (another nerve, landmark or position of the limb), so no pace can be read from them all."}
      </p>
      <div className="flex flex-wrap items-start gap-6">
        <Plot
          width={WIDTH}
          height={HEIGHT}
          className="w-[420px]! max-w-full"
          name="Distance of the tapping point by day"
        >
          <line x1={LEFT} x2={WIDTH - 12} y1={y(0)} y2={y(0)} stroke="var(--ink)" strokeWidth="1.5" />
          <Axis scale={y} side="left" at={LEFT} ticks={[0, most]} words={(mm) => `${Math.round(mm)} mm`} />
          <polyline
            points={points.map((p) => `${x(p.day)},${y(p.distanceMm)}`).join(" ")}
            fill="none"
            stroke="var(--line)"
            strokeWidth="3"
          />
          {points.map((p) => (
            <circle key={p.day} cx={x(p.day)} cy={y(p.distanceMm)} r="6" fill="var(--teal)" />
          ))}
          {[points[0], points.at(-1)].map(
            (p, i) =>
              p && (
                <text
                  key={p.day}
                  x={x(p.day)}
                  y={HEIGHT - 6}
                  textAnchor={i === 0 ? "start" : "end"}
                  fontSize="14"
                  fill="var(--soft)"
                >
                  {calendarDay(p.day)}
                </text>
              ),
          )}
        </Plot>
        <table className="border-collapse text-[16px]">
          <thead className="text-left text-[14px] text-soft">
            <tr>
              <th scope="col" className="pr-6 font-normal">
                Day
              </th>
              <th scope="col" className="pr-6 text-right font-normal">
                Distance
              </th>
              <th scope="col" className="font-normal">
                How it was measured
              </th>
            </tr>
          </thead>
          <tbody>
            {points.map((p) => (
              <tr key={p.day} className="border-t border-line">
                <td className="pr-6">{calendarDay(p.day)}</td>
                <td className="pr-6 text-right">{p.distanceMm} mm</td>
                <td>{p.how ?? "not noted"}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
