import { useState } from "react";
import { useCaseContext } from "../frame/CaseFrame";
import { DialogFrame } from "../pieces/DialogFrame";
import { percent } from "../pieces/format";
import { listed } from "../pieces/ranked";
import { NARROW, useMedia } from "../pieces/useMedia";
import { shortCondition, shortTest } from "./names";
import { nextShown, suggested } from "./order/order";
import { StandingPanel, type StandingProps } from "./StandingPanel";

const SHOWN = 3;
/** On a telephone. */
const SHOWN_NARROW = 1;

/** Where there is no room for the whole standing: the three leading candidates, the next test, and the way to the rest. */
export function StandingStrip(props: StandingProps) {
  const { catalogue } = useCaseContext();
  const [open, setOpen] = useState(false);
  const narrow = useMedia(NARROW);
  const { weighed, found } = listed(props.standing.conditions);
  const next = nextShown(props.standing, props.asked);
  const to = suggested(props.standing, props.asked);
  return (
    <section
      aria-label="Standing"
      className="standing-strip flex flex-none flex-wrap items-center gap-x-5 gap-y-1 border-t-[1.5px] max-md:gap-x-2 border-line bg-panel px-4 py-1.5"
    >
      <ol className="m-0 flex min-w-0 flex-1 list-none flex-wrap gap-x-5 p-0">
        {weighed.slice(0, narrow ? SHOWN_NARROW : SHOWN).map((c) => (
          <li key={c.id} className="text-[15px] leading-tight">
            {shortCondition(catalogue, c.id, c.name)}
            <span className="block text-soft">
              {percent(c.pretest)} before, <b className="text-ink">{percent(c.posttest)}</b> now
            </span>
          </li>
        ))}
        {weighed.length === 0 && found[0] && (
          <li className="text-[15px]">
            {shortCondition(catalogue, found[0].id, found[0].name)}: {found[0].aimed.words}
          </li>
        )}
      </ol>
      {to && (
        <button type="button" className="action px-3" onClick={() => props.onGo(to)}>
          Next<span className="max-md:sr-only">: {shortTest(catalogue, to, next?.testName ?? to)}</span>
        </button>
      )}
      <button type="button" className="choice px-3" onClick={() => setOpen(true)}>
        {narrow ? "Standing" : "Whole standing"}
      </button>
      <DialogFrame open={open} onOpenChange={setOpen} title="Where the case stands" width={420}>
        <StandingPanel
          {...props}
          onGo={(test) => {
            setOpen(false);
            props.onGo(test);
          }}
        />
      </DialogFrame>
    </section>
  );
}
