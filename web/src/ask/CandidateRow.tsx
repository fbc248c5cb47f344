import { RadioGroup } from "radix-ui";
import type { CandidateChoice, Catalogue, Intake, Standing } from "../api/types";
import { percent } from "../pieces/format";
import { Rail } from "../pieces/Rail";
import { BaseRate } from "./BaseRate";
import { Steps } from "./Steps";

/** What is less is rounding, and nothing has moved it. */
const MOVED = 1e-9;

/** One candidate on five notches; the middle one is the base rate as it is. Where it stands once something has moved it. */
export function CandidateRow(props: {
  choice: CandidateChoice;
  intake: Intake;
  catalogue: Catalogue;
  /** Where it stands; nothing where it is a candidate after an injury only. */
  standing: Standing["conditions"][number] | undefined;
  onChange: (choice: CandidateChoice) => void;
  onRemove: () => void;
}) {
  const { choice, catalogue, standing } = props;
  const condition = catalogue.conditions.find((c) => c.id === choice.condition);
  if (!condition) {
    return null;
  }
  const rates = ratesOf(catalogue, props.intake, choice.condition) ?? condition.baseRates;
  const usual = rates[props.intake.setting] ?? 0;
  return (
    <li className="candidate-grid items-center border-b border-line py-1">
      <span className="text-[17px] leading-tight">{condition.name}</span>
      <RadioGroup.Root
        aria-label={`Suspicion of ${condition.name}`}
        className="candidate-notches"
        value={choice.suspicion}
        onValueChange={(id) => {
          const suspicion = catalogue.suspicions.find((s) => s.id === id)?.id ?? choice.suspicion;
          props.onChange({ ...choice, suspicion });
        }}
      >
        {catalogue.suspicions.map((s) => (
          <RadioGroup.Item
            key={s.id}
            value={s.id}
            aria-label={s.label}
            className="group relative flex h-12 items-center justify-center before:absolute before:inset-x-0 before:top-1/2 before:h-[2px] before:bg-edge first:before:left-1/2 last:before:right-1/2"
          >
            <span className="relative h-4 w-[5px] rounded bg-edge group-data-[state=checked]:h-[18px] group-data-[state=checked]:w-[18px] group-data-[state=checked]:rotate-45 group-data-[state=checked]:rounded-none group-data-[state=checked]:bg-teal" />
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      <span className="text-right text-[19px] font-bold">
        {standing === undefined ? (
          <span className="text-[14px] font-normal text-soft">
            {condition.traumaOnly ? "after an injury only" : ""}
          </span>
        ) : (
          percent(standing.pretest)
        )}
      </span>
      <button
        type="button"
        className="min-h-12 min-w-12 rounded text-soft"
        aria-label={`Remove ${condition.name}`}
        onClick={props.onRemove}
      >
        <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
          <path d="M3 3l10 10M13 3L3 13" stroke="currentColor" strokeWidth="2" />
        </svg>
      </button>
      <div className="col-span-full flex flex-wrap items-baseline text-[14px] text-soft">
        <BaseRate
          name={condition.name}
          usual={usual}
          own={choice.baseRate}
          onChange={(baseRate) => props.onChange({ ...choice, baseRate })}
        />
        {standing && (
          <Steps
            start={standing.start}
            pretest={standing.pretest}
            intake={props.intake}
            ages={catalogue.ageBands}
          />
        )}
      </div>
      {standing && Math.abs(standing.posttest - standing.pretest) > MOVED && (
        <div className="col-span-full flex flex-wrap items-center gap-x-3 text-[15px]">
          <span className="min-w-0 flex-1">
            <Rail values={standing} width={520} />
          </span>
          <span>
            now <b>{percent(standing.posttest)}</b>
          </span>
        </div>
      )}
    </li>
  );
}

/** The base rates of the first of the patient's complaints that has the condition as a candidate; a complaint need not have any. */
function ratesOf(catalogue: Catalogue, intake: Intake, condition: string) {
  const complaints = [intake.complaint, intake.alsoComplaint].flatMap(
    (id) => catalogue.complaints.find((c) => c.id === id) ?? [],
  );
  const from = complaints.find((c) => c.candidates.includes(condition)) ?? complaints[0];
  return from?.baseRates[condition];
}
