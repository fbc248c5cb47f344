import type { DepartmentSettings } from "../api/types";

/** Tells a department that weighs otherwise of the way that the program has come to begin with. */
export function NewWay(props: { settings: DepartmentSettings; onKeep?: () => void }) {
  if (props.settings.schoolSeen || props.settings.school === "differential") {
    return null;
  }
  return (
    <aside
      aria-label="A new way to weigh"
      className="rounded-lg border-2 border-amber bg-card px-4 py-2 text-[16px]"
    >
      <b>New: candidates can be weighed together,</b> so that they explain each other&rsquo;s findings. New
      departments begin with it; yours keeps its own way until a lead chooses otherwise under Settings.
      {props.onKeep && (
        <button type="button" className="action mt-1.5 block" data-quiet="true" onClick={props.onKeep}>
          Keep our way, and do not say so again
        </button>
      )}
    </aside>
  );
}
