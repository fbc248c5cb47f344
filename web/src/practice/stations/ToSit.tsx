import { Link } from "react-router";
import { ErrorNote } from "../../pieces/ErrorNote";
import { type StationToSit, useSit } from "./queries";

/** The stations that wait for somebody. */
export function ToSit(props: { stations: StationToSit[] }) {
  const sit = useSit();
  return (
    <>
      <ErrorNote error={sit.error} onDismiss={sit.reset} />
      <ul className="m-0 list-none p-0">
        {props.stations.map((s) => (
          <li key={s.id} className="flex flex-wrap items-center gap-x-3 border-t border-line py-1.5">
            <b>{s.name}</b>
            <span className="text-[15px] text-soft">
              {s.complaintName}, {s.minutes} minutes, {s.once ? "once" : "as often as you like"}
              {s.sat > 0 && `; sat ${s.sat === 1 ? "once" : `${s.sat} times`}`}
            </span>
            <span className="ml-auto flex gap-3">
              {s.sat > 0 && (
                <Link to={`/practice/results/${s.id}`} className="content-center underline">
                  Points
                </Link>
              )}
              {(s.mayBegin || (s.patient !== undefined && !s.ended)) && (
                <button
                  type="button"
                  className="action"
                  aria-label={`${s.mayBegin ? "Sit" : "Go on with"} ${s.name}`}
                  disabled={sit.isPending}
                  onClick={() => sit.mutate(s.id)}
                >
                  {s.mayBegin ? "Sit" : "Go on"}
                </button>
              )}
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
