import { type FormEvent, useState } from "react";
import type { DepartmentSettings } from "../api/types";
import { FieldProblem } from "../pieces/FieldProblem";

/** What new codes begin with, and by which clock days are told apart. */
export function ClinicFields(props: {
  settings: DepartmentSettings;
  onSave: (change: Partial<DepartmentSettings>) => void;
}) {
  const [codePrefix, setCodePrefix] = useState(props.settings.codePrefix);
  const [timeZone, setTimeZone] = useState(props.settings.timeZone);
  const [problem, setProblem] = useState("");
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!/^[A-Z]{1,4}$/.test(codePrefix)) {
      setProblem("Codes begin with: expected up to four capital letters.");
      return;
    }
    setProblem("");
    props.onSave({ codePrefix, timeZone: timeZone.trim() });
  };
  return (
    <section aria-label="Codes and days">
      <h2 className="m-0 mb-2 text-[17px] font-normal">Codes and days</h2>
      <form className="flex flex-wrap items-end gap-4" onSubmit={submit}>
        <label className="flex flex-col text-[16px]">
          Codes of new cases begin with
          <input className="field w-28" value={codePrefix} onChange={(e) => setCodePrefix(e.target.value)} />
        </label>
        <label className="flex flex-col text-[16px]">
          Time zone, as in Europe/Lisbon; empty for this machine's
          <input className="field w-72" value={timeZone} onChange={(e) => setTimeZone(e.target.value)} />
        </label>
        <button type="submit" className="action">
          Keep codes and zone
        </button>
      </form>
      <FieldProblem words={problem} />
    </section>
  );
}
