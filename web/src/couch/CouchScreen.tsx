import { useMemo, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import type { Changes, Pad, Side } from "../api/types";
import { useCaseContext } from "../frame/CaseFrame";
import { ErrorNote } from "../pieces/ErrorNote";
import { CurrentTest } from "./CurrentTest";
import { leavesAt, padChanges } from "./examination";
import { KeyList } from "./KeyList";
import type { Command } from "./keys";
import { runningOrder } from "./order";
import { RunningOrder } from "./RunningOrder";
import { StandingPanel } from "./StandingPanel";
import { useCommands } from "./useCommands";
import { useTaps } from "./useTaps";

const NOTHING = "nothing";

/** The examination: the running order, the one current test, and where the case stands. */
export function CouchScreen() {
  const { view, catalogue } = useCaseContext();
  const { intake, examination } = view;
  const navigate = useNavigate();
  const taps = useTaps(view.code);
  const [params, setParams] = useSearchParams();
  // The address follows the place and not the other way round: the router brings an address up with a delay, and a fast
  // key must never record on the test that was left.
  const [place, setPlace] = useState({ test: params.get("test"), at: params.get("at") });
  const [everything, setEverything] = useState(false);
  const [help, setHelp] = useState(false);
  const involved = intake.involvedSide as Side;
  const other: Side = involved === "left" ? "right" : "left";
  const [side, setSide] = useState<Side>(involved);

  const regions = catalogue.complaints.find((c) => c.id === intake.complaint)?.regions ?? [];
  const candidates = intake.candidates.map((c) => c.condition).join(" ");
  const blocks = useMemo(
    () => runningOrder(catalogue, regions, candidates.split(" "), examination, everything),
    [catalogue, regions, candidates, examination, everything],
  );
  const order = blocks.flatMap((b) => b.tests);
  const test = catalogue.tests.find((t) => t.id === place.test) ?? order[0];
  const board = test?.boards.find((b) => b.at === place.at) ?? test?.boards[0];

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
        const next = examination.standing.next[0];
        return next && goTo(next.firstDo ?? next.test);
      }
    }
  };
  useCommands(obey);

  return (
    <main className="grid min-h-0 flex-1 grid-cols-[252px_1fr_346px] max-xl:grid-cols-[190px_1fr_280px] max-md:flex max-md:flex-col max-md:overflow-auto">
      <h1 className="sr-only">Couch</h1>
      <RunningOrder
        blocks={blocks}
        current={test?.id}
        examination={examination}
        involved={involved}
        everything={everything}
        onEverything={setEverything}
        onChoose={goTo}
      />
      <section aria-label="Current test" className="flex min-h-0 flex-col overflow-auto px-5 pt-3">
        <ErrorNote error={taps.error} onDismiss={taps.dismissError} />
        {test && board ? (
          <CurrentTest
            key={test.id}
            test={test}
            board={board}
            examination={examination}
            involved={involved}
            side={side}
            onSide={setSide}
            onBoard={(at) => goTo(test.id, at)}
            onPad={tapPad}
            onChange={record}
            onUndo={taps.undo}
            saving={taps.saving}
            blocked={blocked}
            onGoAhead={(reason) => taps.goAhead({ test: test.id, reason })}
            aheadError={taps.aheadError}
          />
        ) : (
          <p>
            No test of the catalogue tells anything of these candidates. Show all tests, or add a candidate.
          </p>
        )}
      </section>
      <StandingPanel standing={examination.standing} onGo={goTo} />
      <KeyList open={help} onOpenChange={setHelp} />
    </main>
  );
}
