import type { Dial, Leaves, Side } from "../../api/types";
import { sideName } from "../../pieces/format";
import { NumberField } from "./NumberField";

/** How many quick values fit beside the number. */
const QUICK = 4;
/** And how many beside those of both sides. */
const QUICK_BESIDE = 2;

/** A measured number of both sides: typed, with quick values of the affected side; with steps where one side is shown. */
export function DialCard(props: {
  dial: Dial;
  /** Only typed, where a drawing beside it takes the rest. */
  plain: boolean;
  /** The affected side is the last. */
  sides: Side[];
  side: Side;
  leaves: Record<Side, Leaves>;
  onChange: (side: Side, value: number | null) => void;
}) {
  const { dial, sides } = props;
  const unit = dial.unit === "degrees" ? "\u00b0" : dial.unit;
  const several = sides.length > 1;
  return (
    <div
      data-plain={props.plain}
      data-several={several}
      className="rounded-md data-[several=true]:[&_.choice]:min-h-10 data-[several=true]:[&_input]:min-h-10 border-[1.5px] border-line bg-card p-1 text-ink data-[plain=true]:flex data-[plain=true]:items-center data-[plain=true]:border-0 data-[plain=true]:bg-transparent data-[plain=true]:p-0 data-[plain=true]:[&_input]:min-h-10 data-[plain=true]:[&_input]:py-1"
    >
      <div className="max-w-[216px] min-w-[92px] px-1 text-[15px] leading-tight">
        {dial.label} <span className="text-soft">{unit}</span>
      </div>
      <div className="flex flex-wrap items-center gap-1">
        {sides.map((side, i) => (
          <NumberField
            key={side}
            dial={dial}
            sideName={sideName(side)}
            short={several ? sideName(side).slice(0, 1) : ""}
            hasKeys={side === props.side}
            value={props.leaves[side][dial.leaf] as number | undefined}
            quick={
              i === sides.length - 1 && !props.plain
                ? dial.quick.slice(0, several ? QUICK_BESIDE : QUICK).sort((a, b) => a - b)
                : []
            }
            steps={!several && !props.plain}
            onChange={(value) => props.onChange(side, value)}
          />
        ))}
      </div>
    </div>
  );
}
