import { useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useState } from "react";
import { signedInName, useQueue } from "../queue/useQueue";

const RefusedTaps = lazy(() => import("./RefusedTaps").then((m) => ({ default: m.RefusedTaps })));

/** What the server would not take stays here until somebody sends it again, or discards it one by one. */
export function RefusedNote() {
  const { state } = useQueue();
  const client = useQueryClient();
  const [open, setOpen] = useState(false);
  const me = signedInName(client);
  const refused = state.refused.filter((r) => r.act.by === undefined || r.act.by === me);
  if (refused.length === 0) {
    return null;
  }
  return (
    <>
      <button type="button" className="choice border-stop font-bold" onClick={() => setOpen(true)}>
        {refused.length === 1 ? "1 tap was" : `${refused.length} taps were`} refused
      </button>
      {open && (
        <Suspense>
          <RefusedTaps refused={refused} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
