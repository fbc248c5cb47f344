import type { Examination, Side } from "../../api/types";
import { Plate } from "../../figures/Plate";
import { useFiguresQuery } from "../../figures/queries";
import { otherSide } from "../../pieces/format";
import { Mark, outcomeWord } from "../../pieces/Mark";
import { useMedia } from "../../pieces/useMedia";
import { useWidth } from "../../pieces/useWidth";
import { shownOutcome } from "../order/order";
import { findingsAt, isOpen, keyOf, onMaps, type RoutePlace, routeOf } from "./route";
import { StageFrame, type StageProps } from "./StageFrame";

/** Below this a plate's names have no room. */
const LEAST_PLATE_PX = 330;
const GAP_PX = 8;
/** How high a plate is, by the number of rows that they stand in, on a usual screen and on a high one. */
const PLATE_PX = { usual: [270, 158, 100], high: [420, 300, 200] } as const;
const HIGH = "(height > 62rem)";

/** Looking or feeling on maps of the region: what is seen or tender is tapped, and the rest is normal by one key. */
export function StageScreen(props: StageProps) {
  const { examination, involved, tests } = props;
  const { ref, width } = useWidth<HTMLDivElement>(720);
  const { data: figures, isPending } = useFiguresQuery();
  const route = routeOf(tests);
  const { mapped, others } = onMaps(route, figures?.maps ?? []);
  const chosen =
    props.chosen &&
    [...mapped.flatMap((m) => m.places), ...others].find(
      (p) => p.key === keyOf(props.chosen?.test ?? "", props.chosen?.at ?? ""),
    );
  const columns = mapped.length > 1 && width >= 2 * LEAST_PLATE_PX + GAP_PX ? 2 : 1;
  const plate = Math.floor((width - (columns - 1) * GAP_PX) / columns) - 1;
  const heights = useMedia(HIGH) ? PLATE_PX.high : PLATE_PX.usual;
  const rows = Math.ceil(mapped.length / columns);
  const height = heights[Math.min(rows, heights.length) - 1] ?? heights[0];
  const item = (place: RoutePlace) => ({
    key: place.key,
    name: <PlaceName place={place} examination={examination} involved={involved} />,
    label: placeLabel(place, examination, involved),
    on: place.key === chosen?.key,
  });
  const press = (key: string) => {
    const place = route.find((p) => p.key === key);
    return place && props.onChoose(place);
  };
  return (
    <StageFrame {...props} route={route} what="places" place={chosen}>
      <p className="m-0 flex-none text-[15px] leading-tight text-soft">
        Tap what is {props.stage === "look" ? "seen" : "tender"} on the{" "}
        {props.side === involved ? "affected" : "other"} side (U changes it); say more below.
      </p>
      <div ref={ref} className="flex flex-none flex-wrap justify-center gap-2">
        {figures &&
          mapped.map(({ map, places }) => (
            <Plate
              key={map.drawn.id}
              drawn={map.drawn}
              grips={figures.grips}
              side={involved}
              title={map.name}
              width={plate}
              height={height}
              items={places.map((p) => ({ ...item(p), site: p.site }))}
              onPress={press}
            />
          ))}
      </div>
      {/* Not first beside the maps and then on them. */}
      {!isPending && others.length > 0 && (
        <div className="flex flex-none flex-wrap gap-1.5 pb-1">
          {others.map((p) => {
            const { name, label, on } = item(p);
            return (
              <button
                key={p.key}
                type="button"
                className="choice flex min-h-9 items-center gap-1 px-2 py-0 text-[14px]"
                data-state={on ? "on" : "off"}
                aria-pressed={on}
                aria-label={label}
                onClick={() => press(p.key)}
              >
                {name}
              </button>
            );
          })}
        </div>
      )}
    </StageFrame>
  );
}

/** What a place came to: by its criteria, or that something is recorded that none of them is about. */
const outcomeAt = (place: RoutePlace, examination: Examination, side: Side) =>
  isOpen(examination, place, side) ? undefined : shownOutcome(findingsAt(examination, place, side));

function PlaceName(props: { place: RoutePlace; examination: Examination; involved: Side }) {
  const { place, examination, involved } = props;
  const [other, here] = [otherSide(involved), involved].map((s) => outcomeAt(place, examination, s));
  return (
    <>
      <span className="text-soft in-data-[state=on]:text-on-dark">{place.number}</span>
      <span className="flex-1">{place.name}</span>
      {(other || here) && (
        <span className="flex flex-none gap-0.5">
          <Mark outcome={other ?? "not-done"} size={11} />
          <Mark outcome={here ?? "not-done"} size={11} />
        </span>
      )}
    </>
  );
}

function placeLabel(place: RoutePlace, examination: Examination, involved: Side): string {
  const said = [
    ["other side", otherSide(involved)],
    ["affected side", involved],
  ].flatMap(([words, side]) => {
    const outcome = outcomeAt(place, examination, side as Side);
    return outcome ? [`${words} ${outcomeWord(outcome).toLowerCase()}`] : [];
  });
  return [`${place.number}, ${place.name}`, ...said].join(", ");
}
