import { useState } from "react";
import type { DepartmentSettings } from "../api/types";

/** Where documents are sent to. */
export function RecordSystem(props: {
  settings: DepartmentSettings;
  onSave: (change: Partial<DepartmentSettings>) => void;
}) {
  const [address, setAddress] = useState(props.settings.recordSystem);
  return (
    <section>
      <label className="flex flex-col">
        The clinic's record system takes FHIR documents at (https, or http on this machine; empty for nowhere)
        <input
          className="field w-full"
          value={address}
          placeholder="https://"
          onChange={(e) => setAddress(e.target.value)}
          onBlur={() => address !== props.settings.recordSystem && props.onSave({ recordSystem: address })}
        />
      </label>
    </section>
  );
}
