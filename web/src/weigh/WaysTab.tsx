import type { BiasView, Weighed } from "../api/types";
import { HighBias } from "./HighBias";
import { Schools } from "./Schools";

/** The case by every way to weigh, the counts that are practised, and the risky studies taken in every way. */
export function WaysTab(props: {
  weighed: Weighed;
  onHighBias: (way: BiasView["ofCase"] | undefined) => void;
  error: Error | null;
}) {
  const { weighed } = props;
  return (
    <div className="flex flex-col gap-4">
      <Schools weighed={weighed} />
      {weighed.counts.length > 0 && (
        <section aria-label="Counts">
          <h3 className="m-0 text-[18px] font-bold">Counting</h3>
          {weighed.counts.map((c) => (
            <p key={c.name} className="m-0 text-[16px]">
              <b>{c.name}:</b> {c.positives} of {c.done} done positive ({c.members} in all); the department's
              line is {c.atLeast}, {c.reached ? "reached" : "not reached"}. No published accuracy, so it is
              never weighed for {c.condition}. <span className="text-soft">{c.note}</span>
            </p>
          ))}
        </section>
      )}
      <HighBias bias={weighed.bias} onChoose={props.onHighBias} error={props.error} />
    </div>
  );
}
