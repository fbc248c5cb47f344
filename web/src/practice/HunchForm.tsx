import { useState } from "react";
import { ErrorNote } from "../pieces/ErrorNote";
import { HunchRail } from "../pieces/HunchRail";
import type { Encounter } from "./queries";

type Probabilities = Record<string, number>;

/** How likely somebody thinks each candidate is, before the first test or at the end, when it also says what comes next. */
export function HunchForm(props: {
  encounter: Encounter;
  atEnd: boolean;
  error: Error | null;
  busy: boolean;
  onSay: (probabilities: Probabilities, plan: string | undefined) => void;
}) {
  const { encounter, atEnd } = props;
  const start = (id: string, rate: number) => (atEnd ? (encounter.before?.[id] ?? rate) : rate);
  const [said, setSaid] = useState<Probabilities>(() =>
    Object.fromEntries(encounter.candidates.map((c) => [c.id, start(c.id, c.rate)])),
  );
  const [plan, setPlan] = useState<string>("");
  const [planned, setPlanned] = useState(false);
  return (
    <form
      className="flex flex-col gap-1.5"
      onSubmit={(e) => {
        e.preventDefault();
        props.onSay(said, planned ? plan : undefined);
      }}
    >
      <p className="m-0 text-[14px] leading-tight text-soft">
        From 1 to 99 %, half way is 50 %. The black tick:{" "}
        {atEnd ? "what you said before" : "what is usual here"}.
      </p>
      {encounter.candidates.map((c) => (
        <HunchRail
          key={c.id}
          name={c.shortName}
          value={said[c.id] ?? c.rate}
          from={start(c.id, c.rate)}
          fromWords={atEnd ? "before" : "usual"}
          onChange={(p) => setSaid({ ...said, [c.id]: p })}
        />
      ))}
      {atEnd && (
        <label className="flex flex-col gap-1 text-[15px]">
          What comes next?
          <select
            className="field min-h-11 w-full px-2 text-[16px]"
            value={planned ? plan : "unsaid"}
            onChange={(e) => {
              setPlanned(e.target.value !== "unsaid");
              setPlan(e.target.value === "unsaid" ? "" : e.target.value);
            }}
          >
            <option value="unsaid">Not said</option>
            <option value="">Nothing of these; see again</option>
            {encounter.candidates.map((c) => (
              <option key={c.id} value={c.id}>
                {c.shortName}: {c.onward}
              </option>
            ))}
          </select>
        </label>
      )}
      <ErrorNote error={props.error} />
      <button type="submit" className="action min-h-12" disabled={props.busy}>
        {atEnd ? "End, and hear the truth" : "That is what I think"}
      </button>
    </form>
  );
}
