import { Tooltip } from "radix-ui";
import { useState } from "react";
import type { Figures } from "../api/types";
import { percent } from "../pieces/format";

/** What the figures mean for somebody like this one, as a sentence in whole people. */
export function peopleSentence(figures: Figures, pretest: number): string {
  const p = figures.people;
  const others = p.outOf - p.with;
  const of =
    p.positive === 0 ? "Nobody is positive" : `Of ${p.positive} positives, ${p.positiveWith} have it`;
  return (
    `Of ${p.outOf} like this one, before the test (${percent(pretest)}), ${p.with} have it. ` +
    `${p.positiveWith} of those and ${p.positiveWithout} of the ${others} others are positive. ${of}.`
  );
}

/** Sensitivity and specificity with what they mean for this pretest standing beside them, on hover, focus or tap. */
export function FiguresInPeople(props: { figures: Figures; pretest: number }) {
  const { figures: f } = props;
  return (
    <Tooltip.Provider delayDuration={0}>
      <p className="m-0">
        Weighed with{" "}
        <Figure
          name="sensitivity"
          value={f.sensitivity}
          low={f.sensitivityLow}
          high={f.sensitivityHigh}
          here={f.sober?.sensitivity}
          {...props}
        />
        {", "}
        <Figure
          name="specificity"
          value={f.specificity}
          low={f.specificityLow}
          high={f.specificityHigh}
          here={f.sober?.specificity}
          {...props}
        />
      </p>
    </Tooltip.Provider>
  );
}

function Figure(props: {
  name: string;
  value: number;
  low: number;
  high: number;
  /** What it is believed to be here, where that is not as printed. */
  here: number | undefined;
  figures: Figures;
  pretest: number;
}) {
  const [open, setOpen] = useState(false);
  return (
    <Tooltip.Root open={open} onOpenChange={setOpen}>
      <Tooltip.Trigger asChild>
        <button
          type="button"
          className="min-h-6 underline decoration-dotted"
          onClick={(e) => {
            e.preventDefault();
            setOpen(true);
          }}
        >
          {props.name} {props.value.toFixed(2)} ({props.low.toFixed(2)} to {props.high.toFixed(2)})
          {props.here !== undefined && `, here ${props.here.toFixed(2)}`}
        </button>
      </Tooltip.Trigger>
      <Tooltip.Portal>
        <Tooltip.Content
          sideOffset={4}
          collisionPadding={4}
          className="z-10 max-w-[min(420px,calc(100vw-8px))] rounded-md border-2 border-ink bg-paper px-3 py-2 text-[16px] leading-snug text-ink"
        >
          {peopleSentence(props.figures, props.pretest)}
        </Tooltip.Content>
      </Tooltip.Portal>
    </Tooltip.Root>
  );
}
