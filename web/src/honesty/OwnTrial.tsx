import { type FormEvent, useState } from "react";
import { Link } from "react-router";
import { useCatalogue } from "../api/queries";
import type { NewTrial, Trial } from "../api/types";
import { ErrorNote } from "../pieces/ErrorNote";
import { SCHOOLS } from "../pieces/schools";
import { Toggles } from "../pieces/Toggles";
import { CalibrationPlot, type Lines } from "./CalibrationPlot";
import { counted, estimate, share } from "./estimates";
import { useStartTrial, useTrial } from "./queries";
import { Rows } from "./Rows";

type Clinic = Trial["clinics"][number];

const HEADER = [
  "way to weigh",
  "log loss a patient",
  "saved over each by itself",
  "Brier score",
  "calibration: intercept",
  "slope",
  '"80 %" was right',
  "inner band holds the truth",
  "new clinic's band does",
];

/** A lead tries the program in made-up clinics with the department's own base rates, candidates and settings. */
export function OwnTrial() {
  const catalogue = useCatalogue().data;
  const trial = useTrial();
  const start = useStartTrial();
  const [complaint, setComplaint] = useState("");
  const [setting, setSetting] = useState<NewTrial["setting"]>("community");
  const found = trial.data;
  const isRunning = found?.state === "running";
  const settingName = (id: string) => catalogue?.settings.find((s) => s.id === id)?.label.toLowerCase();
  return (
    <section className="flex flex-col gap-3">
      <h2 className="m-0 text-[17px] font-normal">How right the program is with your base rates</h2>
      <form
        className="flex flex-wrap items-end gap-4"
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          start.mutate({ complaint: complaint || (catalogue?.complaints[0]?.id ?? ""), setting });
        }}
      >
        <label className="flex flex-col gap-1">
          Complaint
          <select className="field" value={complaint} onChange={(e) => setComplaint(e.target.value)}>
            {catalogue?.complaints.map((c) => (
              <option key={c.id} value={c.id}>
                {c.name}
              </option>
            ))}
          </select>
        </label>
        <Toggles label="Setting" value={setting} options={catalogue?.settings ?? []} onChange={setSetting} />
        <button type="submit" className="action" disabled={isRunning || start.isPending}>
          Try it
        </button>
      </form>
      <p className="m-0 text-[16px] text-soft">
        Six made-up clinics, four of one kind from mild to harsh and two drawn otherwise, see patients with
        this complaint at the base rates, candidates and settings in force here. It takes up to a minute, and
        recording goes on.{" "}
        <Link to="/honesty" className="underline">
          What such clinics are like, and what was found in them
        </Link>
      </p>
      <ErrorNote error={start.error ?? trial.error} />
      {isRunning && (
        <label className="flex flex-col text-[16px]">
          Trying: {found.complaint}, {settingName(found.setting)}
          <progress className="progress" value={found.progress} max={1} />
        </label>
      )}
      {found?.state === "failed" && (
        <p role="alert" className="m-0">
          {found.problem}
        </p>
      )}
      {found?.state === "done" && (
        <>
          <p role="status" className="m-0">
            Tried: {found.complaint}, {settingName(found.setting)}. Each figure is given with 1.96 standard
            errors, and a share with how many it is of.
          </p>
          <div className="flex flex-wrap gap-3">
            {found.clinics.map((c) => (
              <CalibrationPlot key={c.clinic} scenario={c.clinic} lines={c.points as Lines} />
            ))}
          </div>
          <p className="m-0 text-[15px] text-soft">
            Stated along, how many had it up. ◆ sober, ● each by itself with overlap counted, □ multiplied.
            Below the dashed line: too sure.
          </p>
          {found.clinics.map((c) => (
            <Rows
              key={c.clinic}
              label={`${c.clinic}: ${c.patients} patients`}
              table={{ header: HEADER, rows: SCHOOLS.map(({ id, label }) => row(label, wayOf(c, id))) }}
            />
          ))}
        </>
      )}
    </section>
  );
}

const wayOf = (clinic: Clinic, school: string) => clinic.ways.find((w) => w.school === school);

function row(label: string, way: Clinic["ways"][number] | undefined): string[] {
  if (!way) {
    return [label, ...HEADER.slice(1).map(() => "none")];
  }
  return [
    label,
    estimate(way.logLoss),
    way.school === "overlap-aware" ? "" : estimate(way.saved, "+"),
    estimate(way.brier),
    estimate(way.intercept),
    estimate(way.slope),
    counted(way.rightAtEighty, way.statedAtEighty),
    share(way.inner),
    share(way.outer),
  ];
}
