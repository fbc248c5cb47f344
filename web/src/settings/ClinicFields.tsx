import { type FormEvent, useState } from "react";
import type { DepartmentSettings } from "../api/types";
import { TextField } from "../pieces/TextField";
import { About, useRefused } from "./About";

/** What new codes begin with, and by which clock days are told apart. */
export function ClinicFields(props: {
  settings: DepartmentSettings;
  onSave: (change: Partial<DepartmentSettings>) => void;
}) {
  const [codePrefix, setCodePrefix] = useState(props.settings.codePrefix);
  const [timeZone, setTimeZone] = useState(props.settings.timeZone);
  const [problem, setProblem] = useState("");
  const refusedPrefix = useRefused("codePrefix");
  const refusedZone = useRefused("timeZone");
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const fits = /^[A-Z]{1,4}$/.test(codePrefix);
    setProblem(fits ? "" : "Expected up to four capital letters");
    if (fits) {
      props.onSave({ codePrefix, timeZone: timeZone.trim() });
    }
  };
  return (
    <section aria-label="Codes and days">
      <h2 className="m-0 mb-2 text-[17px] font-normal">Codes and days</h2>
      <form className="flex flex-col gap-2" onSubmit={submit}>
        <TextField
          label="Codes of new cases begin with"
          width="w-28"
          value={codePrefix}
          problem={problem || refusedPrefix}
          onChange={setCodePrefix}
        />
        <About name="codePrefix" told />
        <TextField
          label="Time zone, as in Europe/Lisbon; empty for this machine's"
          width="w-72"
          value={timeZone}
          problem={refusedZone}
          onChange={setTimeZone}
        />
        <About name="timeZone" told />
        <button type="submit" className="action self-start">
          Keep codes and zone
        </button>
      </form>
    </section>
  );
}
