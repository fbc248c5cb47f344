import type { Board, Changes, Leaves } from "../../api/types";
import { ArcPicture } from "./ArcPicture";
import { SpinePicture } from "./SpinePicture";

function decides(board: Board, reading: string): boolean {
  return board.dials.some((d) => d.decides && d.leaf.startsWith(reading));
}

/** Whether the drawing leaves room for the numbers beside it. */
export function isNarrow(board: Board): boolean {
  return decides(board, "arc.");
}

/** Whether the numbers that decide at the place can be tapped on a drawing. */
export function isDrawn(board: Board): boolean {
  return decides(board, "arc.") || decides(board, "spinalLevel");
}

/** The drawing of the numbers that decide at the place. */
export function Drawing(props: {
  board: Board;
  leaves: Leaves;
  otherLeaves: Leaves;
  onChange: (changes: Changes) => void;
}) {
  const { board, leaves } = props;
  return (
    <>
      {decides(board, "arc.") && <ArcPicture leaves={leaves} onChange={props.onChange} />}
      {decides(board, "spinalLevel") && (
        <SpinePicture
          value={leaves.spinalLevel as number | undefined}
          otherSide={props.otherLeaves.spinalLevel as number | undefined}
          onChange={(level) => props.onChange({ spinalLevel: level })}
        />
      )}
    </>
  );
}
