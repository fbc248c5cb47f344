import type { ReactNode } from "react";
import type { ClinicalTest, Finding, Side } from "../api/types";
import { Mark, outcomeWord } from "../pieces/Mark";

/** What each criterion makes of the readings, with the reason, as they are recorded. */
export function Outcomes(props: {
  test: ClinicalTest;
  /** The place in sight; what other places came to is shown as soon as they have an outcome. */
  at: string;
  findings: Finding[];
  side: Side;
  canUndo: boolean;
  saving: boolean;
  history: ReactNode;
  onUndo: () => void;
  onConfirm: () => void;
}) {
  const found = props.findings.filter((f) => f.test === props.test.id && f.side === props.side);
  const confirmable = found.some((f) => f.reason.startsWith("negative, but"));
  return (
    <div className="sticky bottom-0 mt-auto max-md:static border-t-[1.5px] border-line bg-paper pt-2 pb-2.5">
      <ul aria-live="polite" className="m-0 list-none p-0">
        {props.test.criteria.map((criterion) => {
          const f = found.find((x) => x.criterion === criterion.id);
          const outcome = f?.outcome ?? "not-done";
          if (criterion.at !== props.at && outcome === "not-done") {
            return null;
          }
          return (
            <li key={criterion.id} className="flex items-baseline gap-2.5 text-[17px] leading-snug">
              <span className="self-center">
                <Mark outcome={outcome} />
              </span>
              <b className="w-[82px] shrink-0">{outcomeWord(outcome)}</b>
              <span>
                {criterion.label}
                {f && f.outcome !== "not-done" && <span className="text-soft">: {f.reason}</span>}
              </span>
            </li>
          );
        })}
      </ul>
      <p className="m-0 mt-0.5 flex flex-wrap items-center gap-x-4 text-[14px] text-soft">
        <span aria-live="polite">{props.saving ? "Saving" : "Saved"}</span>
        <button
          type="button"
          className="min-h-8 underline disabled:opacity-60"
          disabled={!props.canUndo}
          onClick={props.onUndo}
        >
          Take the last tap back (Z)
        </button>
        {confirmable && (
          <button type="button" className="min-h-8 underline" onClick={props.onConfirm}>
            Count it as negative all the same
          </button>
        )}
        {props.history}
        <span>? shows all keys</span>
      </p>
    </div>
  );
}
