import { Suspense, useMemo, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { leavesAt, padChanges } from "../api/examination";
import type { Changes, Pad, Side } from "../api/types";
import { useCaseContext } from "../frame/CaseFrame";
import { ErrorNote } from "../pieces/ErrorNote";
import { otherSide } from "../pieces/format";
import { later, NotLoaded } from "../pieces/later";
import { CurrentTest } from "./CurrentTest";
import {
  BINDINGS,
  type ChosenKeys,
  type Command,
  chosenKeys,
  keepKeys,
  keyName,
  keysOf,
  padKeys,
} from "./keys";
import { LadderBar, OtherLadders, useLadderChange } from "./LadderBar";
import { asDone, runningOrder, suggested } from "./order";
import { RunningOrder } from "./RunningOrder";
import { StandingPanel } from "./StandingPanel";
import { TapHistory } from "./TapHistory";
import { TimerRow } from "./timer/TimerRow";
import { timingOf } from "./timer/timing";
import { useTimer } from "./timer/useTimer";
import { useCommands } from "./useCommands";
import { useSteps } from "./useSteps";
import { useTaps } from "./useTaps";

/** Dialogs come when they are first asked for. */
const KeyList = later(() => import("./KeyList").then((m) => m.KeyList), NotLoaded);
const PlanDialog = later(() => import("./plan/PlanDialog").then((m) => m.PlanDialog), NotLoaded);

const NOTHING = "nothing";

/** The examination: the running order, the one current test, and where the case stands. */
export function CouchScreen() {
  const { view, catalogue, settings } = useCaseContext();
  const { intake } = view;
  const navigate = useNavigate();
  const taps = useTaps(view);
  const { examination } = taps;
  const [params, setParams] = useSearchParams();
  // The address follows the place and not the other way round: the router brings an address up with a delay, and a fast
  // key must never record on the test that was left.
  const [place, setPlace] = useState({ test: params.get("test"), at: params.get("at") });
  const [planning, setPlanning] = useState(false);
  const [help, setHelp] = useState(false);
  // Once asked for, what tells most is suggested whatever comes first, until that is taken back.
  const [asked, setAsked] = useState(false);
  const [history, setHistory] = useState(false);
  const steps = useSteps();
  const ladder = useLadderChange(view.code);
  const [keys, setKeys] = useState<ChosenKeys>(chosenKeys);
  // Chosen for one test; elsewhere the position says whether one stands behind the patient.
  const [behind, setBehind] = useState<{ test: string; on: boolean }>();
  const involved = intake.involvedSide as Side;
  const other = otherSide(involved);
  const [side, setSide] = useState<Side>(involved);

  const blocks = useMemo(
    () => runningOrder(catalogue, view.plan.tests, examination, settings.variants),
    [catalogue, view.plan.tests, examination, settings.variants],
  );
  const order = blocks.flatMap((b) => b.tests);
  const chosen = catalogue.tests.find((t) => t.id === place.test);
  const test = chosen ? asDone(chosen, settings.variants) : order[0];
  const board = test?.boards.find((b) => b.at === place.at) ?? test?.boards[0];
  const isBehind = behind?.test === test?.id ? behind?.on === true : test?.position === "standing-back";

  const goTo = (id: string, at?: string) => {
    setPlace({ test: id, at: at ?? null });
    setParams(at ? { test: id, at } : { test: id }, { replace: true });
    setSide(involved);
  };
  const step = (by: number) => {
    const index = order.findIndex((t) => t.id === test?.id);
    const target = order[Math.min(order.length - 1, Math.max(0, index + by))];
    if (target) {
      goTo(target.id);
    }
  };
  const blocked = examination.blocked.find((b) => b.test === test?.id);
  const isBlocked = blocked !== undefined && blocked.reason === undefined;
  const record = (onSide: Side, changes: Changes) => {
    if (test && board && !isBlocked) {
      taps.record({ test: test.id, at: board.at, side: onSide, changes });
    }
  };
  const tapPad = (onSide: Side, pad: Pad | undefined) => {
    if (test && board && pad) {
      record(onSide, padChanges(pad, leavesAt(examination, test.id, board.at, onSide)));
    }
  };
  const timing = test && board && !isBlocked ? timingOf(test, board, test.holdSeconds) : undefined;
  const timer = useTimer(`${view.code} ${test?.id} ${board?.at} ${side}`, timing, (reading) =>
    record(side, reading),
  );
  const toggle = (leaf: string) => {
    if (test && board) {
      const on = leavesAt(examination, test.id, board.at, side)[leaf] === true;
      record(side, { [leaf]: on ? null : true });
    }
  };
  const obey = (command: Command) => {
    const pads = (board?.pads ?? []) as Pad[];
    switch (command.kind) {
      case "next":
        return step(1);
      case "previous":
        return step(-1);
      case "side":
        return setSide(side === involved ? other : involved);
      case "pad":
        return tapPad(side, pads[command.index]);
      case "otherSideNormal":
        return tapPad(
          other,
          pads.find((p) => p.id === NOTHING),
        );
      case "timer":
        return timer.toggle();
      case "behind":
        return test && setBehind({ test: test.id, on: !isBehind });
      case "ladder": {
        const walked = examination.ladders.find((l) => l.current);
        const fitting = examination.ladders.find((l) => l.answer === undefined && l.fits);
        if (walked?.current) {
          return goTo(walked.current);
        }
        return fitting?.fits && ladder.mutate({ ladder: fitting.id, answer: fitting.fits });
      }
      case "place": {
        const boards = test?.boards ?? [];
        const next = boards[(boards.findIndex((b) => b.at === board?.at) + 1) % boards.length];
        return test && next && boards.length > 1 && goTo(test.id, next.at);
      }
      case "number":
        return document.querySelector<HTMLInputElement>("[data-dial=true]")?.focus();
      case "confirm":
        return record(involved, { "mark.confirmed": true });
      case "steps":
        return steps.fold(!steps.hidden);
      case "history":
        return setHistory(true);
      case "plan":
        return setPlanning(true);
      case "cannotTell":
        return toggle("mark.cannotTell");
      case "notDone":
        return toggle("mark.notDone");
      case "undo":
        return taps.undo();
      case "weigh":
        return navigate(`/cases/${view.code}/weigh`);
      case "help":
        return setHelp(true);
      case "goNext": {
        const to = suggested(examination.standing, asked);
        return to && goTo(to);
      }
    }
  };
  useCommands(keys, obey);
  const timerKey = BINDINGS.find((b) => b.kind === "timer");

  return (
    <main className="grid min-h-0 flex-1 grid-cols-[232px_1fr_300px] max-xl:grid-cols-[190px_1fr_280px] max-md:flex max-md:flex-col max-md:overflow-auto max-md:[&>*]:flex-none max-md:[&>*]:overflow-visible">
      <h1 className="sr-only">Couch</h1>
      <RunningOrder
        blocks={blocks}
        own={view.plan.own}
        current={test?.id}
        examination={examination}
        involved={involved}
        onPlan={() => setPlanning(true)}
        onChoose={goTo}
      />
      <section aria-label="Current test" className="flex min-h-0 flex-col overflow-auto px-4 pt-1">
        <ErrorNote error={taps.error} onDismiss={taps.dismissError} />
        {isBehind && (
          <p className="m-0 mb-1 flex-none rounded-md bg-ink px-3 py-1 text-[20px] leading-tight font-bold text-on-dark">
            You cannot see the face: ask to speak up at any pain.
          </p>
        )}
        <LadderBar
          code={view.code}
          ladders={examination.ladders}
          catalogue={catalogue}
          blocked={examination.blocked}
          onGo={goTo}
        />
        {test && board ? (
          <CurrentTest
            code={view.code}
            visit={view.visit}
            regrowth={catalogue.regrowth}
            onNote={(changes) =>
              taps.record({ test: test.id, at: test.boards[0]?.at ?? "", side: involved, changes })
            }
            key={test.id}
            test={test}
            board={board}
            examination={examination}
            involved={involved}
            side={side}
            padKeys={padKeys(keys)}
            onSide={setSide}
            onBoard={(at) => goTo(test.id, at)}
            onPad={tapPad}
            onChange={record}
            onUndo={taps.undo}
            saving={taps.saving}
            timer={
              timing &&
              timerKey && (
                <TimerRow timing={timing} timer={timer} keyName={keyName(keysOf(timerKey, keys)[0] ?? "")} />
              )
            }
            history={
              <TapHistory code={view.code} catalogue={catalogue} open={history} onOpenChange={setHistory} />
            }
            steps={steps}
            blocked={blocked}
            onGoAhead={(reason, sure) => taps.goAhead({ test: test.id, reason, sure })}
            aheadError={taps.aheadError}
          />
        ) : (
          <p>No test is planned. Change the running order, or add a candidate.</p>
        )}
        <div className="sticky bottom-0 hidden gap-2 bg-paper py-2 max-md:flex">
          <button type="button" className="action flex-1" data-quiet="true" onClick={() => step(-1)}>
            Previous test
          </button>
          <button type="button" className="action flex-1" onClick={() => step(1)}>
            Next test
          </button>
        </div>
      </section>
      <StandingPanel standing={examination.standing} asked={asked} onAsk={setAsked} onGo={goTo}>
        <OtherLadders
          code={view.code}
          ladders={examination.ladders}
          catalogue={catalogue}
          blocked={examination.blocked}
          onGo={goTo}
        />
      </StandingPanel>
      <Suspense>
        {help && (
          <KeyList
            open={help}
            onOpenChange={setHelp}
            chosen={keys}
            onChoose={(next) => {
              keepKeys(next);
              setKeys(next);
            }}
          />
        )}
        {planning && (
          <PlanDialog
            view={view}
            catalogue={catalogue}
            variants={settings.variants}
            open={planning}
            onOpenChange={setPlanning}
          />
        )}
      </Suspense>
    </main>
  );
}
