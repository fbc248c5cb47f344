import { Suspense } from "react";
import type { Examination, Side } from "../../api/types";
import { useFigures } from "../../figures/queries";
import { later } from "../../pieces/later";
import { Toggles } from "../../pieces/Toggles";
import { useWidth } from "../../pieces/useWidth";
import type { PlannedTest } from "../order/order";
import { isOpen, onMaps, routeOf } from "./route";

/** What draws comes after what can be used before. */
const Plate = later(
  () => import("../../figures/Plate").then((m) => m.Plate),
  () => null,
);

const HEIGHT_PX = 216;

/** Which place of the test is in hand: tapped on its map where one holds them all, and chosen by its name otherwise. */
export function TestMap(props: {
  test: PlannedTest;
  at: string;
  examination: Examination;
  involved: Side;
  onBoard: (at: string) => void;
}) {
  const { test, examination, involved } = props;
  const { ref, width } = useWidth<HTMLDivElement>(700);
  const figures = useFigures();
  const { mapped, others } = onMaps(routeOf([test]), figures?.maps ?? []);
  const one = mapped.length === 1 && others.length === 0 ? mapped[0] : undefined;
  return (
    <div ref={ref} className="mt-1 flex flex-none">
      {(!one || !figures) && (
        <div className="[&_.choice]:min-h-[30px] [&_.choice]:px-1.5 [&_.choice]:py-0.5 [&_.choice]:text-[15px] [&_.choice]:leading-tight">
          <Toggles
            label="Where"
            hideLabel
            value={props.at}
            options={test.boards.map((b) => ({ id: b.at, label: b.label }))}
            onChange={props.onBoard}
          />
        </div>
      )}
      {one && figures && (
        <Suspense>
          <Plate
            drawn={one.map.drawn}
            grips={figures.grips}
            side={involved}
            title={one.map.name}
            width={Math.min(width, 560)}
            height={HEIGHT_PX}
            items={one.places.map((p) => {
              const isSaid = !isOpen(examination, p, involved);
              return {
                key: p.board.at,
                site: p.site,
                name: `${p.name}${isSaid ? " \u2713" : ""}`,
                label: `${p.name}${isSaid ? ", recorded" : ""}`,
                on: p.board.at === props.at,
              };
            })}
            onPress={props.onBoard}
          />
        </Suspense>
      )}
    </div>
  );
}
