import type { CaseImport } from "../api/types";

/** How far it is, and a way to stop. */
export function ImportProgress(props: { found: CaseImport; stopping: boolean; onStop: () => void }) {
  const { found } = props;
  const words = found.state === "looking" ? "Looked at" : "Brought in";
  return (
    <div className="flex flex-wrap items-center gap-4">
      <label className="flex flex-1 flex-col text-[16px]">
        {words} {found.done} of {found.of || "as yet uncounted"} cases
        <progress className="progress" value={found.done} max={found.of || 1} />
      </label>
      <button
        type="button"
        className="action"
        data-quiet="true"
        disabled={props.stopping}
        onClick={props.onStop}
      >
        Stop
      </button>
    </div>
  );
}
