import { Suspense, useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { leavesAt, padChanges } from "../api/examination";
import type { Board, Changes, Pad, Side } from "../api/types";
import { useCaseContext } from "../frame/CaseFrame";
import { Announced } from "../pieces/Announced";
import { ErrorNote } from "../pieces/ErrorNote";
import { otherSide, percent } from "../pieces/format";
import { later, NotLoaded } from "../pieces/later";
import { PageHeading } from "../pieces/PageHeading";
import { rankedAndApart } from "../pieces/ranked";
import { UPRIGHT, useMedia } from "../pieces/useMedia";
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
import { asDone, isDone, onlyTests, runningOrder, stageName, stagesOf, suggested } from "./order/order";
import { AT_ONCE, RunningOrder } from "./order/RunningOrder";
import { NOTHING } from "./pads/items";
import { StandingPanel } from "./StandingPanel";
import { StandingStrip } from "./StandingStrip";
import { isOpen, keyOf, type RoutePlace, restNormal, routeOf, signOf } from "./stages/route";
import { TapHistory } from "./TapHistory";
import { TimerRow } from "./timer/TimerRow";
import { timingOf } from "./timer/timing";
import { useTimer } from "./timer/useTimer";
import { useCommands } from "./useCommands";
import { prefersAtOnce, usePlace } from "./usePlace";
import { useSteps } from "./useSteps";
import { useTaps } from "./useTaps";

/** Dialogs and screens of a whole stage come when they are first asked for. */
const KeyList = later(() => import("./KeyList").then((m) => m.KeyList), NotLoaded);
const PlanDialog = later(() => import("./plan/PlanDialog").then((m) => m.PlanDialog), NotLoaded);
const StageScreen = later(() => import("./stages/StageScreen").then((m) => m.StageScreen), NotLoaded);
const MoveScreen = later(() => import("./stages/MoveScreen").then((m) => m.MoveScreen), NotLoaded);

/** The examination: the running order, what is examined now, and where the case stands. */
export function CouchScreen() {
  const { view, catalogue, settings } = useCaseContext();
  const { intake } = view;
  const navigate = useNavigate();
  const taps = useTaps(view);
  const { examination } = taps;
  const [planning, setPlanning] = useState(false);
  const [help, setHelp] = useState(false);
  // Once asked for, what tells most is suggested whatever comes first, until that is taken back.
  const [asked, setAsked] = useState(false);
  const [history, setHistory] = useState(false);
  const [cluster, setCluster] = useState<string>();
  const steps = useSteps();
  const ladder = useLadderChange(view.code);
  const [keys, setKeys] = useState<ChosenKeys>(chosenKeys);
  // Chosen for one test; elsewhere the position says whether one stands behind the patient.
  const [behind, setBehind] = useState<{ test: string; on: boolean }>();
  const involved = intake.involvedSide as Side;
  const other = otherSide(involved);
  const upright = useMedia(UPRIGHT);

  const whole = useMemo(
    () => runningOrder(catalogue, view.plan, examination, settings.variants),
    [catalogue, view.plan, examination, settings.variants],
  );
  const alone = (examination.clusters ?? []).find((c) => c.id === cluster);
  const blocks = alone ? onlyTests(whole, alone.tests) : whole;
  const groups = stagesOf(blocks);
  const order = blocks.flatMap((b) => b.tests);
  const isBlockedTest = (id: string) =>
    examination.blocked.some((b) => b.test === id && b.reason === undefined);
  const place = usePlace(involved, () => {
    const open = groups.find((g) => g.tests.some((t) => !isDone(examination, t.id, involved)));
    return prefersAtOnce() && open?.stage && AT_ONCE.includes(open.stage) ? open.stage : undefined;
  });
  const { side, setSide, goTo } = place;
  const inStage = place.stage ? groups.filter((g) => g.stage === place.stage).flatMap((g) => g.tests) : [];
  // A stage that has nothing left in this order is left for the first test.
  const stage = inStage.length > 0 ? place.stage : undefined;
  const chosen = catalogue.tests.find((t) => t.id === place.test);
  const test = chosen ? asDone(chosen, settings.variants) : stage ? undefined : order[0];
  const board = test?.boards.find((b) => b.at === place.at) ?? test?.boards[0];
  const isBehind =
    !stage && (behind?.test === test?.id ? behind?.on === true : test?.position === "standing-back");
  const stageTests = inStage.filter((t) => !isBlockedTest(t.id));
  const nextGroup = groups[groups.findIndex((g) => g.stage === stage) + 1];

  /** To a test; where its stage is gone through as a whole and one comes from another, to that. */
  const enter = (id: string) => {
    const to = order.find((t) => t.id === id)?.stage;
    const from = stage ?? test?.stage;
    if (to && to !== from && AT_ONCE.includes(to) && prefersAtOnce() && !alone) {
      place.openStage(to);
    } else {
      goTo(id);
    }
  };
  const step = (by: number) => {
    if (stage) {
      const at = groups.findIndex((g) => g.stage === stage);
      const target = groups[at + by]?.tests[0];
      return target && enter(target.id);
    }
    const index = order.findIndex((t) => t.id === test?.id);
    const target = order[Math.min(order.length - 1, Math.max(0, index + by))];
    if (target) {
      enter(target.id);
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
  const tapPlace = (at: RoutePlace) => {
    const again = at.key === keyOf(test?.id ?? "", board?.at ?? "");
    const sign = signOf(at);
    place.choose(at.test.id, at.board.at);
    // What is tapped is seen or tender; what was said of the place before is only shown, until it is tapped again.
    if (sign && stage !== "move" && (again || isOpen(examination, at, side))) {
      const changes = padChanges(sign, leavesAt(examination, at.test.id, at.board.at, side));
      taps.record({ test: at.test.id, at: at.board.at, side, changes });
    }
  };
  const normal = () => taps.recordAll(restNormal(examination, routeOf(stageTests)));
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
  const undo = () => {
    const last = taps.undo();
    // It is taken back where it was made, in sight.
    if (last && !stage && last.test === test?.id) {
      if (last.at !== board?.at) {
        goTo(last.test, last.at);
      }
      setSide(last.side);
    }
  };
  const nextPlace = () => {
    if (stage) {
      const route = routeOf(stageTests);
      const at = route.findIndex((p) => p.key === keyOf(test?.id ?? "", board?.at ?? ""));
      const next = route[(at + 1) % route.length];
      return next && place.choose(next.test.id, next.board.at);
    }
    const boards = test?.boards ?? [];
    const next = boards[(boards.findIndex((b) => b.at === board?.at) + 1) % boards.length];
    return test && next && boards.length > 1 && goTo(test.id, next.at);
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
        return stage
          ? normal()
          : tapPad(
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
      case "place":
        return nextPlace();
      case "stage": {
        const to = stage ? undefined : (test?.stage ?? groups[0]?.stage);
        const first = stageTests[0];
        return to && AT_ONCE.includes(to) ? place.openStage(to) : first && place.oneByOne(first.id);
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
        return undo();
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
  const leader = rankedAndApart(examination.standing.conditions).ranked[0];
  const here = stage
    ? `${stageName(stage)}, ${inStage.length} tests`
    : test
      ? `${test.name}, ${order.findIndex((t) => t.id === test.id) + 1} of ${order.length}`
      : "";
  const ladders = {
    code: view.code,
    ladders: examination.ladders,
    catalogue,
    blocked: examination.blocked,
    onGo: goTo,
  };
  const ordered = (close: () => void) => (
    <RunningOrder
      view={view}
      catalogue={catalogue}
      groups={groups}
      current={stage ? undefined : test?.id}
      stage={stage}
      examination={examination}
      involved={involved}
      cluster={alone?.id}
      onCluster={(id) => {
        setCluster(id);
        const first = examination.clusters?.find((c) => c.id === id)?.tests[0];
        if (first) {
          goTo(first);
        }
      }}
      onPlan={() => setPlanning(true)}
      onChoose={(id) => {
        close();
        goTo(id);
      }}
      onStage={(to) => {
        close();
        place.openStage(to);
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
    next: nextGroup?.name,
    onChoose: tapPlace,
    onSide: setSide,
    onPad: tapPad,
    onChange: record,
    onNormal: normal,
    onNext: () => step(1),
    onOpen: place.oneByOne,
  };
  const standing = {
    standing: examination.standing,
    asked,
    onAsk: setAsked,
    onGo: goTo,
    children: <OtherLadders {...ladders} />,
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
        <OrderStrip here={here} onStep={step} order={ordered} />
      ) : (
        <div className="flex min-h-0 flex-col border-r-[1.5px] border-line">{ordered(() => undefined)}</div>
      )}
      <section
        aria-label="Current test"
        data-work="true"
        className="flex min-h-0 flex-col overflow-auto px-4 pt-1 outline-none"
      >
        <ErrorNote error={taps.error} onDismiss={taps.dismissError} />
        {isBehind && (
          <p className="m-0 mb-1 flex-none rounded-md bg-ink px-3 py-1 text-[20px] leading-tight font-bold text-on-dark">
            You cannot see the face: ask to speak up at any pain.
          </p>
        )}
        <LadderBar {...ladders} />
        {stageScreen ? (
          <Suspense>
            {stageTests.length < inStage.length && (
              <BlockedLine
                names={inStage
                  .filter((t) => isBlockedTest(t.id))
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
            onSide={setSide}
            onBoard={(at) => goTo(test.id, at)}
            onPad={tapPad}
            onChange={record}
            onUndo={undo}
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
      </section>
      {upright ? (
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
