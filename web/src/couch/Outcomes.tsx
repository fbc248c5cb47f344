import type { Changes, ClinicalTest, Finding, Side } from "../api/types";
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
  onUndo: () => void;
  onHistory: () => void;
  onConfirm: () => void;
  /** Says what nobody said and would count. */
  onAnswer: (at: string, changes: Changes) => void;
}) {
  const found = props.findings.filter((f) => f.test === props.test.id && f.side === props.side);
  const here = props.test.criteria
    .map((criterion) => {
      const f = found.find((x) => x.criterion === criterion.id);
      return { criterion, outcome: f?.outcome ?? "not-done", reason: f?.reason ?? "", ask: f?.ask };
    })
    .filter(({ criterion, outcome }) => criterion.at === props.at || outcome !== "not-done");
  const open = here.filter(({ outcome }) => outcome === "not-done");
  const confirmable = found.some((f) => f.reason.startsWith("negative, but"));
  return (
    <div className="sticky bottom-0 mt-auto max-md:static border-t-[1.5px] border-line bg-paper pt-0.5 pb-0.5">
      <ul aria-live="polite" className="m-0 list-none p-0">
        {here
          .filter(({ outcome }) => outcome !== "not-done")
          .map(({ criterion, outcome, reason, ask }) => (
            <li key={criterion.id} className="flex items-baseline gap-2.5 text-[16px] leading-[1.25]">
              <span className="self-center">
                <Mark outcome={outcome} />
              </span>
              <b className="w-[76px] shrink-0">{outcomeWord(outcome)}</b>
              <span>
                {criterion.label}
                <span className="text-soft">: {reason}</span>
                {ask && (
                  <fieldset
                    aria-label={ask.question}
                    className="m-0 ml-2 inline-flex flex-wrap items-baseline gap-x-2 border-0 p-0"
                  >
                    {ask.question}
                    {ask.answers.map((a) => (
                      <button
                        key={a.label}
                        type="button"
                        className="min-h-7 underline"
                        onClick={() => props.onAnswer(ask.at, a.changes as Changes)}
                      >
                        {a.label}
                      </button>
                    ))}
                  </fieldset>
                )}
              </span>
            </li>
          ))}
        {open.length > 0 && (
          <li className="flex items-baseline gap-2.5 text-[16px] leading-[1.25]">
            <span className="self-center">
              <Mark outcome="not-done" />
            </span>
            <b className="w-[76px] shrink-0">{outcomeWord("not-done")}</b>
            <span>{open.map(({ criterion }) => criterion.label).join("; ")}</span>
          </li>
        )}
      </ul>
      <p className="m-0 flex flex-wrap items-center gap-x-4 text-[14px] text-soft">
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
        <button type="button" className="min-h-8 underline" onClick={props.onHistory}>
          All taps
        </button>
        <span>? shows all keys</span>
      </p>
    </div>
  );
}
