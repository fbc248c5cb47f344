import type { ReactNode } from "react";
import { isSimulated } from "../api/client";
import { leavesAt } from "../api/examination";
import type { BlockedTest, Board, Catalogue, Changes, Examination, Pad, Side } from "../api/types";
import { useCaseContext } from "../frame/CaseFrame";
import { midSentence, minutes } from "../pieces/format";
import { Blocked } from "./Blocked";
import { notWith } from "./names";
import { Outcomes } from "./Outcomes";
import { type PlannedTest, positionName } from "./order/order";
import { BothSides } from "./pads/BothSides";
import { TestMap } from "./stages/TestMap";
import { TestBand } from "./TestBand";
import { notesOf, TestNotes } from "./TestNotes";
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
  padKeys: readonly string[];
  onSide: (side: Side) => void;
  onBoard: (at: string) => void;
  onPad: (side: Side, pad: Pad) => void;
  onChange: (side: Side, changes: Changes) => void;
  onNote: (changes: Changes) => void;
  onAnswer: (at: string, changes: Changes) => void;
  onUndo: () => void;
  onHistory: () => void;
  saving: boolean;
  timer: ReactNode;
  steps: Folding;
  blocked: BlockedTest | undefined;
  /** Why it is done with care alone; nothing where nothing asks for it. */
  careful?: Examination["careful"][number] | undefined;
  onGoAhead: (reason: string, sure: boolean) => void;
  aheadError: Error | null;
}

/** A name of more letters would take two lines. */
const LONG_NAME = 42;

/** One test: how to do it, what was felt and seen on both sides, and what its criteria make of that. */
export function CurrentTest(props: CurrentTestProps) {
  const { test } = props;
  const isBlocked = props.blocked !== undefined && props.blocked.reason === undefined;
  const left = props.examination.standing.left.find((l) => l.test === test.id);
  return (
    <>
      <h2
        data-long={test.name.length > LONG_NAME}
        className="m-0 text-[28px] leading-tight font-bold data-[long=true]:text-[22px]"
      >
        {test.name}
      </h2>
      <p className="m-0 text-[15px] leading-tight text-soft">
        {positionName(test.position)}, {minutes(test.minutes)}
        {test.holdSeconds ? `, held ${test.holdSeconds} s` : ""}.
        {test.contraindications.length > 0 && (
          <>
            {" "}
            <b className="text-stop">Not with</b> {notWith(test)}.
          </>
        )}
        {test.provocation >= 3 && <b className="text-amber"> Can hurt or startle: slowly, watch the face.</b>}
        {left && (
          <>
            {" "}
            <b className="text-amber">Can be skipped.</b> {left.words}
          </>
        )}
        {test.variant && (
          <span className="text-ink">
            {" "}
            <b>Done here as: {test.variant.name}.</b> {test.variant.note}
          </span>
        )}
      </p>
      <TestBand
        key={test.id}
        test={test}
        side={props.involved}
        folding={props.steps}
        notes={
          isBlocked ? undefined : (
            <TestNotes
              key={`${props.code} ${test.id}`}
              code={props.code}
              test={test}
              examination={props.examination}
              side={props.involved}
              visit={props.visit}
              regrowth={props.regrowth}
              onChange={props.onNote}
            />
          )
        }
        noted={notesOf(test, props.examination, props.involved)}
        notesFirst={props.regrowth?.test === test.id}
        simulated={isSimulated(props.code)}
      />
      {props.blocked && isBlocked ? (
        <Blocked blocked={props.blocked} onGoAhead={props.onGoAhead} error={props.aheadError} />
      ) : (
        <Recording {...props} />
      )}
    </>
  );
}

function Recording(props: CurrentTestProps) {
  const { test, board, involved, examination } = props;
  const { practice } = useCaseContext();
  return (
    <>
      {props.blocked && (
        <p className="mt-2 mb-0 text-[16px]">
          <b className="text-stop">Blocked by {props.blocked.because.map(midSentence).join(", ")}</b>, done
          all the same: {props.blocked.reason}
        </p>
      )}
      {props.careful && (
        <p className="mt-1 mb-0 text-[16px]">
          <b className="text-amber">With care:</b> {props.careful.because.map(midSentence).join(", ")}.
        </p>
      )}
      {test.boards.length > 1 && (
        <TestMap
          test={test}
          at={board.at}
          examination={examination}
          involved={involved}
          onBoard={props.onBoard}
        />
      )}
      {props.timer}
      {practice && <practice.Answer test={test.id} at={board.at} side={props.side} record={props.onChange} />}
      <BothSides
        key={board.at}
        board={board}
        atOnce={test.kind === "strength" && test.bothSides}
        involved={involved}
        side={props.side}
        leaves={{
          left: leavesAt(examination, test.id, board.at, "left"),
          right: leavesAt(examination, test.id, board.at, "right"),
        }}
        padKeys={props.padKeys}
        onSide={props.onSide}
        onPad={props.onPad}
        onChange={props.onChange}
      />
      <Outcomes
        test={test}
        at={board.at}
        findings={examination.findings}
        side={involved}
        canUndo={examination.lastTaps.length > 0}
        saving={props.saving}
        onUndo={props.onUndo}
        onHistory={props.onHistory}
        onConfirm={() => props.onChange(involved, { "mark.confirmed": true })}
        onAnswer={props.onAnswer}
      />
    </>
  );
}
