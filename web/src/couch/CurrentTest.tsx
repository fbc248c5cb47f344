import type { ReactNode } from "react";
import { leavesAt } from "../api/examination";
import type {
  BlockedTest,
  Board,
  Catalogue,
  Changes,
  ClinicalTest,
  Examination,
  Pad,
  Side,
} from "../api/types";
import { midSentence, minutes, sideName } from "../pieces/format";
import { Toggles } from "../pieces/Toggles";
import { Blocked } from "./Blocked";
import { Outcomes } from "./Outcomes";
import { type PlannedTest, positionName } from "./order";
import { SidePads } from "./SidePads";
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
      <p className="mt-1 mb-2 text-[16px] text-soft">
        {positionName(test.position)}, {minutes(test.minutes)}
        {test.holdSeconds ? `, held ${test.holdSeconds} s` : ""}
        {test.provocation >= 3 && <b className="text-amber"> Can hurt or startle: slowly, watch the face.</b>}
      </p>
      {test.variant && (
        <p className="m-0 mb-1.5 text-[16px]">
          <b>Done here as: {test.variant.name}.</b> {test.variant.note}
        </p>
      )}
      {left && (
        <p className="m-0 mb-1.5 border-l-4 border-amber pl-2 text-[16px]">
          <b className="text-amber">Can be skipped.</b> {left.words}
        </p>
      )}
      <Steps steps={test.steps} folding={props.steps} />
      <Cautions test={test} />
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

/** How to do it. Whoever knows can fold it away, on this device, for all tests. */
function Steps(props: { steps: string[]; folding: Folding }) {
  const { hidden, fold } = props.folding;
  return (
    <details
      open={!hidden}
      onToggle={(e) => e.currentTarget.open === hidden && fold(!e.currentTarget.open)}
      className="rounded-md border-[1.5px] border-line bg-card px-3 py-1 text-[16px] leading-[1.3]"
    >
      <summary className="min-h-6 text-[15px] text-soft">How to do it</summary>
      <ol className="m-0 list-decimal pl-6">
        {props.steps.map((s) => (
          <li key={s}>{s}</li>
        ))}
      </ol>
    </details>
  );
}

function Cautions(props: { test: ClinicalTest }) {
  const { test } = props;
  return (
    <div className="mt-1 flex flex-wrap gap-x-4 text-[15px] text-soft">
      {test.contraindications.length > 0 && (
        <p className="m-0">
          <b className="text-stop">Not with</b>{" "}
          {test.contraindications.map((c) => c.replaceAll("-", " ")).join(", ")}.
        </p>
      )}
      <details>
        <summary className="min-h-6 underline decoration-dotted">What to watch for</summary>
        <ul className="my-1 list-disc pl-6">
          {test.watchFor.map((w) => (
            <li key={w}>{w}</li>
          ))}
          {test.unreliableIf.length > 0 && <li>Unreliable with: {test.unreliableIf.join("; ")}.</li>}
        </ul>
      </details>
    </div>
  );
}
