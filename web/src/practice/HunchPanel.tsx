import { type ReactNode, useState } from "react";
import { Link } from "react-router";
import { DialogFrame } from "../pieces/DialogFrame";
import { ErrorNote } from "../pieces/ErrorNote";
import { percent } from "../pieces/format";
import { usePracticeContext } from "./context";
import { HunchForm } from "./HunchForm";
import { useDeed, useEnd, useHunch } from "./queries";

/** Beside the couch: the minutes, what one thinks before and at the end, and the program's own for whoever asks. */
export function HunchPanel(props: { upright: boolean; children: ReactNode }) {
  const { encounter } = usePracticeContext();
  const id = `${encounter.id}`;
  const hunch = useHunch(id);
  const end = useEnd(id);
  const deed = useDeed(id);
  const [ending, setEnding] = useState(false);
  const [before, setBefore] = useState(false);
  const open = encounter.own && !encounter.ended;
  const asked = open && encounter.before === undefined;
  const form = (atEnd: boolean) => (
    <HunchForm
      encounter={encounter}
      atEnd={atEnd}
      busy={hunch.isPending || end.isPending}
      error={hunch.error ?? end.error}
      onSay={(probabilities, plan) =>
        hunch.mutate(
          { atEnd, probabilities },
          { onSuccess: () => (atEnd ? end.mutate(plan) : setBefore(false)) },
        )
      }
    />
  );
  return (
    <section
      aria-label="Your hunches"
      className="flex min-h-0 flex-col gap-2 overflow-auto border-l-[1.5px] border-line bg-panel px-4 py-3 in-data-[upright=true]:max-h-[28dvh] in-data-[upright=true]:border-t-[1.5px] in-data-[upright=true]:border-l-0 in-data-[upright=true]:py-1"
    >
      <Minutes used={encounter.used} there={encounter.minutes} />
      {asked &&
        (props.upright ? (
          <button type="button" className="action" onClick={() => setBefore(true)}>
            How likely is each?
          </button>
        ) : (
          <>
            <h2 className="m-0 text-[18px] leading-tight font-bold">Before you touch: how likely is each?</h2>
            {form(false)}
          </>
        ))}
      {encounter.before && !props.upright && (
        <>
          <h2 className="m-0 text-[18px] font-bold">
            {encounter.atEnd ? "What you thought" : "What you think so far"}
          </h2>
          <ul className="m-0 list-none p-0 text-[15px]">
            {encounter.candidates.map((c) => (
              <li key={c.id} className="flex gap-2 leading-[1.5]">
                <span className="min-w-0 flex-1">{c.shortName}</span>
                <b>{percent(encounter.before?.[c.id] ?? c.rate)}</b>
                {encounter.atEnd && <b className="w-12 text-right">{percent(encounter.atEnd[c.id] ?? 0)}</b>}
              </li>
            ))}
          </ul>
        </>
      )}
      <ErrorNote error={deed.error} onDismiss={deed.reset} />
      {open && encounter.before && (
        <div className="flex flex-wrap gap-2">
          <button type="button" className="action flex-1" onClick={() => setEnding(true)}>
            End
          </button>
          {!encounter.peeked && encounter.station === undefined && (
            <button type="button" className="choice px-3" onClick={() => deed.mutate({ kind: "peeked" })}>
              Show the program's
            </button>
          )}
        </div>
      )}
      {encounter.ended && (
        <Link className="action flex items-center justify-center" to={`/practice/patients/${id}/debrief`}>
          Debrief
        </Link>
      )}
      {encounter.peeked && !encounter.ended && (
        <p className="m-0 text-[14px] text-soft">You asked for the program's own; that is noted.</p>
      )}
      {props.children}
      <DialogFrame open={ending} onOpenChange={setEnding} title="How likely is each now?" width={520}>
        {form(true)}
      </DialogFrame>
      <DialogFrame
        open={before && asked}
        onOpenChange={setBefore}
        title="Before you touch: how likely is each?"
        width={520}
      >
        {form(false)}
      </DialogFrame>
    </section>
  );
}

/** How much of the time is gone, in words and as a bar. */
function Minutes(props: { used: number; there: number }) {
  const over = props.used > props.there;
  return (
    <div className="flex flex-none flex-col gap-1 text-[15px]">
      <span>
        <b>{props.used.toFixed(1)}</b> of {props.there} minutes
        {over && <b className="text-amber"> Over time</b>}
      </span>
      <span aria-hidden="true" className="relative block h-2 rounded-full bg-line">
        <span
          data-over={over}
          className="absolute inset-y-0 left-0 rounded-full bg-teal data-[over=true]:bg-amber"
          style={{ width: `${Math.min(100, (100 * props.used) / props.there)}%` }}
        />
      </span>
    </div>
  );
}
