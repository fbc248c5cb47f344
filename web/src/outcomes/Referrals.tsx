import { useState } from "react";
import { ErrorNote } from "../pieces/ErrorNote";
import { capital } from "../pieces/format";
import { problemAt } from "../pieces/problems";
import { ReasonDialog } from "../pieces/ReasonDialog";
import { type Outcome, type Reference, today, useGiveUp, useRefer } from "./queries";
import { ReferenceDay } from "./ReferenceDay";

/** What is waited for; what came by the same reference ends the waiting. */
export function Referrals(props: { code: string; outcome: Outcome }) {
  const { referrals } = props.outcome;
  const refer = useRefer(props.code);
  const giveUp = useGiveUp(props.code);
  const [reference, setReference] = useState<Reference | "">("");
  const [on, setOn] = useState(today());
  const [ending, setEnding] = useState<number>();
  const refused = (field: string) => problemAt(refer.error, field);
  return (
    <section aria-label="Waiting for an answer">
      <h2 className="m-0 text-[19px] font-bold">Waiting for an answer</h2>
      <ul className="m-0 list-none p-0 text-[16px]">
        {referrals.map((r) => (
          <li key={r.id} className="flex flex-wrap items-center gap-x-3 border-t border-line py-1">
            <span className={r.waiting ? "" : "text-soft"}>
              {capital(r.words)}
              {r.about && `: ${r.about}`}
            </span>
            {r.waiting ? (
              <button
                type="button"
                className="choice ml-auto min-h-9 px-2 py-0"
                onClick={() => setEnding(r.id)}
              >
                No answer will come
              </button>
            ) : (
              <span className="ml-auto text-soft">{r.note === undefined ? r.why : "answered"}</span>
            )}
          </li>
        ))}
      </ul>
      <form
        aria-label="Wait for an answer"
        className="mt-1 flex flex-col gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          refer.mutate(
            { reference: reference as Reference, on, about: "" },
            { onSuccess: () => setReference("") },
          );
        }}
      >
        <ReferenceDay
          reference={reference}
          on={on}
          refused={refused}
          onReference={setReference}
          onDay={setOn}
        />
        <ErrorNote error={refer.error} />
        <button
          type="submit"
          className="choice self-start px-3"
          disabled={refer.isPending || reference === ""}
        >
          Referred; wait for the answer
        </button>
      </form>
      {ending !== undefined && (
        <ReasonDialog
          title="No answer will come"
          words="The case no longer waits. What is not known stays not known."
          done="Stop waiting"
          open
          error={giveUp.error}
          busy={giveUp.isPending}
          onClose={() => {
            giveUp.reset();
            setEnding(undefined);
          }}
          onReason={(why, sure) =>
            giveUp.mutate({ id: ending, why, sure }, { onSuccess: () => setEnding(undefined) })
          }
        />
      )}
    </section>
  );
}
