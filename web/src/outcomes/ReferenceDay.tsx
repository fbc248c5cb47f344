import { REFERENCES, type Reference, today } from "./queries";

/** By what, and on which day. */
export function ReferenceDay(props: {
  reference: Reference | "";
  on: string;
  refused: (field: string) => string;
  onReference: (reference: Reference | "") => void;
  onDay: (on: string) => void;
}) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <label className="flex flex-1 flex-col text-[16px]">
        By what
        <select
          className="field min-h-11"
          value={props.reference}
          aria-invalid={props.refused("reference") !== ""}
          onChange={(e) => props.onReference(REFERENCES.find((r) => r.id === e.target.value)?.id ?? "")}
        >
          <option value="">Choose</option>
          {REFERENCES.map((r) => (
            <option key={r.id} value={r.id}>
              {r.label}
            </option>
          ))}
        </select>
      </label>
      <label className="flex flex-col text-[16px]">
        Day
        <input
          type="date"
          className="field min-h-11"
          value={props.on}
          max={today()}
          aria-invalid={props.refused("on") !== ""}
          onChange={(e) => props.onDay(e.target.value)}
        />
      </label>
    </div>
  );
}
