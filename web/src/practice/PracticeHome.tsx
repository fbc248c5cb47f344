import { useState } from "react";
import { Link } from "react-router";
import { TopBar } from "../frame/TopBar";
import { ErrorNote } from "../pieces/ErrorNote";
import { day } from "../pieces/format";
import { PageHeading } from "../pieces/PageHeading";
import { SETTINGS, settingName } from "../pieces/settings";
import { useDrillHome } from "./drills/queries";
import { HunchCurve } from "./HunchCurve";
import { KeepPractice } from "./KeepPractice";
import { PatientLines } from "./PatientLines";
import { type Home, useBegin, useHome } from "./queries";
import { useStations } from "./stations/queries";
import { ToSit } from "./stations/ToSit";

/** The home of whoever practises: today's patient, what was left open, any complaint in one tap, and how the hunches do. */
export function PracticeHome() {
  const home = useHome();
  return (
    <>
      <TopBar />
      <main className="mx-auto max-w-[1240px] px-5 py-5">
        <PageHeading title="Practice" className="m-0 text-[28px] leading-tight font-bold" />
        <ErrorNote error={home.error} />
        {home.data && <Whole home={home.data} />}
      </main>
    </>
  );
}

function Whole(props: { home: Home }) {
  const { home } = props;
  return (
    <div className="mt-3 grid grid-cols-[3fr_2fr] items-start gap-6 max-lg:grid-cols-1">
      <div className="flex flex-col gap-5">
        <Today home={home} />
        <Complaints home={home} />
        {home.open.length > 0 && (
          <section aria-label="Not over yet">
            <h2 className="m-0 text-[20px] font-bold">Not over yet</h2>
            <PatientLines lines={home.open} />
          </section>
        )}
        {home.ended.length > 0 && (
          <section aria-label="Seen">
            <h2 className="m-0 text-[20px] font-bold">Seen</h2>
            <PatientLines lines={home.ended} />
          </section>
        )}
      </div>
      <div className="flex flex-col gap-5">
        <Waiting />
        <section aria-label="Your hunches">
          <h2 className="m-0 text-[20px] font-bold">Your hunches</h2>
          <HunchCurve of={home.hunches} />
          <Link to="/practice/hunches" className="flex min-h-8 items-center underline">
            By region and condition, and over the weeks
          </Link>
        </section>
        {home.students.length > 0 && (
          <section aria-label="Students">
            <h2 className="m-0 text-[20px] font-bold">Students</h2>
            <ul className="m-0 list-none p-0">
              {home.students.map((s) => (
                <li key={s.name} className="flex gap-3 border-t border-line">
                  <Link to={`/practice/hunches?of=${s.name}`} className="flex min-h-9 items-center underline">
                    {s.name}
                  </Link>
                  <span className="ml-auto self-center text-[15px] text-soft">
                    {s.patients === 1 ? "1 patient" : `${s.patients} patients`}
                    {s.brier !== undefined &&
                      `, Brier ${s.brier.toFixed(3)}, program ${(s.programBrier ?? 0).toFixed(3)}`}
                  </span>
                </li>
              ))}
            </ul>
          </section>
        )}
        <KeepPractice />
      </div>
    </div>
  );
}

function Today(props: { home: Home }) {
  const { today } = props.home;
  const begin = useBegin();
  return (
    <section aria-label="Today's patient" className="rounded-lg border-2 border-ink bg-card px-5 py-4">
      <h2 className="m-0 text-[22px] leading-tight font-bold">Today's patient</h2>
      <p className="m-0 text-[17px]">
        {today.complaintName}, {settingName(today.setting)}. The same for everybody, {day(today.day)}.
      </p>
      <ErrorNote error={begin.error} />
      {today.patient ? (
        <Link
          className="action mt-2 inline-flex items-center"
          to={`/practice/patients/${today.patient.id}${today.patient.endedAt ? "/debrief" : ""}`}
        >
          {today.patient.endedAt ? "Look at it again" : "Go on"}
        </Link>
      ) : (
        <button
          type="button"
          className="action mt-2"
          disabled={begin.isPending}
          onClick={() =>
            begin.mutate({ complaint: today.complaint, setting: today.setting, seed: today.seed })
          }
        >
          Meet
        </button>
      )}
    </section>
  );
}

/** Stations that wait, and questions that are due. */
function Waiting() {
  const stations = useStations().data;
  const drills = useDrillHome().data;
  const waiting = stations?.toSit.filter((s) => s.mayBegin || !s.ended) ?? [];
  return (
    <section aria-label="Stations and questions" className="flex flex-col gap-2">
      {waiting.length > 0 && (
        <>
          <h2 className="m-0 text-[20px] font-bold">Stations that wait</h2>
          <ToSit stations={waiting} />
        </>
      )}
      <p className="m-0 flex flex-wrap items-center gap-x-4 gap-y-1">
        <Link to="/practice/drills" className="choice flex items-center px-3">
          A minute of questions
          {drills && drills.due > 0 && <span className="ml-1 text-soft">{drills.due} due</span>}
        </Link>
        <Link to="/practice/stations" className="flex min-h-8 items-center underline">
          Stations
        </Link>
      </p>
    </section>
  );
}

/** Somebody new, in one tap. */
function Complaints(props: { home: Home }) {
  const begin = useBegin();
  const [setting, setSetting] = useState<(typeof SETTINGS)[number]>("community");
  return (
    <section aria-label="Somebody new">
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="m-0 text-[20px] font-bold">Somebody new</h2>
        <fieldset className="m-0 flex gap-1 border-0 p-0" aria-label="Setting">
          {SETTINGS.map((s) => (
            <button
              key={s}
              type="button"
              className="choice min-h-9 px-2 py-0 text-[15px]"
              aria-pressed={setting === s}
              data-state={setting === s ? "on" : "off"}
              onClick={() => setSetting(s)}
            >
              {settingName(s)}
            </button>
          ))}
        </fieldset>
      </div>
      <ErrorNote error={begin.error} />
      <div className="mt-2 flex flex-wrap gap-2">
        <button
          type="button"
          className="choice px-3 font-bold"
          disabled={begin.isPending}
          onClick={() => begin.mutate({ setting })}
        >
          Anybody
        </button>
        {props.home.complaints.map((c) => (
          <button
            key={c.id}
            type="button"
            className="choice px-3"
            disabled={begin.isPending}
            onClick={() => begin.mutate({ complaint: c.id, setting })}
          >
            {c.name}
          </button>
        ))}
      </div>
    </section>
  );
}
