import { useId, useState } from "react";
import { isOn } from "../api/examination";
import type { Board, Changes, Leaves, Pad, Side } from "../api/types";
import { Dials } from "./Dials";
import { PadButton } from "./PadButton";
import { Drawing, isDrawn, isNarrow } from "./pictures/Drawing";
import { HandPicture, isTingling } from "./pictures/HandPicture";

const NOTHING = "nothing";
const GROUPS: [Pad["group"], string][] = [
  ["site", "Where?"],
  ["finger", "Which fingers?"],
  ["cheat", "Way round it"],
];
const MARKS: [string, string, string][] = [
  ["mark.cannotTell", "Can't tell", "."],
  ["mark.notDone", "Not done", "X"],
];

/**
 * What was felt and seen on one side. The other side shows one tap for nothing found until something was; the pads of
 * the side that keys go to carry their numbers.
 */
export function SidePads(props: {
  side: Side;
  name: string;
  role: string;
  involved: boolean;
  active: boolean;
  board: Board;
  leaves: Leaves;
  otherLeaves: Leaves;
  onActivate: () => void;
  onPad: (pad: Pad) => void;
  onChange: (changes: Changes) => void;
}) {
  const { board, leaves, involved, active } = props;
  const [opened, setOpened] = useState(false);
  const pads = board.pads as Pad[];
  const nothing = pads.find((p) => p.id === NOTHING);
  const somethingFound = Object.keys(leaves).length > 0 && !(nothing && isOn(nothing, leaves));
  const tingling = pads.some(isTingling);
  const drawn = (involved || active) && (tingling || isDrawn(board));
  const whole = involved || opened || active || somethingFound;
  const dials = whole && (
    <Dials
      board={board}
      sideName={props.name}
      narrow={!involved}
      oneColumn={drawn && isNarrow(board)}
      leaves={leaves}
      onChange={props.onChange}
    />
  );
  return (
    <section
      aria-label={`${props.name}, ${props.role}`}
      data-involved={involved}
      data-keys={active}
      className="border-t-4 border-line pt-1.5 data-[involved=true]:border-teal"
    >
      <h3 className="m-0 mb-1.5 flex items-baseline justify-between gap-2 text-[17px] font-semibold">
        {props.name}
        <span className="text-[14px] font-normal text-soft">
          {props.role}
          {active ? ", keys go here" : ""}
        </span>
      </h3>
      {drawn && !tingling && (
        <div className="mb-1.5 flex flex-wrap gap-x-3">
          <Drawing {...props} />
          <div className="min-w-0 flex-1">{dials}</div>
        </div>
      )}
      <div
        data-beside={drawn && tingling}
        className="data-[beside=true]:flex data-[beside=true]:gap-2 max-xl:data-[beside=true]:flex-wrap"
      >
        {drawn && tingling && <HandPicture {...props} pads={pads} />}
        <div
          data-many={pads.filter((p) => p.group === "sign").length > 9 && !tingling}
          className={
            involved && drawn && tingling
              ? "grid min-w-[200px] flex-1 grid-cols-2 content-start gap-1.5"
              : involved
                ? "grid grid-cols-3 gap-1.5 max-xl:grid-cols-2 data-[many=true]:grid-cols-4 max-xl:data-[many=true]:grid-cols-3 data-[many=true]:[&_.pad]:text-[16px]"
                : "grid grid-cols-1 gap-1.5"
          }
        >
          {pads
            .filter((p) => whole || p.id === NOTHING)
            .filter((p) => p.group === "sign")
            .map((pad) => (
              <PadButton
                key={pad.id}
                label={pad.label}
                hint={pad.hint}
                keyName={active ? keyOf(pads.indexOf(pad)) : !involved && pad.id === NOTHING ? "N" : ""}
                on={isOn(pad, leaves)}
                onTap={() => props.onPad(pad)}
              />
            ))}
          {whole ? (
            MARKS.map(([leaf, label, key]) => (
              <button
                key={leaf}
                type="button"
                className="pad"
                data-on={leaves[leaf] === true}
                aria-pressed={leaves[leaf] === true}
                onClick={() => props.onChange({ [leaf]: leaves[leaf] === true ? null : true })}
              >
                {label}
                {active && <span className="pad-key">{key}</span>}
              </button>
            ))
          ) : (
            <button type="button" className="pad" onClick={() => setOpened(true)}>
              Something found
              <span className="pad-hint">open the pads</span>
            </button>
          )}
        </div>
      </div>
      {whole &&
        GROUPS.filter(([group]) => !(group === "finger" && drawn)).map(([group, heading]) => (
          <PadGroup
            key={group}
            heading={heading}
            pads={pads.filter((p) => p.group === group)}
            leaves={leaves}
            keyOf={(pad) => (active ? keyOf(pads.indexOf(pad)) : "")}
            onPad={props.onPad}
          />
        ))}
      {!(drawn && !tingling) && dials}
    </section>
  );
}

/** Qualities of what was found and ways round the test: several at once, in their own order. */
function PadGroup(props: {
  heading: string;
  pads: Pad[];
  leaves: Leaves;
  keyOf: (pad: Pad) => string;
  onPad: (pad: Pad) => void;
}) {
  const id = useId();
  if (props.pads.length === 0) {
    return null;
  }
  return (
    <fieldset aria-labelledby={id} className="m-0 mt-1.5 flex flex-wrap items-center gap-1.5 border-0 p-0">
      <span id={id} className="mr-1 text-[15px] text-soft">
        {props.heading}
      </span>
      {props.pads.map((pad) => (
        <PadButton
          key={pad.id}
          label={pad.label}
          keyName={props.keyOf(pad)}
          chip
          on={isOn(pad, props.leaves)}
          onTap={() => props.onPad(pad)}
        />
      ))}
    </fieldset>
  );
}

function keyOf(index: number): string {
  return index < 9 ? String(index + 1) : "";
}
