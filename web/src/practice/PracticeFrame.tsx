import { NavLink, useParams } from "react-router";
import { BAR_WAY } from "../frame/bar";
import { PatientFrame } from "../frame/CaseFrame";
import { Answer } from "./Answer";
import { HunchPanel } from "./HunchPanel";
import { useEncounter } from "./queries";

const PRACTICE = { Answer, Panel: HunchPanel };

/** A simulated patient: met, examined on the couch, and talked over. */
export function PracticeFrame() {
  const { id = "" } = useParams();
  const { data: encounter, error } = useEncounter(id);
  const ways = [
    ["/practice", "Practice"],
    [`/practice/patients/${id}`, "Meet"],
    [`/practice/patients/${id}/couch`, "Couch"],
    ...(encounter?.ended ? [[`/practice/patients/${id}/debrief`, "Debrief"] as const] : []),
  ] as const;
  return (
    <PatientFrame
      code={`~${id}`}
      unopened="This patient could not be opened"
      besides={encounter && { encounter, practice: { ...PRACTICE, over: !encounter.own || encounter.ended } }}
      error={error}
      steps={
        <nav aria-label="Steps of the practice" className="flex flex-wrap">
          {ways.map(([to, name]) => (
            <NavLink key={to} to={to} end className={BAR_WAY}>
              {name}
            </NavLink>
          ))}
        </nav>
      }
      about={() => (
        <>
          <span className="flex-none whitespace-nowrap rounded border-[1.5px] border-dashed border-ink px-2 py-0.5">
            Simulated
          </span>
          {encounter && (
            <span className="min-w-0 leading-tight max-md:hidden">
              {encounter.complaintName}, {encounter.person.involved} side
              {!encounter.own && ` (${encounter.owner})`}
            </span>
          )}
        </>
      )}
    />
  );
}
