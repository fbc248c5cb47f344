import { useState } from "react";
import { date } from "../pieces/date";
import { ErrorNote } from "../pieces/ErrorNote";
import { percent } from "../pieces/format";
import { HunchRail } from "../pieces/HunchRail";
import { type ConditionOutcome, type Outcome, useStateHunches } from "./queries";

/** Every candidate: what is known of it and by what, or else what somebody thinks before it is known. */
export function Conditions(props: { code: string; outcome: Outcome }) {
  const [stating, setStating] = useState(false);
  const open = props.outcome.conditions.filter((c) => !c.known && c.start !== undefined);
  return (
    <section aria-label="Conditions">
      <ul className="m-0 list-none p-0">
        {props.outcome.conditions.map((c) => (
          <li key={c.id} className="flex flex-wrap items-baseline gap-x-3 border-t border-line py-1.5">
            <span className="min-w-0 flex-1 text-[17px]">{c.name}</span>
            <Known of={c} />
            <Before of={c} />
          </li>
        ))}
      </ul>
      {open.length > 0 &&
        (stating ? (
          <HunchesOfCase code={props.code} open={open} onDone={() => setStating(false)} />
        ) : (
          <button type="button" className="choice mt-2 px-3" onClick={() => setStating(true)}>
            Say what you think, before it is known
          </button>
        ))}
    </section>
  );
}

function Known(props: { of: ConditionOutcome }) {
  const { known } = props.of;
  if (!known) {
    return <span className="text-[16px] text-soft">not known</span>;
  }
  return (
    <span className="text-[16px]">
      <b>{known.present ? "present" : "absent"}</b>, {known.referenceWords}
      {known.of > 1 && `, strongest of ${known.of}`}
    </span>
  );
}

/** What was thought at the last moment before, or what is thought now. */
function Before(props: { of: ConditionOutcome }) {
  const { known, foreseen, hunch } = props.of;
  const words = known
    ? foreseen
      ? `Before: started at ${percent(foreseen.pretest)}, the program said ${percent(foreseen.shown)}${
          foreseen.hunch === undefined ? "" : `, ${hunch?.by ?? "the examiner"} ${percent(foreseen.hunch)}`
        }`
      : `Known since ${date(known.since)}, before anything was examined: it says nothing of how well we foresee`
    : hunch
      ? `${hunch.by} said ${percent(hunch.stated)}`
      : "";
  return words && <span className="w-full text-[15px] text-soft">{words}</span>;
}

function HunchesOfCase(props: { code: string; open: ConditionOutcome[]; onDone: () => void }) {
  const state = useStateHunches(props.code);
  const from = (c: ConditionOutcome) => c.hunch?.stated ?? c.start ?? 0.5;
  const [said, setSaid] = useState<Record<string, number>>({});
  return (
    <form
      aria-label="What you think"
      className="mt-2 flex flex-col gap-1.5 rounded-lg border-[1.5px] border-line bg-card px-4 py-3"
      onSubmit={(e) => {
        e.preventDefault();
        state.mutate(said, { onSuccess: props.onDone });
      }}
    >
      <p className="m-0 text-[15px] text-soft">
        How likely is each, as you see it? Only what you move is kept. The black tick is where it starts.
      </p>
      {props.open.map((c) => (
        <HunchRail
          key={c.id}
          name={c.shortName}
          value={said[c.id] ?? from(c)}
          from={from(c)}
          fromWords={c.hunch ? "said before" : "usual"}
          onChange={(p) => setSaid({ ...said, [c.id]: p })}
        />
      ))}
      <ErrorNote error={state.error} />
      <div className="flex gap-3">
        <button type="submit" className="action" disabled={state.isPending || Object.keys(said).length === 0}>
          That is what I think
        </button>
        <button type="button" className="action" data-quiet="true" onClick={props.onDone}>
          Leave it
        </button>
      </div>
    </form>
  );
}
