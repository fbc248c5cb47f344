import type { Catalogue, Intake } from "../api/types";
import { Toggles } from "../pieces/Toggles";

const ANSWERS = [
  { id: "yes", label: "Yes" },
  { id: "no", label: "No" },
];

/** The questions whose answers bear on this case's candidates: as findings, or as a prompt for the suspicion. */
export function History(props: {
  intake: Intake;
  catalogue: Catalogue;
  onAnswer: (answers: Record<string, boolean>) => void;
}) {
  const { intake, catalogue } = props;
  const candidates = new Set(intake.candidates.map((c) => c.condition));
  const regions = catalogue.complaints.find((c) => c.id === intake.complaint)?.regions ?? [];
  const regionOf = (id: string) => catalogue.conditions.find((c) => c.id === id)?.region ?? "";
  // Whether there was an injury decides which candidates there are, whatever the complaint is.
  const isInjuryHere = (h: Catalogue["history"][number]) =>
    h.injury && Object.keys(h.notches).some((c) => regions.includes(regionOf(c)));
  const items = catalogue.history.filter(
    (h) =>
      !h.fromAgeBand &&
      (isInjuryHere(h) ||
        h.informs.some((c) => candidates.has(c)) ||
        Object.keys(h.notches).some((c) => candidates.has(c))),
  );
  const answer = (id: string, value: string) => {
    const { [id]: _, ...others } = intake.answers;
    props.onAnswer(value ? { ...others, [id]: value === "yes" } : others);
  };
  if (items.length === 0) {
    return null;
  }
  return (
    <fieldset className="m-0 border-0 p-0">
      <legend className="mb-1 p-0">Patient reports</legend>
      {items.map((h) => (
        <div key={h.id} className="flex items-center gap-3 border-t border-line py-1">
          <span className="flex-1 text-[16px]">
            {h.ask}
            {intake.answers[h.id] && Object.keys(h.notches).length > 0 && (
              <span className="block text-[14px] text-amber">
                {suggestion(h.notches, catalogue, candidates)}
              </span>
            )}
          </span>
          <Toggles
            label={h.ask}
            hideLabel
            mayClear
            value={intake.answers[h.id] === undefined ? "" : intake.answers[h.id] ? "yes" : "no"}
            options={ANSWERS}
            onChange={(value) => answer(h.id, value)}
          />
        </div>
      ))}
    </fieldset>
  );
}

/** A prompt, never a weight: the examiner sets the notch. */
function suggestion(notches: Record<string, number>, catalogue: Catalogue, candidates: Set<string>): string {
  const parts = Object.entries(notches)
    .filter(([id]) => candidates.has(id))
    .map(([id, step]) => {
      const name = catalogue.conditions.find((c) => c.id === id)?.name ?? id;
      const words =
        step > 1
          ? "far more likely"
          : step > 0
            ? "more likely"
            : step < -1
              ? "far less likely"
              : "less likely";
      return `${name}: ${words}?`;
    });
  return parts.join(" ");
}
