import { useCatalogue } from "../../api/queries";
import { capital } from "../../pieces/format";
import { SETTINGS, settingName } from "../../pieces/settings";
import { REFERENCES, today } from "../queries";
import type { Slice } from "./queries";

const REGIONS = ["shoulder", "neck", "elbow", "wrist", "hand", "history"] as const;

/** Which cases are counted. */
export function SliceBar(props: {
  slice: Slice;
  fields: readonly (keyof Slice)[];
  examiners?: string[];
  onChange: (slice: Slice) => void;
}) {
  const { slice } = props;
  const complaints = useCatalogue().data?.complaints ?? [];
  const has = (field: keyof Slice) => props.fields.includes(field);
  const set = (field: keyof Slice, value: string) =>
    props.onChange({ ...slice, [field]: value || undefined });
  const choice = (field: keyof Slice, label: string, all: string, options: { id: string; label: string }[]) =>
    has(field) && (
      <label className="flex flex-col text-[15px]">
        {label}
        <select
          className="field min-h-11 max-w-[240px]"
          value={slice[field] ?? ""}
          onChange={(e) => set(field, e.target.value)}
        >
          <option value="">{all}</option>
          {options.map((o) => (
            <option key={o.id} value={o.id}>
              {o.label}
            </option>
          ))}
        </select>
      </label>
    );
  const date = (field: "from" | "to", label: string) =>
    has(field) && (
      <label className="flex flex-col text-[15px]">
        {label}
        <input
          type="date"
          className="field min-h-11"
          value={slice[field] ?? ""}
          max={today()}
          onChange={(e) => set(field, e.target.value)}
        />
      </label>
    );
  return (
    <fieldset
      className="m-0 flex flex-wrap items-end gap-3 border-0 p-0 print:hidden"
      aria-label="Which cases"
    >
      {date("from", "Seen from")}
      {date("to", "until")}
      {choice(
        "examiner",
        "Examiner",
        "Everybody",
        (props.examiners ?? []).map((e) => ({ id: e, label: e })),
      )}
      {choice(
        "setting",
        "Setting",
        "Every setting",
        SETTINGS.map((s) => ({ id: s, label: capital(settingName(s)) })),
      )}
      {choice("reference", "Verified by", "Anything", REFERENCES)}
      {choice(
        "region",
        "Tests of",
        "Every region",
        REGIONS.map((r) => ({ id: r, label: capital(r) })),
      )}
      {choice(
        "complaint",
        "Complaint",
        "Every complaint",
        complaints.map((c) => ({ id: c.id, label: c.name })),
      )}
    </fieldset>
  );
}
