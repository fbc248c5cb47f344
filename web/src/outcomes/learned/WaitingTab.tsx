import { Link } from "react-router";
import { ErrorNote } from "../../pieces/ErrorNote";
import { capital } from "../../pieces/format";
import { useWaiting } from "./queries";

/** The cases that wait for an answer, the longest waited for first. */
export function WaitingTab() {
  const waiting = useWaiting();
  return (
    <>
      <ErrorNote error={waiting.error} />
      {waiting.data?.length === 0 && <p className="m-0">No case waits for an answer.</p>}
      <ul aria-label="Waiting for an answer" className="m-0 list-none p-0">
        {waiting.data?.map((w) => (
          <li key={`${w.code} ${w.reference} ${w.on}`} className="border-b border-line">
            <Link
              to={`/cases/${w.code}/outcome`}
              className="flex min-h-12 flex-wrap items-center gap-x-4 text-[17px]"
            >
              <b className="w-28 underline">{w.code}</b>
              <span className="min-w-0 flex-1">
                {capital(w.words)}
                {w.about && `: ${w.about}`}
              </span>
              <span className="text-soft">{w.complaint}</span>
              {w.late && <b className="text-amber">longer than usual</b>}
            </Link>
          </li>
        ))}
      </ul>
    </>
  );
}
