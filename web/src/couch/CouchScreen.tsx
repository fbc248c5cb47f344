import { Suspense, useMemo, useState } from "react";
import { useNavigate } from "react-router";
import type { Board, Pad } from "../api/types";
import { useCaseContext } from "../frame/CaseFrame";
import { Announced } from "../pieces/Announced";
import { ErrorNote } from "../pieces/ErrorNote";
import { otherSide, percent } from "../pieces/format";
import { later, NotLoaded } from "../pieces/later";
import { PageHeading } from "../pieces/PageHeading";
import { listed } from "../pieces/ranked";
import { UPRIGHT, useMedia } from "../pieces/useMedia";
import { useStable } from "../pieces/useStable";
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
import { shortCondition } from "./names";
import { OrderStrip } from "./order/OrderStrip";
import { AT_ONCE, stageName, suggested } from "./order/order";
import { RunningOrder } from "./order/RunningOrder";
import { StandingPanel } from "./StandingPanel";
import { StandingStrip } from "./StandingStrip";
import { TimerRow } from "./timer/TimerRow";
import { useCommands } from "./useCommands";
import { useExamining } from "./useExamining";
import { useSteps } from "./useSteps";

/** Where a test is tried without a patient, it is recorded by the same pads and read in the same words. */
export { padChanges } from "../api/examination";
export { BothSides } from "./pads/BothSides";

/** Dialogs and screens of a whole stage come when they are first asked for. */
const KeyList = later(() => import("./KeyList").then((m) => m.KeyList), NotLoaded);
const PlanDialog = later(() => import("./plan/PlanDialog").then((m) => m.PlanDialog), NotLoaded);
const TapHistory = later(() => import("./TapHistory").then((m) => m.TapHistory), NotLoaded);
const Besides = later(
  () => import("../frame/Besides").then((m) => m.Besides),
  () => null,
);
const StageScreen = later(() => import("./stages/StageScreen").then((m) => m.StageScreen), NotLoaded);
const MoveScreen = later(() => import("./stages/MoveScreen").then((m) => m.MoveScreen), NotLoaded);

