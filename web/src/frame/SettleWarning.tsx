import { useState } from "react";
import { useSettleWarning } from "../api/caseQueries";
import type { RaisedWarning } from "../api/types";
import { ReasonDialog } from "../pieces/ReasonDialog";

/** Says of a warning sign that it is so, or that it was seen and excluded, and why; or takes that back. */
export function SettleWarning(props: { code: string; warning: RaisedWarning }) {
  const { code, warning } = props;
  const settle = useSettleWarning(code);
  const [excluding, setExcluding] = useState(false);
  const said = (state: "confirmed" | "open") => settle.mutate({ warning: warning.id, state });
  if (warning.settled) {
    return (
      <button
        type="button"
        className="min-h-8 font-normal underline"
        aria-label={`${warning.name}: take back what was said`}
        disabled={settle.isPending}
        onClick={() => said("open")}
      >
        Take it back
      </button>
    );
  }
  return (
    <span className="flex flex-wrap gap-x-3 font-normal">
      <button
        type="button"
        className="min-h-8 underline"
        aria-label={`${warning.name}: confirm`}
        disabled={settle.isPending}
        onClick={() => said("confirmed")}
      >
        Confirm
      </button>
      <button
        type="button"
        className="min-h-8 underline"
        aria-label={`${warning.name}: seen and excluded`}
        onClick={() => setExcluding(true)}
      >
        Seen and excluded
      </button>
      <ReasonDialog
        title={`${warning.name}: seen and excluded`}
        words="It stops nothing from then on. It stays in sight, with the reason, and comes back by itself where something else raises it."
        field="reason"
        done="Exclude it"
        open={excluding}
        error={settle.error}
        busy={settle.isPending}
        onClose={() => {
          setExcluding(false);
          settle.reset();
        }}
        onReason={(reason, sure) =>
          settle.mutate(
            { warning: warning.id, state: "excluded", reason, sure },
            { onSuccess: () => setExcluding(false) },
          )
        }
      />
    </span>
  );
}
