import { type FormEvent, useId, useState } from "react";
import type { BlockedTest } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { FieldProblem } from "../pieces/FieldProblem";
import { midSentence } from "../pieces/format";

const SHORTEST = 10;

/** A test that must not be done as things are: why, and the written reason that going ahead takes. */
export function Blocked(props: {
  blocked: BlockedTest;
  onGoAhead: (reason: string, sure: boolean) => void;
  error: Error | null;
}) {
  const [reason, setReason] = useState("");
  const [problem, setProblem] = useState("");
  const id = useId();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (reason.trim().length < SHORTEST) {
      setProblem(`Give a reason of at least ${SHORTEST} letters.`);
      return;
    }
    setProblem("");
    props.onGoAhead(reason.trim(), false);
  };
  return (
    <section
      aria-label="Blocked"
      className="mt-3 flex flex-col gap-3 rounded-lg border-2 border-stop bg-card p-4"
    >
      <p className="m-0 text-[19px]">
        <b className="text-stop">Blocked:</b> {props.blocked.because.map(midSentence).join(", ")}. This test
        is not offered.
      </p>
      <form className="flex flex-col gap-2" onSubmit={submit}>
        <label htmlFor={id} className="text-[16px]">
          Going ahead takes a written reason, kept in the record
        </label>
        <textarea
          id={id}
          className="field resize-none"
          rows={3}
          maxLength={400}
          value={reason}
          aria-invalid={problem ? true : undefined}
          onChange={(e) => setReason(e.target.value)}
        />
        <FieldProblem words={problem} />

        <ErrorNote error={props.error} onKeep={() => props.onGoAhead(reason.trim(), true)} />
        <button type="submit" className="action self-start" data-quiet="true">
          Go ahead all the same
        </button>
      </form>
    </section>
  );
}
