import { ErrorNote } from "../pieces/ErrorNote";
import { time } from "../pieces/format";
import { useOutbox, useSend } from "./queries";

/** The case as files, and on its way to the clinic's record system. */
export function Sending(props: { code: string }) {
  const { code } = props;
  const outbox = useOutbox(code);
  const send = useSend(code);
  const address = outbox.data?.address ?? "";
  return (
    <section aria-label="The case elsewhere" className="flex flex-col gap-1">
      <a className="underline" href={`/api/cases/${code}/fhir`} download>
        The case as a FHIR R4 document
      </a>
      <a className="underline" href={`/api/cases/${code}/file`} download>
        The case as Lexicor's own file
      </a>
      <a className="underline" href={`/api/cases/${code}/file?dates=false`} download>
        The same without dates
      </a>
      {address === "" ? (
        <span className="text-soft">No record system is set; a lead sets it under Settings.</span>
      ) : (
        <button
          type="button"
          className="action mt-1"
          data-quiet="true"
          disabled={send.isPending}
          onClick={() => send.mutate()}
        >
          Send to the record system
        </button>
      )}
      <ErrorNote error={outbox.error ?? send.error} onDismiss={send.error ? send.reset : undefined} />
      <div role="status">
        <ul className="m-0 list-none p-0 text-[14px]">
          {outbox.data?.sendings.slice(0, 4).map((s) => (
            <li key={s.id}>
              {s.state === "sent" && s.sentAt
                ? `Arrived ${time(s.sentAt)}`
                : s.state === "waiting"
                  ? s.tries === 0
                    ? `Waiting to be sent since ${time(s.madeAt)}.`
                    : `Waiting since ${time(s.madeAt)}, ${s.tries} ${s.tries === 1 ? "try" : "tries"}. ${s.error ?? ""}`
                  : `Refused. ${s.error ?? ""}`}
            </li>
          ))}
        </ul>
      </div>
    </section>
  );
}
