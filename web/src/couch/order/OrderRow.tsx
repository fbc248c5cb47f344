import { memo, useEffect, useRef } from "react";
import type { ClinicalTest, Finding } from "../../api/types";
import { Mark, outcomeWord } from "../../pieces/Mark";

/** One test of the order: its name, what speaks against doing it, and what both sides came to. Drawn anew where one of them changes. */
export const OrderRow = memo(function OrderRow(props: {
  test: ClinicalTest;
  current: boolean;
  /** What speaks against it, in words; and whether it must not be done as things are, or can be left. */
  note: string | undefined;
  stops: boolean;
  left: boolean;
  other: Finding["outcome"];
  involved: Finding["outcome"];
  onChoose: (test: string) => void;
}) {
  const { test, current, note } = props;
  const row = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (current) {
      row.current?.scrollIntoView({ block: "nearest" });
    }
  }, [current]);
  return (
    <button
      ref={row}
      type="button"
      aria-current={current ? "step" : undefined}
      data-left={props.left}
      className="order-row flex min-h-11 w-full scroll-my-24 items-center gap-2 px-4 py-1 text-left text-[16px] leading-tight hover:bg-card aria-[current=step]:mr-2 aria-[current=step]:rounded-r-md aria-[current=step]:bg-ink aria-[current=step]:text-on-dark"
      onClick={() => props.onChoose(test.id)}
    >
      <span className="flex-1">
        <span className="order-name" title={test.name}>
          {test.shortName}
        </span>
        {note && (
          <span
            data-stop={props.stops}
            className="block text-[14px] text-soft data-[stop=true]:text-stop in-aria-[current=step]:text-on-dark!"
          >
            {note}
          </span>
        )}
      </span>
      <span className="flex shrink-0 gap-1">
        <Mark outcome={props.other} label={`other side: ${outcomeWord(props.other)}`} />
        <Mark outcome={props.involved} label={`this side: ${outcomeWord(props.involved)}`} />
      </span>
    </button>
  );
});
