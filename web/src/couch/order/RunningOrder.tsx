import { Suspense, useState } from "react";
import { isSimulated } from "../../api/client";
import type { CaseView, Catalogue, Examination, Side } from "../../api/types";
import { otherSide } from "../../pieces/format";
import { later } from "../../pieces/later";
import { useStable } from "../../pieces/useStable";
import { OrderRow } from "./OrderRow";
import {
  AT_ONCE,
  begunBesides,
  isDone,
  leftOutStill,
  type Stage,
  type StageGroup,
  setsOf,
  stoppedBy,
  testOutcome,
} from "./order";
import { TimeThere } from "./TimeThere";

/** Not in every case, so that the couch is there sooner without them. */
const LeftOut = later(
  () => import("./LeftOut").then((m) => m.LeftOut),
  () => null,
);
const Sets = later(
  () => import("./Sets").then((m) => m.Sets),
  () => null,
);
const Clusters = later(
  () => import("./Clusters").then((m) => m.Clusters),
  () => null,
);

interface Order {
  view: Pick<CaseView, "code" | "plan">;
  catalogue: Catalogue;
  groups: StageGroup[];
  /** The test in sight, and the stage where it is looked at as a whole. */
  current: string | undefined;
  stage: Stage | undefined;
  examination: Examination;
  involved: Side;
  /** The cluster that is done on its own. */
  cluster: string | undefined;
  onCluster: (cluster: string | undefined) => void;
  onPlan: () => void;
  onChoose: (test: string) => void;
  onStage: (stage: Stage) => void;
}

/** The tests by stage and position, each with what both sides came to, the other side first; what is done folds. */
export function RunningOrder(given: Order) {
  const props = { ...given, onChoose: useStable(given.onChoose) };
  const { groups, view } = props;
  const tests = groups.flatMap((g) => g.tests);
  const stopped = tests.filter((t) => stoppedBy(props.examination, t.id)).length;
  const left = tests.filter(
    (t) => !isDone(props.examination, t.id, props.involved) && !stoppedBy(props.examination, t.id),
  );
  const begun = begunBesides(view.plan, props.examination);
  const leftOut = leftOutStill(view.plan, begun);
  const sets = setsOf(view.plan, props.catalogue);
  const minutes = Math.round(left.reduce((sum, t) => sum + t.minutes, 0));
  return (
    <nav aria-label="Running order" className="flex min-h-0 flex-1 flex-col">
      {!isSimulated(view.code) && <TimeThere view={view} />}
      {sets.length > 0 && (
        <Suspense>
          <Sets
            sets={sets}
            isDone={(id) => isDone(props.examination, id, props.involved)}
            alone={props.cluster}
            onAlone={props.onCluster}
          />
        </Suspense>
      )}
      {!sets.some((s) => s.id === props.cluster) && (
        <Suspense>
          <Clusters clusters={props.examination.clusters} alone={props.cluster} onAlone={props.onCluster} />
        </Suspense>
      )}
      <div className="min-h-0 flex-1 overflow-auto pb-2">
        {groups.map((group) => (
          <StageRows key={group.key} {...props} group={group} />
        ))}
        {leftOut.length > 0 && (
          <Suspense>
            <LeftOut
              leftOut={leftOut}
              core={view.plan.core}
              catalogue={props.catalogue}
              onChoose={props.onChoose}
            />
          </Suspense>
        )}
      </div>
      <div className="flex items-center gap-2 border-t-[1.5px] border-line py-1 pr-2 pl-4 text-[14px] text-soft">
        <span className="flex-1">
          {left.length} of {tests.length} left, about {minutes} min
          {stopped > 0 && `, ${stopped} blocked`}
          <span className="block">{view.plan.own ? "Own order" : "Proposed order"}</span>
        </span>
        <button type="button" className="choice px-3" onClick={props.onPlan}>
          Change
        </button>
      </div>
    </nav>
  );
}

function StageRows(props: Order & { group: StageGroup }) {
  const { group, examination, involved } = props;
  const done = group.tests.filter((t) => isDone(examination, t.id, involved)).length;
  const whole = done === group.tests.length;
  // What is done folds by itself, until somebody says otherwise.
  const [chosen, setChosen] = useState<boolean>();
  const open = chosen ?? (!whole || group.tests.some((t) => t.id === props.current));
  const here = props.stage !== undefined && props.stage === group.stage;
  const atOnce = AT_ONCE.includes(group.stage);
  return (
    <div>
      <div className="flex items-stretch pt-1.5 pr-2">
        <h2 className="m-0 flex-1 text-[15px] font-semibold">
          <button
            type="button"
            aria-expanded={open}
            className="flex min-h-9 w-full items-center gap-1.5 pl-3 text-left"
            onClick={() => setChosen(!open)}
          >
            <span aria-hidden="true" className="w-3 text-soft">
              {open ? "\u2212" : "+"}
            </span>
            {group.name}
            <span className="font-normal text-soft">
              {done === 0 ? group.tests.length : `${done} of ${group.tests.length}`}
              {whole && ", done"}
            </span>
          </button>
        </h2>
        {atOnce && group.stage && (
          <button
            type="button"
            aria-current={here ? "step" : undefined}
            className="choice min-h-9 px-2 py-0 text-[14px] aria-[current=step]:bg-ink aria-[current=step]:text-on-dark"
            aria-label={`${group.name}: all on one screen`}
            onClick={() => group.stage && props.onStage(group.stage)}
          >
            At once
          </button>
        )}
      </div>
      {open &&
        group.blocks.map((block) => (
          <div key={block.key}>
            {block.name && <h3 className="m-0 mx-4 text-[14px] font-normal text-soft">{block.name}</h3>}
            {block.tests.map((t) => (
              <OrderRow
                key={t.id}
                test={t}
                current={t.id === props.current}
                {...againstIt(examination, t.id)}
                other={testOutcome(examination, t.id, otherSide(involved))}
                involved={testOutcome(examination, t.id, involved)}
                onChoose={props.onChoose}
              />
            ))}
          </div>
        ))}
    </div>
  );
}

/** What speaks against doing a test: a precaution, or that it would tell little. */
function againstIt(examination: Examination, test: string) {
  const blocked = examination.blocked.find((b) => b.test === test);
  const left = examination.standing.left.find((l) => l.test === test);
  const note = blocked
    ? blocked.reason === undefined
      ? "blocked"
      : "blocked, going ahead"
    : left && (left.kind === "decided" ? "decided without it" : "provocative, little to gain");
  return { note, stops: blocked !== undefined, left: left !== undefined && !blocked };
}
