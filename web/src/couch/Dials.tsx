import type { Board, Changes, Leaves } from "../api/types";
import { DialRow } from "./DialRow";

/** The numbers of a place: those that a criterion reads in sight, the others a tap away. */
export function Dials(props: {
  board: Board;
  sideName: string;
  narrow: boolean;
  oneColumn: boolean;
  leaves: Leaves;
  onChange: (changes: Changes) => void;
}) {
  const deciding = props.board.dials.filter((d) => d.decides);
  const others = props.board.dials.filter((d) => !d.decides);
  const recorded = others.some((d) => props.leaves[d.leaf] !== undefined);
  const rows = (dials: Board["dials"]) => {
    const compact = !props.narrow && (dials.length > 1 || props.oneColumn);
    return (
      <div
        data-compact={compact && !props.oneColumn}
        className="mt-1.5 flex flex-col gap-1.5 data-[compact=true]:grid data-[compact=true]:grid-cols-3 max-xl:data-[compact=true]:grid-cols-2"
      >
        {dials.map((dial) => (
          <DialRow
            key={dial.leaf}
            dial={dial}
            sideName={props.sideName}
            value={props.leaves[dial.leaf] as number | undefined}
            compact={compact || props.narrow}
            onChange={(value) => props.onChange({ [dial.leaf]: value })}
          />
        ))}
      </div>
    );
  };
  return (
    <>
      {deciding.length > 0 && rows(deciding)}
      {others.length > 0 && (
        <details open={recorded} className="mt-1 text-[15px] text-soft">
          <summary className="min-h-7">Measure too, for the record</summary>
          {rows(others)}
        </details>
      )}
    </>
  );
}
