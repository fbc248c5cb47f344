import { useState } from "react";
import { CAUTION } from "../pieces/caution";
import { DialogFrame } from "../pieces/DialogFrame";
import { ErrorNote } from "../pieces/ErrorNote";
import { useDeletePractice } from "./queries";

/** All that one practised goes out as a file, and can be deleted. */
export function KeepPractice() {
  const [asking, setAsking] = useState(false);
  const remove = useDeletePractice();
  return (
    <section aria-label="What is kept" className="text-[15px] text-soft">
      <p className="m-0">
        {CAUTION} Nobody here is real, and nothing here is a case: practice counts in no figure and no
        outcome.
      </p>
      <p className="m-0 flex flex-wrap gap-x-4">
        <a href="/api/practice/file" download className="flex min-h-8 items-center underline">
          Take it out as a file
        </a>
        <button type="button" className="min-h-8 underline" onClick={() => setAsking(true)}>
          Delete all of it
        </button>
      </p>
      <DialogFrame open={asking} onOpenChange={setAsking} title="Delete all of your practice?" width={480}>
        <p className="mt-0">
          Every patient, what you did with it and your hunches go for good. Nobody can bring them back.
        </p>
        <ErrorNote error={remove.error} />
        <div className="flex gap-3">
          <button
            type="button"
            className="action"
            onClick={() => remove.mutate("all", { onSuccess: () => setAsking(false) })}
          >
            Delete it
          </button>
          <button type="button" className="choice px-4" onClick={() => setAsking(false)}>
            Keep it
          </button>
        </div>
      </DialogFrame>
    </section>
  );
}
