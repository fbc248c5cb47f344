import type { ReactNode } from "react";
import type { Changes, Examination, Pad, Side } from "../../api/types";
import { type PlannedTest, type Stage, stageName } from "../order/order";
import { PlacePanel } from "./PlacePanel";
import { isOpen, type RoutePlace } from "./route";
import { StageHead } from "./StageHead";

export interface StageProps {
  stage: Stage;
  tests: PlannedTest[];
  /** The place in hand. */
  chosen: { test: string; at: string } | undefined;
  examination: Examination;
  involved: Side;
  side: Side;
  padKeys: readonly string[];
  next: string | undefined;
  onChoose: (place: RoutePlace) => void;
  onSide: (side: Side) => void;
  onPad: (side: Side, pad: Pad) => void;
  onChange: (side: Side, changes: Changes) => void;
  onNormal: () => void;
  onUndo: (() => void) | undefined;
  onNext: () => void;
  /** To one test as it is done by itself. */
  onOpen: (test: string, at?: string) => void;
}

/** What every stage has that is gone through as a whole: how far it is and the ways on above, the place in hand below. */
export function StageFrame(
  props: StageProps & {
    route: readonly RoutePlace[];
    /** What the places are called. */
    what: string;
    /** The place in hand, with what is asked for below. */
    place: RoutePlace | undefined;
    children: ReactNode;
  },
) {
  const { examination, involved, place, route, tests } = props;
  return (
    <>
      <StageHead
        name={stageName(props.stage)}
        done={route.filter((p) => !isOpen(examination, p, involved)).length}
        of={route.length}
        what={props.what}
        next={props.next}
        onUndo={props.onUndo}
        onNext={props.onNext}
        onNormal={props.onNormal}
        onOneByOne={() => tests[0] && props.onOpen(tests[0].id)}
      />
      {props.children}
      {place && (
        <PlacePanel
          place={place}
          examination={examination}
          involved={involved}
          side={props.side}
          padKeys={props.padKeys}
          onSide={props.onSide}
          onPad={props.onPad}
          onChange={props.onChange}
          onOpen={() => props.onOpen(place.test.id, place.board.at)}
        />
      )}
    </>
  );
}
