import { useState } from "react";
import type { Side } from "../api/types";
import { Plate } from "../figures/Plate";
import { useFigures } from "../figures/queries";
import { capital, otherSide, sideName } from "../pieces/format";
import { Toggles } from "../pieces/Toggles";
import { useWidth } from "../pieces/useWidth";
import { hurtOf } from "./hurts";

const HEIGHT_PX = 360;

/** Where it hurts, tapped on a drawn body. */
export function WhereItHurts(props: {
  involved: Side;
  hurts: readonly string[];
  onChange: (hurts: string[]) => void;
}) {
  const { involved, hurts } = props;
  const figures = useFigures();
  const { ref, width } = useWidth<HTMLDivElement>(440);
  const [view, setView] = useState(0);
  const [side, setSide] = useState(involved);
  const map = figures?.body[view];
  const toggle = (area: string, on: Side) => {
    const hurt = hurtOf(on, area);
    props.onChange(hurts.includes(hurt) ? hurts.filter((h) => h !== hurt) : [...hurts, hurt]);
  };
  const areas = figures?.body.flatMap((m) => m.areas) ?? [];
  return (
    <section aria-label="Where it hurts" className="flex flex-col gap-1">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1 [&_.choice]:min-h-9 [&_.choice]:py-0">
        <h2 className="m-0 mr-auto text-[17px] font-normal">Where it hurts</h2>
        <Toggles
          label="Seen"
          hideLabel
          value={`${view}`}
          options={(figures?.body ?? []).map((m, i) => ({ id: `${i}`, label: m.name }))}
          onChange={(i) => setView(Number(i))}
        />
        <Toggles
          label="On which side it hurts"
          hideLabel
          value={side}
          options={([involved, otherSide(involved)] as const).map((s) => ({ id: s, label: sideName(s) }))}
          onChange={setSide}
        />
      </div>
      <div ref={ref}>
        {figures && map && (
          <Plate
            key={`${map.drawn.id} ${side}`}
            drawn={map.drawn}
            grips={figures.grips}
            side={side}
            title={`${sideName(side)} side`}
            width={width}
            height={HEIGHT_PX}
            items={map.areas.map((a) => ({
              key: a.id,
              site: a.site,
              name: capital(a.name),
              label: `${sideName(side)}: ${a.name}`,
              on: hurts.includes(hurtOf(side, a.id)),
            }))}
            onPress={(area) => toggle(area, side)}
          />
        )}
      </div>
      <ul aria-label="Tapped" className="m-0 flex list-none flex-wrap gap-1 p-0">
        {areas.flatMap((a) =>
          ([involved, otherSide(involved)] as const)
            .filter((s) => hurts.includes(hurtOf(s, a.id)))
            .map((s) => (
              <li key={hurtOf(s, a.id)}>
                <button
                  type="button"
                  className="choice min-h-9 px-2 py-0 text-[15px]"
                  aria-label={`Take back: ${sideName(s)}, ${a.name}`}
                  onClick={() => toggle(a.id, s)}
                >
                  {sideName(s)}: {a.name} <span aria-hidden="true">{"\u00d7"}</span>
                </button>
              </li>
            )),
        )}
      </ul>
    </section>
  );
}
