import { useVisits } from "../../api/caseQueries";
import type { Series } from "../../api/types";
import { useCaseContext } from "../../frame/CaseFrame";
import { ErrorNote } from "../../pieces/ErrorNote";
import { SeriesChart } from "./SeriesChart";
import { StandingOverVisits } from "./StandingOverVisits";

/** What was measured and found, visit by visit. */
export function VisitsTab() {
  const { view } = useCaseContext();
  const visits = useVisits(view.code);
  if (!visits.data) {
    return <ErrorNote error={visits.error} />;
  }
  const { visits: all, series } = visits.data;
  const lines = [...new Set(series.map((s) => s.id))].map((id) => series.filter((s) => s.id === id));
  const isOverVisits = (line: Series[]) => line.some((s) => s.points.length > 1);
  const once = lines.filter((line) => !isOverVisits(line));
  if (all.length < 2) {
    return (
      <p className="text-[17px]">
        This is the first visit. Begin the next one from the menu in the bar: the same tests and measures come
        up in their order with nothing filled in, and this page sets the visits side by side.
      </p>
    );
  }
  return (
    <div className="flex flex-col gap-5">
      <StandingOverVisits visits={all} />
      <div className="grid grid-cols-[repeat(auto-fill,minmax(290px,1fr))] gap-4">
        {lines.filter(isOverVisits).map((line) => (
          <SeriesChart key={line[0]?.id} lines={line} visits={all} involved={view.intake.involvedSide} />
        ))}
      </div>
      {once.length > 0 && (
        <p className="m-0 text-[15px] text-soft">
          Measured at one visit only: {once.map((line) => line[0]?.name).join("; ")}.
        </p>
      )}
    </div>
  );
}
