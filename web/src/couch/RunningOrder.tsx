import { useEffect, useRef } from "react";
import type { ClinicalTest, Examination, Side } from "../api/types";
import { Mark, outcomeWord } from "../pieces/Mark";
import { type Block, testOutcome } from "./order";

/** The tests by position of the patient, each with what both sides came to, the other side first. */
export function RunningOrder(props: {
  blocks: Block[];
  current: string | undefined;
  examination: Examination;
  involved: Side;
  everything: boolean;
  onEverything: (everything: boolean) => void;
  onChoose: (test: string) => void;
}) {
  const tests = props.blocks.flatMap((b) => b.tests);
  const left = tests.filter((t) => testOutcome(props.examination, t.id, props.involved) === "not-done");
  const minutes = Math.round(left.reduce((sum, t) => sum + t.minutes, 0));
  return (
    <nav
      aria-label="Running order"
      className="flex min-h-0 flex-col border-r-[1.5px] border-line max-md:max-h-60 max-md:shrink-0"
    >
      <div className="min-h-0 flex-1 overflow-auto pb-2">
        {props.blocks.map((block) => (
          <section key={block.position} aria-label={block.name}>
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
          </section>
        ))}
      </div>
      <div className="border-t-[1.5px] border-line px-4 py-1 text-[14px] text-soft">
        <label className="flex min-h-10 items-center gap-2">
          <input
            type="checkbox"
            className="h-5 w-5 accent-teal"
            checked={props.everything}
            onChange={(e) => props.onEverything(e.target.checked)}
          />
          Show tests without figures too
        </label>
        <span>
          Left to do: {left.length} of {tests.length}, about {minutes} minutes
        </span>
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
  const { test, current, involved } = props;
  const row = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (current) {
      row.current?.scrollIntoView({ block: "nearest" });
    }
  }, [current]);
  const other = involved === "left" ? "right" : "left";
  const blocked = props.examination.blocked.find((b) => b.test === test.id);
  const outcomes = [other, involved].map((side) => testOutcome(props.examination, test.id, side));
  return (
    <button
      ref={row}
      type="button"
      aria-current={current ? "step" : undefined}
      className="order-row flex min-h-11 w-full scroll-my-24 items-center gap-2 px-4 py-1 text-left text-[16px] leading-tight hover:bg-card aria-[current=step]:mr-2 aria-[current=step]:rounded-r-md aria-[current=step]:bg-ink aria-[current=step]:text-on-dark"
      onClick={() => props.onChoose(test.id)}
    >
      <span className="flex-1">
        {test.name}
        {blocked && (
          <span className="block text-[14px] text-stop in-aria-[current=step]:text-on-dark">
            {blocked.reason === undefined ? "blocked" : "blocked, going ahead"}
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
