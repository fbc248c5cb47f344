import { useEffect, useRef } from "react";
import type { ClinicalTest, Examination, Side } from "../../api/types";
import { otherSide } from "../../pieces/format";
import { Mark, outcomeWord } from "../../pieces/Mark";
import { testOutcome } from "./order";

/** One test of the order: its name, what speaks against doing it, and what both sides came to. */
export function OrderRow(props: {
  test: ClinicalTest;
  current: boolean;
  examination: Examination;
  involved: Side;
  onChoose: (test: string) => void;
}) {
  const { test, current, involved, examination } = props;
  const row = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (current) {
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