/** The examination: the running order, what is examined now, and where the case stands. */
export function CouchScreen() {
  const context = useCaseContext();
  const { view, catalogue, settings, practice } = context;
  const navigate = useNavigate();
  const now = useExamining(context);
  const { taps, examination, involved, side, stage, stageTests, test, board, goTo } = now;
  const [planning, setPlanning] = useState(false);
  const [help, setHelp] = useState(false);
  // Once asked for, what tells most is suggested whatever comes first, until that is taken back.
  const [asked, setAsked] = useState(false);
  const [history, setHistory] = useState(false);
  const steps = useSteps();
  const ladder = useLadderChange(view.code);
  const [keys, setKeys] = useState<ChosenKeys>(chosenKeys);
  const upright = useMedia(UPRIGHT);
  const obey = (command: Command) => {
    const pads = (board?.pads ?? []) as Pad[];
    switch (command.kind) {
      case "next":
        return now.step(1);
      case "previous":
        return now.step(-1);
      case "side":
        return now.setSide(otherSide(side));
      case "pad":
        return now.tapPad(side, pads[command.index]);
      case "otherSideNormal":
        return now.normal();
      case "timer":
        return now.timer.toggle();
      case "behind":
        return now.turnBehind();
      case "ladder": {
        const walked = examination.ladders.find((l) => l.current);
        const fitting = examination.ladders.find((l) => l.answer === undefined && l.fits);
        if (walked?.current) {
          return goTo(walked.current);
        }
        return fitting?.fits && ladder.mutate({ ladder: fitting.id, answer: fitting.fits });
      }
      case "place":
        return now.nextPlace();
      case "stage": {
        const to = stage ? undefined : (test?.stage ?? now.groups[0]?.stage);
        const first = stageTests[0];
        return to && AT_ONCE.includes(to) ? now.openStage(to) : first && now.oneByOne(first.id);
      }
      case "number":
        return document.querySelector<HTMLInputElement>("[data-dial=true]")?.focus();
      case "confirm":
        return now.record(involved, { "mark.confirmed": true });
      case "steps":
        return steps.fold(!steps.hidden);
      case "history":
        return setHistory(true);
      case "plan":
        return setPlanning(true);
      case "cannotTell":
        return now.toggle("mark.cannotTell");
      case "notDone":
        return now.toggle("mark.notDone");
      case "undo":
        return now.undo();
      case "weigh":
        return practice ? undefined : navigate(`/cases/${view.code}/weigh`);
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
  const leader = listed(examination.standing.conditions).weighed[0];
  const number = now.order.findIndex((t) => t.id === test?.id) + 1;
  const here = stage
    ? `${stageName(stage)}, ${now.inStage.length} ${now.inStage.length === 1 ? "test" : "tests"}`
    : test
      ? [test.name, ...(number > 0 ? [`${number} of ${now.order.length}`] : [])].join(", ")
      : "";
  const go = useStable(goTo);
  // As long as nothing of them changed the ladders and the standing are drawn as they are: a tap shows at once.
  const ladders = useMemo(
    () => ({
      code: view.code,
      ladders: examination.ladders,
      catalogue,
      blocked: examination.blocked,
      onGo: go,
    }),
    [view.code, examination.ladders, catalogue, examination.blocked, go],
  );
  const otherLadders = useMemo(() => <OtherLadders {...ladders} />, [ladders]);
  const ordered = (close: () => void) => (
    <RunningOrder
      view={view}
      catalogue={catalogue}
      groups={now.groups}
      current={stage ? undefined : test?.id}
      stage={stage}
      examination={examination}
      involved={involved}
      cluster={now.cluster?.id}
      onCluster={now.doAlone}
      onPlan={() => setPlanning(true)}
      onChoose={(id) => {
        close();
        goTo(id);
      }}
      onStage={(to) => {
        close();
        now.openStage(to);
      }}
    />
  );
  const stageScreen = stage && {
    stage,
    tests: stageTests,
    chosen: test && board ? { test: test.id, at: board.at } : undefined,
    examination,
    involved,
    side,
    padKeys: padKeys(keys),
    next: now.next,
    onChoose: now.tapPlace,
    onSide: now.setSide,
    onPad: now.tapPad,
    onChange: now.record,
    onNormal: now.normal,
    onUndo: examination.lastTaps.length > 0 ? now.undo : undefined,
    onNext: () => now.step(1),
    onOpen: now.oneByOne,
  };
  const besides = useMemo(
    () => !practice && <Besides code={view.code} besides={examination.besides} />,
    [practice, view.code, examination.besides],
  );
  const standing = {
    standing: examination.standing,
    besides,
    asked,
    onAsk: setAsked,
    onGo: go,
    children: otherLadders,
  };

  return (
    <main data-upright={upright} className="couch min-h-0 flex-1">
      <PageHeading title="Couch" className="sr-only" />
      <Announced
        lines={[
          here,
          leader ? `${shortCondition(catalogue, leader.id, leader.name)}, ${percent(leader.posttest)}` : "",
        ]}
      />
      {upright ? (
        <OrderStrip here={here} onStep={now.step} order={ordered} />
      ) : (
        <div className="flex min-h-0 flex-col border-r-[1.5px] border-line">{ordered(() => undefined)}</div>
      )}
      <section
        aria-label="Current test"
        data-work="true"
        className="flex min-h-0 flex-col overflow-auto px-4 pt-1 outline-none flow:overflow-visible"
      >
        <ErrorNote error={taps.error} onDismiss={taps.dismissError} />
        {now.isBehind && (
          <p className="m-0 mb-1 flex-none rounded-md bg-ink px-3 py-1 text-[20px] leading-tight font-bold text-on-dark">
            You cannot see the face: ask to speak up at any pain.
          </p>
        )}
        <LadderBar {...ladders} />
        {stageScreen ? (
          <Suspense>
            {stageTests.length < now.inStage.length && (
              <BlockedLine
                names={now.inStage
                  .filter((t) => !stageTests.includes(t))
                  .map((t) => ({ id: t.id, name: t.shortName }))}
                onGo={goTo}
              />
            )}
            {stage === "move" ? (
              <MoveScreen
                {...stageScreen}
                code={view.code}
                onRecord={(at, onSide, changes) =>
                  taps.record({ test: at.test.id, at: at.board.at, side: onSide, changes })
                }
              />
            ) : (
              <StageScreen {...stageScreen} />
            )}
          </Suspense>
        ) : test && board ? (
          <CurrentTest
            code={view.code}
            visit={view.visit}
            regrowth={catalogue.regrowth}
            onNote={(changes) =>
              taps.record({ test: test.id, at: firstPlace(test.boards), side: involved, changes })
            }
            key={test.id}
            test={test}
            board={board}
            examination={examination}
            involved={involved}
            side={side}
            padKeys={padKeys(keys)}
            onSide={now.setSide}
            onBoard={(at) => goTo(test.id, at)}
            onPad={now.tapPad}
            onChange={now.record}
            onAnswer={(at, changes) => taps.record({ test: test.id, at, side: involved, changes })}
            onUndo={now.undo}
            saving={taps.saving}
            timer={
              now.timing &&
              timerKey &&
              !practice && (
                <TimerRow
                  timing={now.timing}
                  timer={now.timer}
                  keyName={keyName(keysOf(timerKey, keys)[0] ?? "")}
                />
              )
            }
            onHistory={() => setHistory(true)}
            steps={steps}
            blocked={now.blocked}
            careful={now.careful}
            onGoAhead={(reason, sure) => taps.goAhead({ test: test.id, reason, sure })}
            aheadError={taps.aheadError}
          />
        ) : (
          <p>No test is planned. Change the running order, or add a candidate.</p>
        )}
      </section>
      {practice ? (
        <practice.Panel upright={upright}>
          {examination.standing.conditions.length > 0 && <StandingPanel {...standing} />}
        </practice.Panel>
      ) : upright ? (
        <StandingStrip {...standing} />
      ) : (
        <div className="flex min-h-0 flex-col border-l-[1.5px] border-line bg-panel">
          <StandingPanel {...standing} />
        </div>
      )}
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
        {history && (
          <TapHistory code={view.code} catalogue={catalogue} open={history} onOpenChange={setHistory} />
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

const firstPlace = (boards: readonly Board[]) => boards[0]?.at ?? "";

/** What of a stage must not be done as things are: with the reason on its own page. */
const BlockedLine = (props: { names: { id: string; name: string }[]; onGo: (test: string) => void }) => (
  <p className="m-0 flex-none text-[15px]">
    <b className="text-stop">Blocked:</b>{" "}
    {props.names.map((n) => (
      <button key={n.id} type="button" className="mr-3 min-h-6 underline" onClick={() => props.onGo(n.id)}>
        {n.name}
      </button>
    ))}
  </p>
);
