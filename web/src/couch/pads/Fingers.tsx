import type { Board, Leaves, Pad, Side } from "../../api/types";
import { HandPicture } from "../pictures/HandPicture";

/** Which fingers tingle, on a drawn hand of each side. */
export function Fingers(props: {
  board: Board;
  sides: Side[];
  side: Side;
  leaves: Record<Side, Leaves>;
  padKeys: readonly string[];
  onPad: (side: Side, pad: Pad) => void;
}) {
  const pads = props.board.pads as Pad[];
  return props.sides.map((side) => (
    <HandPicture
      key={side}
      side={side}
      pads={pads}
      padKeys={side === props.side ? props.padKeys : []}
      leaves={props.leaves[side]}
      onPad={(pad) => props.onPad(side, pad)}
    />
  ));
}
