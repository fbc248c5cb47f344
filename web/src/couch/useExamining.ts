import { useMemo, useState } from "react";
import { leavesAt, padChanges } from "../api/examination";
import type { Changes, Pad, Side } from "../api/types";
import type { CaseContext } from "../frame/CaseFrame";
import { otherSide } from "../pieces/format";
import {
  AT_ONCE,
  asDone,
  begunBesides,
  isDone,
  onlyTests,
  runningOrder,
  setsOf,
  stagesOf,
  stoppedBy,
} from "./order/order";
import { isTingling, NOTHING } from "./pads/items";
import { firstMoved, isOpen, keyOf, type RoutePlace, restNormal, routeOf, signOf } from "./stages/route";
import { timingOf } from "./timer/timing";
import { useTimer } from "./timer/useTimer";
import { prefersAtOnce, usePlace } from "./usePlace";
import { useTaps } from "./useTaps";

/** The examination as it goes: what is in hand (a test, or a stage as a whole), the order around it, and what a tap does there. */
export function useExamining({ view, catalogue, settings, practice }: CaseContext) {
  const taps = useTaps(view, practice?.over);
  const { examination } = taps;
  const [cluster, setCluster] = useState<string>();
  // Chosen for what is in hand; elsewhere the position says whether one stands behind the patient.
  const [behind, setBehind] = useState<{ of: string; on: boolean }>();
  const involved = view.intake.involvedSide as Side;
  const other = otherSide(involved);

  const besides = begunBesides(view.plan, examination).join(" ");
  // A tap changes it only where it begins a test besides.
  const whole = useMemo(
    () => runningOrder(catalogue, view.plan, besides.split(" "), settings.variants),
    [catalogue, view.plan, besides, settings.variants],
  );
  const set = setsOf(view.plan, catalogue).find((s) => s.id === cluster);
  const alone = set ?? examination.clusters.find((c) => c.id === cluster);
  const blocks = alone ? onlyTests(whole, alone.tests) : whole;
  const groups = stagesOf(blocks);
  const order = blocks.flatMap((b) => b.tests);
  const place = usePlace(involved, () => {
    const open = groups.find((g) => g.tests.some((t) => !isDone(examination, t.id, involved)));
    return prefersAtOnce() && open?.stage && AT_ONCE.includes(open.stage) ? open.stage : undefined;
  });
  const { side, setSide, goTo } = place;
  const inStage = place.stage ? groups.filter((g) => g.stage === place.stage).flatMap((g) => g.tests) : [];
  // A stage that has nothing left in this order is left for the first test.
  const stage = inStage.length > 0 ? place.stage : undefined;
  const stageTests = inStage.filter((t) => !stoppedBy(examination, t.id));
  // What is recorded on has to be in sight: of a stage only what it shows.
  const inSight = stage ? stageTests : catalogue.tests;
  const chosen = inSight.find((t) => t.id === place.test);
  const first = stage === "move" ? firstMoved(routeOf(stageTests)) : undefined;
  const test = chosen ? asDone(chosen, settings.variants) : stage ? first?.test : order[0];
  const board = test?.boards.find((b) => b.at === (chosen ? place.at : first?.board.at)) ?? test?.boards[0];
  const inHand = stage ?? test?.id;
  const isBehind = behind?.of === inHand ? behind?.on === true : !stage && test?.position === "standing-back";

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
    // A set is walked through what is still undone.
    const undone = set && order.filter((t) => !isDone(examination, t.id, involved));
    const ahead = by > 0 && undone?.find((t) => order.indexOf(t) > index);
    if (ahead) {
      enter(ahead.id);
      return;
    }
    const target = order[Math.min(order.length - 1, Math.max(0, index + by))];
    if (target) {
      enter(target.id);
    }
  };
  const blocked = examination.blocked.find((b) => b.test === test?.id);
  const careful = examination.careful.find((c) => c.test === test?.id);
  const isBlocked = test !== undefined && stoppedBy(examination, test.id) !== undefined;
  const record = (onSide: Side, changes: Changes) => {
    if (test && board && !isBlocked) {
      taps.record({ test: test.id, at: board.at, side: onSide, changes });
    }
  };
  const timing = test && board && !isBlocked ? timingOf(test, board, test.holdSeconds) : undefined;
  const timer = useTimer(`${view.code} ${test?.id} ${board?.at} ${side}`, timing, (reading) =>
    record(side, reading),
  );
  const tapPad = (onSide: Side, pad: Pad | undefined) => {
    if (test && board && pad) {
      const changes = padChanges(pad, leavesAt(examination, test.id, board.at, onSide));
      taps.asOne(() => {
        record(onSide, changes);
        // The finger that tingles is where it comes: that is the moment.
        if (isTingling(pad) && timing?.kind === "onset" && timer.isRunning && onSide === side) {
          timer.toggle();
        }
      });
    }
  };
  const tapPlace = (at: RoutePlace) => {
    const again = at.key === keyOf(test?.id ?? "", board?.at ?? "");
    const sign = signOf(at);
    place.choose(at.test.id, at.board.at);
    // What is tapped is seen or tender; what was said of the place before is only shown, until it is tapped again.
    // A simulated patient is looked at first.
    if (sign && stage !== "move" && (again || (!practice && isOpen(examination, at, side)))) {
      const changes = padChanges(sign, leavesAt(examination, at.test.id, at.board.at, side));
      taps.record({ test: at.test.id, at: at.board.at, side, changes });
    }
  };
  const normal = () => taps.recordAll(restNormal(examination, routeOf(stageTests)));
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
  const otherSideNormal = () =>
    tapPad(
      other,
      ((board?.pads ?? []) as Pad[]).find((p) => p.id === NOTHING),
    );

  return {
    taps,
    examination,
    involved,
    side,
    setSide,
    groups,
    order,
    cluster: alone,
    doAlone: (id: string | undefined) => {
      setCluster(id);
      const tests = (
        setsOf(view.plan, catalogue).find((s) => s.id === id) ??
        examination.clusters?.find((c) => c.id === id)
      )?.tests;
      const first = tests?.find((t) => !isDone(examination, t, involved)) ?? tests?.[0];
      if (first) {
        goTo(first);
      }
    },
    stage,
    inStage,
    stageTests,
    next: groups[groups.findIndex((g) => g.stage === stage) + 1]?.name,
    test,
    board,
    blocked,
    careful,
    isBehind,
    turnBehind: () => inHand && setBehind({ of: inHand, on: !isBehind }),
    goTo,
    openStage: place.openStage,
    oneByOne: place.oneByOne,
    step,
    record,
    tapPad,
    tapPlace,
    toggle,
    normal: stage ? normal : otherSideNormal,
    nextPlace,
    undo,
    timing,
    timer,
  };
}
