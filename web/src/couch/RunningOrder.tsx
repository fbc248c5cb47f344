import { useEffect, useRef } from "react";
import type { ClinicalTest, Examination, Side } from "../api/types";
import { otherSide } from "../pieces/format";
import { Mark, outcomeWord } from "../pieces/Mark";
import { type Block, testOutcome } from "./order";

/** The tests by position of the patient, each with what both sides came to, the other side first. */
export function RunningOrder(props: {
  blocks: Block[];
  own: boolean;
  current: string | undefined;
  examination: Examination;
  involved: Side;
  onPlan: () => void;
  onChoose: (test: string) => void;
}) {
  const tests = props.blocks.flatMap((b) => b.tests);
  const left = tests.filter((t) => testOutcome(props.examination, t.id, props.involved) === "not-done");
  const minutes = Math.round(left.reduce((sum, t) => sum + t.minutes, 0));
  return (
    <nav
      aria-label="Running order"
      className="flex min-h-0 flex-col border-r-[1.5px] border-line max-md:order-last max-md:shrink-0"
    >
      <div className="min-h-0 flex-1 overflow-auto pb-2">
        {props.blocks.map((block) => (
          <div key={block.key}>
            <h2 className="mx-4 mt-3 mb-1 text-[14px] font-semibold text-soft">{block.name}</h2>
            {block.tests.map((t) => (
              <OrderRow
                key={t.id}
                test={t}
                current={t.id === props.current}
                examination={props.examination}
                involved={props.involved}
                onChoose={props.onChoose}
              />
            ))}
          </div>
        ))}
      </div>
      <div className="flex items-center gap-2 border-t-[1.5px] border-line py-1 pr-2 pl-4 text-[14px] text-soft">
        <span className="flex-1">
          {left.length} of {tests.length} left, about {minutes} min
          <span className="block">{props.own ? "Own order" : "Proposed order"}</span>
        </span>
        <button type="button" className="choice px-3" onClick={props.onPlan}>
          Change
        </button>
      </div>
    </nav>
  );
}

function OrderRow(props: {
  test: ClinicalTest;
  current: boolean;
  examination: Examination;
  involved: Side;
  onChoose: (test: string) => void;
}) {
  const { test, current, involved, examination } = props;
  const row = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // On a narrow screen the list stands below everything else and must not pull the page down to it.
    if (current && window.matchMedia("(min-width: 48rem)").matches) {
      row.current?.scrollIntoView({ block: "nearest" });
    }
  }, [current]);
  const other = otherSide(involved);
  const blocked = examination.blocked.find((b) => b.test === test.id);
  const left = examination.standing.left.find((l) => l.test === test.id);
  const outcomes = [other, involved].map((side) => testOutcome(examination, test.id, side));
  const note = blocked
    ? blocked.reason === undefined
      ? "blocked"
      : "blocked, going ahead"
    : left && (left.kind === "decided" ? "decided without it" : "provocative, little to gain");
  return (
    <button
      ref={row}
      type="button"
      aria-current={current ? "step" : undefined}
      data-left={left !== undefined && !blocked}
      className="order-row flex min-h-11 w-full scroll-my-24 items-center gap-2 px-4 py-1 text-left text-[16px] leading-tight hover:bg-card aria-[current=step]:mr-2 aria-[current=step]:rounded-r-md aria-[current=step]:bg-ink aria-[current=step]:text-on-dark"
      onClick={() => props.onChoose(test.id)}
    >
      <span className="flex-1">
        <span className="order-name" title={test.name}>
          {test.shortName}
        </span>
        {note && (
          <span
            data-stop={blocked !== undefined}
            className="block text-[14px] text-soft data-[stop=true]:text-stop in-aria-[current=step]:text-on-dark!"
          >
            {note}
          </span>
        )}
      </span>
      <span className="flex shrink-0 gap-1">
        <Mark
          outcome={outcomes[0] ?? "not-done"}
          label={`other side: ${outcomeWord(outcomes[0] ?? "not-done")}`}
        />
        <Mark
          outcome={outcomes[1] ?? "not-done"}
          label={`this side: ${outcomeWord(outcomes[1] ?? "not-done")}`}
        />
      </span>
    </button>
  );
}
