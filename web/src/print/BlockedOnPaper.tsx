import type { CaseView, Catalogue } from "../api/types";

/** The precautions of the case, and the written reasons for going ahead with a blocked test all the same. */
export function BlockedOnPaper(props: { view: CaseView; catalogue: Catalogue }) {
  const { view, catalogue } = props;
  const precautions = catalogue.precautions.filter((p) => view.intake.precautions.includes(p.id));
  if (precautions.length === 0) {
    return null;
  }
  const ahead = view.examination.blocked.filter((b) => b.reason !== undefined);
  return (
    <p className="my-1.5">
      <b>Precautions:</b> {precautions.map((p) => p.label).join(", ")}; {view.examination.blocked.length}{" "}
      tests blocked.
      {ahead.map((b) => (
        <span key={b.test}>
          {" "}
          {catalogue.tests.find((t) => t.id === b.test)?.name} was done all the same: {b.reason}
        </span>
      ))}
    </p>
  );
}
