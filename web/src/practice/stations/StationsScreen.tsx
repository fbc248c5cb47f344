import { useState } from "react";
import { Link } from "react-router";
import { TopBar } from "../../frame/TopBar";
import { ErrorNote } from "../../pieces/ErrorNote";
import { PageHeading } from "../../pieces/PageHeading";
import { settingName } from "../../pieces/settings";
import { type Station, useDeleteStation, useStations } from "./queries";
import { Rounds } from "./Rounds";
import { StationDialog } from "./StationDialog";
import { ToSit } from "./ToSit";

/** Stations: those one sits, and for a lead those that were composed. */
export function StationsScreen() {
  const stations = useStations();
  const remove = useDeleteStation();
  const [editing, setEditing] = useState<Station | "new">();
  const all = stations.data;
  return (
    <>
      <TopBar />
      <main className="mx-auto max-w-[1100px] px-5 py-5">
        <div className="flex flex-wrap items-baseline gap-4">
          <PageHeading title="Stations" className="m-0 text-[28px] leading-tight font-bold" />
          <Link to="/practice" className="underline">
            Back
          </Link>
          {all && all.students.length > 0 && (
            <button type="button" className="action ml-auto" onClick={() => setEditing("new")}>
              Compose a station
            </button>
          )}
        </div>
        <ErrorNote error={stations.error ?? remove.error} />
        {all && all.toSit.length > 0 && (
          <section aria-label="To sit" className="mt-4">
            <h2 className="m-0 text-[20px] font-bold">To sit</h2>
            <ToSit stations={all.toSit} />
          </section>
        )}
        {all && all.made.length > 0 && (
          <section aria-label="Composed" className="mt-4">
            <h2 className="m-0 text-[20px] font-bold">Composed</h2>
            <ul className="m-0 list-none p-0">
              {all.made.map((s) => (
                <li key={s.id} className="flex flex-wrap items-center gap-x-3 border-t border-line py-1.5">
                  <b>{s.name}</b>
                  <span className="text-[15px] text-soft">
                    {s.complaintName}, {settingName(s.setting)}, patient {s.seed}, {s.minutes} minutes,{" "}
                    {s.points} points;{" "}
                    {s.given.length > 0 ? `for ${s.given.join(", ")}` : "given to nobody yet"}
                  </span>
                  <span className="ml-auto flex gap-2">
                    <Link to={`/practice/results/${s.id}`} className="content-center underline">
                      Results, {s.sat}
                    </Link>
                    <button
                      type="button"
                      className="choice px-3"
                      aria-label={`Change ${s.name}`}
                      onClick={() => setEditing(s)}
                    >
                      Change
                    </button>
                    <button
                      type="button"
                      className="choice px-3"
                      aria-label={`Delete ${s.name}`}
                      onClick={() => remove.mutate(s.id)}
                    >
                      Delete
                    </button>
                  </span>
                </li>
              ))}
            </ul>
          </section>
        )}
        {all && <Rounds stations={all.made} students={all.students} />}
        {all && all.made.length === 0 && all.toSit.length === 0 && (
          <p>
            {all.students.length > 0
              ? "None yet. A station is a patient, the minutes, and what is looked at for how many points."
              : "No station waits for you."}
          </p>
        )}
        {editing && all && (
          <StationDialog
            key={editing === "new" ? "new" : editing.id}
            station={editing === "new" ? undefined : editing}
            students={all.students}
            onClose={() => setEditing(undefined)}
          />
        )}
      </main>
    </>
  );
}
