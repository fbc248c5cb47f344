import type { Catalogue, ConditionStanding, Weighed } from "../api/types";
import { percent } from "../pieces/format";
import { verdictWords } from "../pieces/Rail";
import { HighBias } from "./HighBias";
import { Ledger } from "./Ledger";
import { NotWeighed } from "./NotWeighed";
import { Schools } from "./Schools";

/** Why the chosen candidate stands where it stands. */
export function Reasons(props: {
  condition: ConditionStanding;
  weighed: Weighed;
  catalogue: Catalogue;
  onHighBias: (way: string | undefined) => void;
  error: Error | null;
}) {
  const { condition, weighed } = props;
  const rows = weighed.ledgers[condition.id] ?? [];
  const onward = props.catalogue.conditions.find((c) => c.id === condition.id)?.onward;
  return (
    <section
      aria-label={`Reasons for ${condition.name}`}
      className="flex min-h-0 flex-col gap-3 overflow-auto px-5 py-3"
    >
      <div>
        <h2 className="m-0 text-[27px] leading-tight font-bold">{condition.name}</h2>
        <p className="m-0 text-[17px]">
          Began at {percent(condition.pretest)}, now <b>{percent(condition.posttest)}</b>{" "}
          <span className="text-soft">
            (95&#8239;%: {percent(condition.low)} to {percent(condition.high)}; in a new clinic{" "}
            {percent(condition.lowNewClinic)} to {percent(condition.highNewClinic)})
          </span>
        </p>
        <p className="m-0 text-[16px] text-soft">
          {sentenceStart(verdictWords(condition))}. First of all candidates in{" "}
          {percent(condition.probabilityFirst)} of draws.
          {condition.verdict === "act" && onward
            ? ` Usual next step, subject to local pathway: ${onward}.`
            : ""}
        </p>
      </div>
      <Ledger rows={rows.filter((r) => r.status === "counted")} />
      <NotWeighed rows={rows.filter((r) => r.status !== "counted")} />
      <Schools weighed={weighed} />
      <HighBias bias={weighed.bias} onChoose={props.onHighBias} error={props.error} />
    </section>
  );
}

function sentenceStart(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
