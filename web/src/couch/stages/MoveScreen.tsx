import { useState } from "react";
import { useMeasures, useSaveMeasure } from "../../api/caseQueries";
import { leavesAt } from "../../api/examination";
import type { Dial, MeasuredSide, Side } from "../../api/types";
import { AngleDrawing } from "../../figures/AngleDrawing";
import { useFigures } from "../../figures/queries";
import { END_FEELS } from "../../measures/endFeels";
import { ErrorNote } from "../../pieces/ErrorNote";
import { otherSide, sideName } from "../../pieces/format";
import { NARROW, useMedia } from "../../pieces/useMedia";
import { NumberField } from "../pads/NumberField";
import { ACTIVE, dialOf, keyOf, PASSIVE, type RoutePlace, routeOf } from "./route";
import { StageFrame, type StageProps } from "./StageFrame";

/** All movements in one table: active, then passive where active is short, and the end feel, on both sides. */
export function MoveScreen(
  props: StageProps & {
    code: string;
    /** Records what is of one place, whichever is in hand. */
    onRecord: (place: RoutePlace, side: Side, changes: Record<string, number | null>) => void;
  },
) {
  const { examination, involved, tests } = props;
  const route = routeOf(tests);
  const narrow = useMedia(NARROW);
  // A telephone shows one side at a time.
  const sides: Side[] = narrow ? [props.side] : [otherSide(involved), involved];
  const figures = useFigures();
  const movementOf = (place: RoutePlace) =>
    figures?.movements.find((m) => m.test === place.test.id && m.at === place.board.at);
  const measures = useMeasures(props.code);
  const save = useSaveMeasure(props.code);
  const [passive, setPassive] = useState(false);
  const chosen =
    props.chosen && route.find((p) => p.key === keyOf(props.chosen?.test ?? "", props.chosen?.at ?? ""));
  // Flexion of which joint, where several are moved.
  const several = tests.filter((t) => t.boards.length > 1).length > 1;
  const value = (place: RoutePlace, side: Side, leaf: string) =>
    leavesAt(examination, place.test.id, place.board.at, side)[leaf] as number | undefined;
  const measureOf = (place: RoutePlace) =>
    measures.data?.measures.find((m) =>
      m.feeds.some((f) => f.test === place.test.id && f.at === place.board.at),
    );
  /** Passive is worth measuring where active is short of the other side. */
  const isShort = (place: RoutePlace, side: Side) => {
    const here = value(place, side, ACTIVE);
    const there = value(place, otherSide(side), ACTIVE);
    const by = here === undefined || there === undefined ? 0 : there - here;
    const less = measureOf(place)?.moreIsWorse ? -by : by;
    return less >= (measures.data?.shortDegrees ?? Number.POSITIVE_INFINITY);
  };
  const movement = chosen && movementOf(chosen);
  const leaf = passive && chosen && dialOf(chosen, PASSIVE) ? PASSIVE : ACTIVE;
  const dial = chosen && (dialOf(chosen, leaf) ?? dialOf(chosen, PASSIVE));
  const number = (place: RoutePlace, side: Side, of: Dial | undefined) =>
    of && (
      <NumberField
        dial={of}
        sideName={`${place.name}, ${sideName(side)}`}
        short=""
        hasKeys={place === chosen && side === props.side && of.leaf === leaf}
        value={value(place, side, of.leaf)}
        quick={[]}
        steps={false}
        onChange={(v) => props.onRecord(place, side, { [of.leaf]: v })}
      />
    );
  return (
    <StageFrame {...props} route={route} what="movements" place={chosen && withoutRange(chosen)}>
      <ErrorNote error={save.error} onDismiss={save.reset} />
      {narrow && (
        <div className="flex flex-none items-center justify-between">
          <b>
            {sideName(props.side)}
            <span className="font-normal text-soft">
              , {props.side === involved ? "affected" : "other"} side
            </span>
          </b>
          <button type="button" className="choice px-3" onClick={() => props.onSide(otherSide(props.side))}>
            {sideName(otherSide(props.side))} side
          </button>
        </div>
      )}
      <div className="move-both flex gap-2 max-md:flex-none max-md:flex-col">
        <div data-wide className="move-rows min-w-0 flex-1">
          <table className="move-table w-full flex-none border-collapse text-[15px]">
            <thead className="text-left text-[14px] text-soft">
              <tr>
                <th scope="col" className="font-normal">
                  Movement
                </th>
                {sides.flatMap((s) => [
                  <th key={`${s} a`} scope="col" className="font-normal">
                    {sideName(s)} active
                  </th>,
                  <th key={`${s} p`} scope="col" className="font-normal">
                    passive
                  </th>,
                  <th key={`${s} e`} scope="col" className="font-normal">
                    end feel
                  </th>,
                ])}
              </tr>
            </thead>
            <tbody>
              {route.map((place) => {
                const measure = measureOf(place);
                return (
                  <tr
                    key={place.key}
                    data-chosen={place === chosen}
                    className="border-t border-line"
                    onFocus={() => place !== chosen && props.onChoose(place)}
                  >
                    <th scope="row" className="pr-2 text-left font-normal">
                      <button
                        type="button"
                        aria-current={place === chosen ? "true" : undefined}
                        className="min-h-7 text-left leading-tight underline decoration-dotted aria-[current=true]:font-bold aria-[current=true]:decoration-solid"
                        onClick={() => props.onChoose(place)}
                      >
                        {several ? (measure?.name ?? place.name) : place.name}
                      </button>
                    </th>
                    {sides.flatMap((s) => [
                      <td key={`${s} a`}>{number(place, s, dialOf(place, ACTIVE))}</td>,
                      <td key={`${s} p`} data-short={isShort(place, s)} className="whitespace-nowrap">
                        {number(place, s, dialOf(place, PASSIVE))}
                        {isShort(place, s) && value(place, s, PASSIVE) === undefined && (
                          <span className="ml-1 text-[14px] text-amber">short</span>
                        )}
                      </td>,
                      <td key={`${s} e`}>
                        {measure?.notes.includes("endFeel") && (
                          <EndFeel
                            label={`End feel, ${place.name}, ${sideName(s)}`}
                            side={s === involved ? measure.involved : measure.other}
                            onChange={(endFeel) =>
                              save.mutate({ measure: measure.id, side: s, changes: { endFeel } })
                            }
                          />
                        )}
                      </td>,
                    ])}
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
        {chosen && movement && figures && dial && (
          <div className="move-drawings flex flex-none flex-col max-md:w-full max-md:flex-row">
            {dialOf(chosen, PASSIVE) && dialOf(chosen, ACTIVE) && (
              <button
                type="button"
                className="choice min-h-8 flex-none px-2 py-0 text-[14px] max-md:self-start"
                aria-pressed={passive}
                data-state={passive ? "on" : "off"}
                onClick={() => setPassive(!passive)}
              >
                {passive ? "Setting passive" : "Setting active"}
              </button>
            )}
            {sides.map((s) => (
              <div key={s} className="min-w-0 flex-1 text-center">
                <span className="text-[14px] text-soft">{sideName(s)}: drag it</span>
                <AngleDrawing
                  movement={movement}
                  grips={figures.grips}
                  side={s}
                  label={`${chosen.name}, ${sideName(s)}, ${leaf === PASSIVE ? "passive" : "active"}`}
                  low={dial.low}
                  high={dial.high}
                  value={value(chosen, s, dial.leaf)}
                  onChange={(v) => props.onRecord(chosen, s, { [dial.leaf]: v })}
                />
              </div>
            ))}
          </div>
        )}
      </div>
    </StageFrame>
  );
}

/** What the table shows already is not asked for twice. */
const withoutRange = (place: RoutePlace): RoutePlace => ({
  ...place,
  board: { ...place.board, dials: place.board.dials.filter((d) => !d.leaf.startsWith("rangeDeg")) },
});

function EndFeel(props: { label: string; side: MeasuredSide; onChange: (endFeel: string | null) => void }) {
  const noted = (props.side.notes as Record<string, unknown>).endFeel;
  return (
    <select
      className="field w-[68px] px-0.5 text-[14px]"
      aria-label={props.label}
      value={typeof noted === "string" ? noted : ""}
      onChange={(e) => props.onChange(e.target.value || null)}
    >
      <option value="">–</option>
      {END_FEELS.map((f) => (
        <option key={f}>{f}</option>
      ))}
    </select>
  );
}
