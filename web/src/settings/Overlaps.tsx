import { type FormEvent, useState } from "react";
import type { DepartmentSettings } from "../api/types";

const MAX = 0.9;
const MAX_GENERAL = 0.5;

/** How much the results of two tests have in common, beyond what the condition explains. */
export function Overlaps(props: {
  settings: DepartmentSettings;
  onSave: (change: { familyOverlap: number; generalOverlap: number }) => void;
}) {
  const [family, setFamily] = useState(String(props.settings.familyOverlap));
  const [general, setGeneral] = useState(String(props.settings.generalOverlap));
  const [problem, setProblem] = useState("");
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const familyOverlap = Number(family.replace(",", "."));
    const generalOverlap = Number(general.replace(",", "."));
    if (!(familyOverlap >= 0 && familyOverlap <= MAX)) {
      setProblem(`Within a family: expected a number from 0 to ${MAX}.`);
    } else if (!(generalOverlap >= 0 && generalOverlap <= Math.min(familyOverlap, MAX_GENERAL))) {
      setProblem(
        `Between any two findings: expected a number from 0 to the overlap within a family, at most ${MAX_GENERAL}.`,
      );
    } else {
      setProblem("");
      props.onSave({ familyOverlap, generalOverlap });
    }
  };
  return (
    <form className="flex flex-col gap-2" onSubmit={submit}>
      <h2 className="m-0 text-[17px] font-normal">Overlap between findings</h2>
      <div className="flex flex-wrap items-end gap-4">
        <label className="flex flex-col text-[16px]">
          Within a family
          <input
            className="field w-28"
            inputMode="decimal"
            value={family}
            onChange={(e) => setFamily(e.target.value)}
          />
        </label>
        <label className="flex flex-col text-[16px]">
          Between any two findings
          <input
            className="field w-28"
            inputMode="decimal"
            value={general}
            onChange={(e) => setGeneral(e.target.value)}
          />
        </label>
        <button type="submit" className="action">
          Use these
        </button>
      </div>
      {problem && (
        <p role="alert" className="m-0 text-[16px] text-stop">
          {problem}
        </p>
      )}
      <p className="m-0 text-[16px] text-soft">
        Working assumptions: 0.45 within a family, 0.20 between any two findings. 0 takes all findings as
        independent witnesses; {MAX} and {MAX_GENERAL} are the most.
      </p>
    </form>
  );
}
