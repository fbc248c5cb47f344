import { Suspense } from "react";
import type { Board, Changes, Leaves, Side } from "../../api/types";
import { otherSide } from "../../pieces/format";
import { later, NotLoaded } from "../../pieces/later";
import { DialCard } from "./DialCard";

const ArcPicture = later(() => import("../pictures/ArcPicture").then((m) => m.ArcPicture), NotLoaded);
const SpinePicture = later(() => import("../pictures/SpinePicture").then((m) => m.SpinePicture), NotLoaded);

const isOfArc = (dial: Board["dials"][number]) => dial.leaf.startsWith("arc.");

/** The numbers of a place: those that a criterion reads in sight, the others a tap away. A drawing stands for what it shows. */
export function Dials(props: {
  board: Board;
  sides: Side[];
  side: Side;
  leaves: Record<Side, Leaves>;
  onChange: (side: Side, changes: Changes) => void;
}) {
  const { board, sides, leaves } = props;
  const deciding = board.dials.filter((d) => d.decides);
  const others = board.dials.filter((d) => !d.decides);
  const recorded = others.filter((d) => sides.some((s) => leaves[s][d.leaf] !== undefined)).length;
  const arcs = deciding.some(isOfArc);
  const level = deciding.some((d) => d.leaf === "spinalLevel");
  const card = (dial: Board["dials"][number], plain = false) => (
    <DialCard
      plain={plain}
      key={dial.leaf}
      dial={dial}
      sides={sides}
      side={props.side}
      leaves={leaves}
      onChange={(side, value) => props.onChange(side, { [dial.leaf]: value })}
    />
  );
  return (
    <>
      <Suspense>
        {arcs &&
          sides.map((s) => (
            <ArcPicture
              key={s}
              side={s}
              leaves={leaves[s]}
              onChange={(changes) => props.onChange(s, changes)}
            />
          ))}
        {level &&
          sides.map((s) => (
            <SpinePicture
              key={s}
              side={s}
              value={leaves[s].spinalLevel as number | undefined}
              otherSide={leaves[otherSide(s)].spinalLevel as number | undefined}
              onChange={(value) => props.onChange(s, { spinalLevel: value })}
            />
          ))}
      </Suspense>
      {arcs && (
        <div className="flex flex-col gap-1">{deciding.filter(isOfArc).map((d) => card(d, true))}</div>
      )}
      {deciding.filter((d) => d.leaf !== "spinalLevel" && !isOfArc(d)).map((d) => card(d))}
      {others.length > 0 && (
        <details className="text-[15px] text-soft">
          <summary className="min-h-6">
            Measure too, for the record{recorded > 0 && <b className="text-ink">: {recorded} measured</b>}
          </summary>
          <div className="flex flex-wrap gap-x-3 gap-y-1">{others.map((d) => card(d, sides.length > 1))}</div>
        </details>
      )}
    </>
  );
}
