import { useState } from "react";
import type { DepartmentSettings } from "../api/types";
import { About } from "./About";

/** Where documents are sent to. */
export function RecordSystem(props: {
  settings: DepartmentSettings;
  onSave: (change: Partial<DepartmentSettings>) => void;
}) {
  const [address, setAddress] = useState(props.settings.recordSystem);
  const [inside, setInside] = useState(props.settings.insideHost);
  const save = () => {
    if (address !== props.settings.recordSystem || inside !== props.settings.insideHost) {
      props.onSave({ recordSystem: address, insideHost: inside });
    }
  };
  return (
    <section>
      <label className="flex flex-col">
        The clinic's record system takes FHIR documents at (https, or http on this machine; empty for nowhere)
        <input
          className="field w-full"
          value={address}
          placeholder="https://"
          onChange={(e) => setAddress(e.target.value)}
          onBlur={save}
        />
      </label>
      <About name="recordSystem" />
      <label className="mt-3 flex flex-col">
        Its host, if it stands on this machine or in the clinic's own network: such an address is allowed by
        name alone
        <input
          className="field w-72"
          value={inside}
          onChange={(e) => setInside(e.target.value)}
          onBlur={save}
        />
      </label>
      <About name="insideHost" />
    </section>
  );
}
