import { leavesAt } from "../../api/examination";
import type { Changes, Examination, Pad, Side } from "../../api/types";
import { useCaseContext } from "../../frame/CaseFrame";
import { otherSide } from "../../pieces/format";
import { Mark, outcomeWord } from "../../pieces/Mark";
import { BothSides } from "../pads/BothSides";
import { findingsAt, type RoutePlace } from "./route";

/** What was felt and seen at the chosen place, on both sides, and what its criteria make of it. */
export function PlacePanel(props: {
  place: RoutePlace;
  examination: Examination;
  involved: Side;
  side: Side;
  padKeys: readonly string[];
  onSide: (side: Side) => void;
  onPad: (side: Side, pad: Pad) => void;
  onChange: (side: Side, changes: Changes) => void;
  onOpen: () => void;
}) {
  const { place, examination, involved } = props;
  const { test, board } = place;
  const other = otherSide(involved);
  const { practice } = useCaseContext();
  const at = (side: Side) => leavesAt(examination, test.id, board.at, side);
  const found = findingsAt(examination, place, involved).filter((f) => f.outcome !== "not-done");
  return (
    <section
      aria-label={`${place.number}, ${place.name}`}
      className="flex-none border-t-[1.5px] border-line pt-1"
    >
      <h3 className="m-0 flex flex-wrap items-baseline gap-x-3 text-[20px] leading-tight font-bold">
        {place.number} {place.name}
        <button type="button" className="min-h-6 text-[15px] font-normal underline" onClick={props.onOpen}>
          How to do it
        </button>
      </h3>
      {practice && <practice.Answer test={test.id} at={board.at} side={props.side} record={props.onChange} />}
      <BothSides
        key={place.key}
        board={board}
        involved={involved}
        side={props.side}
        leaves={{ [other]: at(other), [involved]: at(involved) } as Record<Side, ReturnType<typeof at>>}
        padKeys={props.padKeys}
        onSide={props.onSide}
        onPad={props.onPad}
        onChange={props.onChange}
      />
      <ul className="m-0 list-none p-0">
        {found.map((f) => (
          <li key={f.criterion} className="flex items-baseline gap-2 text-[15px] leading-tight">
            <span className="self-center">
              <Mark outcome={f.outcome} size={13} />
            </span>
            <b>{outcomeWord(f.outcome)}</b>
            <span>
              {f.label}
              <span className="text-soft">: {f.reason}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
