import type { DepartmentSettings } from "../api/types";

/** Tells a department that weighs otherwise of the way that the program has come to begin with. */
export function NewWay(props: { settings: DepartmentSettings; onKeep?: () => void }) {
  if (props.settings.schoolSeen || props.settings.school === "sober") {
    return null;
  }
  return (
    <aside
      aria-label="A new way to weigh"
      className="rounded-lg border-2 border-amber bg-card px-4 py-2 text-[16px]"
    >
      <b>New: candidates can be weighed soberly.</b> A figure is believed by as much as another clinic would
      find it again, and the answer lies half way between each candidate by itself and all of them together.
      New departments begin with it; yours keeps its own way until a lead chooses otherwise under Settings.
      {props.onKeep && (
        <button type="button" className="action mt-1.5 block" data-quiet="true" onClick={props.onKeep}>
          Keep our way, and do not say so again
        </button>
      )}
    </aside>
  );
}
