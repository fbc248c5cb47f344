import type { DepartmentSettings } from "../api/types";
import { NumberForm } from "./NumberForm";

const MAX = 0.9;
const MAX_GENERAL = 0.5;

/** How much the results of two tests have in common, beyond what the condition explains. */
export function Overlaps(props: {
  settings: DepartmentSettings;
  onSave: (change: { familyOverlap: number; generalOverlap: number }) => void;
}) {
  const { settings } = props;
  return (
    <NumberForm
      heading="Overlap between findings"
      fields={[
        { key: "familyOverlap", label: "Within a family", value: settings.familyOverlap },
        { key: "generalOverlap", label: "Between any two findings", value: settings.generalOverlap },
      ]}
      button="Use these"
      problemsOf={({ familyOverlap, generalOverlap }) =>
        !(familyOverlap >= 0 && familyOverlap <= MAX)
          ? { familyOverlap: `Expected a number from 0 to ${MAX}` }
          : !(generalOverlap >= 0 && generalOverlap <= Math.min(familyOverlap, MAX_GENERAL))
            ? {
                generalOverlap: `Expected a number from 0 to the overlap within a family, at most ${MAX_GENERAL}`,
              }
            : {}
      }
      onSave={props.onSave}
    >
      Working assumptions: 0.45 within a family, 0.20 between any two findings. 0 takes all findings as
      independent witnesses; {MAX} and {MAX_GENERAL} are the most.
    </NumberForm>
  );
}
