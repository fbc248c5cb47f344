import { useState } from "react";
import { Link } from "react-router";
import { ErrorNote } from "../pieces/ErrorNote";
import { type Outcome, useAskSecond } from "./queries";

/** Somebody else examines the same patient, blind; from pairs like that one sees how far two agree. */
export function SecondExamination(props: { code: string; outcome: Outcome }) {
  const { second, colleagues } = props.outcome;
  const ask = useAskSecond(props.code);
  const [examiner, setExaminer] = useState("");
  return (
    <section aria-label="Second examination">
      <h2 className="m-0 text-[19px] font-bold">Second examination</h2>
      {second && (
        <p className="m-0 text-[16px]">
          {second.done
            ? `${second.examiner} has examined this patient as well. `
            : `${second.examiner} is asked to examine this patient as well, blind. `}
          {second.code && (
            <Link to={`/cases/${second.code}/couch`} className="underline">
              {second.code}
            </Link>
          )}
        </p>
      )}
      {(!second || second.done) && (
        <form
          className="flex flex-wrap items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            ask.mutate(examiner, { onSuccess: () => setExaminer("") });
          }}
        >
          <label className="flex flex-1 flex-col text-[16px]">
            Have somebody else examine, blind to yours
            <select className="field min-h-11" value={examiner} onChange={(e) => setExaminer(e.target.value)}>
              <option value="">Choose</option>
              {colleagues.map((c) => (
                <option key={c} value={c}>
                  {c}
                </option>
              ))}
            </select>
          </label>
          <button type="submit" className="choice px-3" disabled={examiner === "" || ask.isPending}>
            Ask
          </button>
        </form>
      )}
      <p className="m-0 text-[15px] text-soft">
        They get a case of their own with the same history, precautions and warning signs, and see nothing of
        yours, nor you of theirs, until it is closed.
      </p>
      <ErrorNote error={ask.error} />
    </section>
  );
}
