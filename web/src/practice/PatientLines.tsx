import { Link } from "react-router";
import { time } from "../pieces/format";
import { settingName } from "../pieces/settings";
import type { PatientLine } from "./queries";

/** Simulated patients, the latest first: who came with what, and how near one was to the truth. */
export function PatientLines(props: { lines: PatientLine[] }) {
  return (
    <ul className="m-0 list-none p-0">
      {props.lines.map((p) => (
        <li key={p.id} className="flex flex-wrap items-baseline gap-x-3 border-t border-line py-1">
          <Link
            to={`/practice/patients/${p.id}${p.endedAt ? "/debrief" : ""}`}
            className="min-h-8 content-center underline"
          >
            {p.complaintName}
          </Link>
          <span className="text-[15px] text-soft">
            {settingName(p.setting)}, {time(p.startedAt)}
            {p.station !== undefined && ", station"}
          </span>
          {p.endedAt && (
            <span className="ml-auto text-[15px]">
              {p.there.length > 0 ? p.there.join(" and ") : "nothing of these"}
              {p.brier !== undefined && (
                <span className="text-soft">
                  {" "}
                  Brier {p.brier.toFixed(3)}, program {(p.programBrier ?? 0).toFixed(3)}
                </span>
              )}
            </span>
          )}
        </li>
      ))}
    </ul>
  );
}
