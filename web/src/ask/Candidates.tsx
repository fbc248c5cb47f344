import type { CandidateChoice, Catalogue, Intake, Standing } from "../api/types";
import { CandidateRow } from "./CandidateRow";

/** The candidate diagnoses with where each begins, before anything is tested. */
export function Candidates(props: {
  intake: Intake;
  catalogue: Catalogue;
  standing: Standing;
  onChange: (candidates: CandidateChoice[]) => void;
}) {
  const { intake, catalogue, onChange } = props;
  const chosen = new Set(intake.candidates.map((c) => c.condition));
  const regions = catalogue.complaints.find((c) => c.id === intake.complaint)?.regions ?? [];
  const others = catalogue.conditions
    .filter((c) => !chosen.has(c.id))
    .sort((a, b) => Number(regions.includes(b.region)) - Number(regions.includes(a.region)));
  const setting = catalogue.settings.find((s) => s.id === intake.setting)?.label.toLowerCase() ?? "";
  return (
    <>
      <h2 className="m-0 text-[20px] font-bold">How suspicious are you, before testing?</h2>
      <p className="m-0 text-[15px] text-soft">
        Base rates are starting assumptions for a {setting}; steps multiply the odds by 0.2, 0.5, 1, 2 and 5,
        a bedside rule of thumb.
      </p>
      <div
        className="candidate-grid items-end border-b-2 border-ink text-[14px] text-soft"
        aria-hidden="true"
      >
        <span>Candidate, base rate</span>
        <span className="candidate-notches text-center leading-tight">
          {catalogue.suspicions.map((s) => (
            <span key={s.id}>{s.label}</span>
          ))}
        </span>
        <span className="text-right">Pretest</span>
        <span />
      </div>
      <ul className="m-0 list-none p-0">
        {intake.candidates.map((c) => (
          <CandidateRow
            key={c.condition}
            choice={c}
            intake={intake}
            catalogue={catalogue}
            standing={props.standing.conditions.find((s) => s.id === c.condition)}
            onChange={(changed) =>
              onChange(intake.candidates.map((o) => (o.condition === changed.condition ? changed : o)))
            }
            onRemove={() => onChange(intake.candidates.filter((o) => o.condition !== c.condition))}
          />
        ))}
      </ul>
      <label className="flex flex-wrap items-center gap-3 text-[16px]">
        Add a candidate
        <select
          className="field w-[420px]"
          value=""
          onChange={(e) =>
            onChange([...intake.candidates, { condition: e.target.value, suspicion: "as-usual" }])
          }
        >
          <option value="">choose</option>
          {others.map((c) => (
            <option key={c.id} value={c.id}>
              {c.name}
            </option>
          ))}
        </select>
      </label>
    </>
  );
}
