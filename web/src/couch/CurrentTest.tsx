import type { ReactNode } from "react";
import { leavesAt } from "../api/examination";
import type { BlockedTest, Board, Catalogue, Changes, Examination, Pad, Side } from "../api/types";
import { midSentence, minutes, sideName } from "../pieces/format";
import { Toggles } from "../pieces/Toggles";
import { Blocked } from "./Blocked";
import { Outcomes } from "./Outcomes";
import { type PlannedTest, positionName } from "./order";
import { SidePads } from "./SidePads";
import { TestBand } from "./TestBand";
import { TestNotes } from "./TestNotes";
import type { Folding } from "./useSteps";

interface CurrentTestProps {
  code: string;
  visit: number;
  regrowth: Catalogue["regrowth"] | undefined;
  test: PlannedTest;
  board: Board;
  examination: Examination;
  involved: Side;
  side: Side;
  onSide: (side: Side) => void;
  onBoard: (at: string) => void;
  onPad: (side: Side, pad: Pad) => void;
  onChange: (side: Side, changes: Changes) => void;
  onNote: (changes: Changes) => void;
  onUndo: () => void;
  saving: boolean;
  timer: ReactNode;
  history: ReactNode;
  steps: Folding;
  blocked: BlockedTest | undefined;
  onGoAhead: (reason: string, sure: boolean) => void;
  aheadError: Error | null;
}

/** One test: how to do it, what was felt and seen on both sides, and what its criteria make of that. */
export function CurrentTest(props: CurrentTestProps) {
  const { test } = props;
  const left = props.examination.standing.left.find((l) => l.test === test.id);
  return (
    <>
      <h2 className="m-0 text-[29px] leading-tight font-bold">{test.name}</h2>
      <p className="m-0 mt-0.5 text-[16px] leading-tight text-soft">
        {positionName(test.position)}, {minutes(test.minutes)}
        {test.holdSeconds ? `, held ${test.holdSeconds} s` : ""}.
        {test.contraindications.length > 0 && (
          <>
            {" "}
            <b className="text-stop">Not with</b>{" "}
            {test.contraindications.map((c) => c.replaceAll("-", " ")).join(", ")}.
          </>
        )}
        {test.provocation >= 3 && <b className="text-amber"> Can hurt or startle: slowly, watch the face.</b>}
      </p>
      {test.variant && (
        <p className="m-0 text-[16px] leading-tight">
          <b>Done here as: {test.variant.name}.</b> {test.variant.note}
        </p>
      )}
      {left && (
        <p className="m-0 border-l-4 border-amber pl-2 text-[16px] leading-tight">
          <b className="text-amber">Can be skipped.</b> {left.words}
        </p>
      )}
      <TestBand key={test.id} test={test} side={props.involved} folding={props.steps} />
      {props.blocked && props.blocked.reason === undefined ? (
        <Blocked blocked={props.blocked} onGoAhead={props.onGoAhead} error={props.aheadError} />
      ) : (
        <Recording {...props} />
      )}
    </>
  );
}

function Recording(props: CurrentTestProps) {
  const { test, board, involved, examination } = props;
  const other: Side = involved === "left" ? "right" : "left";
  return (
    <>
      {props.blocked && (
        <p className="mt-2 mb-0 text-[16px]">
          <b className="text-stop">Blocked by {props.blocked.because.map(midSentence).join(", ")}</b>, done
          all the same: {props.blocked.reason}
        </p>
      )}
      {test.boards.length > 1 && (
        <div className="mt-2">
          <Toggles
            label="Where"
            hideLabel
            value={board.at}
            options={test.boards.map((b) => ({ id: b.at, label: b.label }))}
            onChange={props.onBoard}
          />
        </div>
      )}
      {props.timer}
      <div className="mt-1.5 grid grid-cols-[140px_1fr] gap-4 max-xl:grid-cols-[112px_1fr] max-xl:gap-2 max-md:grid-cols-1">
        {[other, involved].map((side) => (
          <SidePads
            key={side}
            side={side}
            name={sideName(side)}
            role={side === involved ? "affected side" : "other side"}
            involved={side === involved}
            active={side === props.side}
            board={board}
            leaves={leavesAt(examination, test.id, board.at, side)}
            otherLeaves={leavesAt(examination, test.id, board.at, side === "left" ? "right" : "left")}
            onActivate={() => props.onSide(side)}
            onPad={(pad) => props.onPad(side, pad)}
            onChange={(changes) => props.onChange(side, changes)}
          />
        ))}
      </div>
      <TestNotes
        key={`${props.code} ${test.id}`}
        code={props.code}
        test={test}
        examination={examination}
        side={involved}
        visit={props.visit}
        regrowth={props.regrowth}
        onChange={props.onNote}
      />
      <Outcomes
        test={test}
        at={board.at}
        findings={examination.findings}
        side={involved}
        canUndo={examination.lastTap !== undefined}
        saving={props.saving}
        history={props.history}
        onUndo={props.onUndo}
        onConfirm={() => props.onChange(involved, { "mark.confirmed": true })}
      />
    </>
  );
}
