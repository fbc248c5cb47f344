import { lazy, Suspense, useState } from "react";
import { useCatalogue } from "../api/queries";

const load = () => import("./NewCaseDialog").then((m) => ({ default: m.NewCaseDialog }));
const NewCaseDialog = lazy(load);

/** The way to a new case. What is asked for it comes once somebody reaches for it. */
export function NewCase() {
  // There before it is asked for, so that the dialog has its complaints at once.
  useCatalogue();
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="action"
        onPointerEnter={load}
        onFocus={load}
        onClick={() => setOpen(true)}
      >
        New case
      </button>
      {open && (
        <Suspense>
          <NewCaseDialog onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
