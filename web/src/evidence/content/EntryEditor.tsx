import { useState } from "react";
import type { EntryView } from "../../api/types";
import { ErrorNote } from "../../pieces/ErrorNote";
import { ReasonDialog } from "../../pieces/ReasonDialog";
import { inAddress, useContentChange } from "../queries";
import { AddFields, Field } from "./Field";
import { differing, type Fields } from "./fields";

/** One entry with all its fields; saved as the entry itself or, under another id, as a new one. */
export function EntryEditor(props: { entry: EntryView; isLead: boolean; onAdded: (id: string) => void }) {
  const { entry } = props;
  const [fields, setFields] = useState(entry.fields as Fields);
  const [why, setWhy] = useState("");
  const [resetting, setResetting] = useState(false);
  const save = useContentChange();
  const reset = useContentChange();
  const id = String(fields.id ?? "");
  const entryMissing = entry.missing as Fields;
  const missing = Object.keys(entryMissing).filter((f) => fields[f] === undefined || fields[f] === null);
  const isNew = id !== entry.id;
  const shipped = entry.shipped as Fields | undefined;
  const changed = shipped && !isNew ? differing(shipped, fields) : [];
  const store = (sure: boolean) =>
    save.mutate(
      {
        path: `entries/${entry.kind}/${inAddress(id)}`,
        method: "PUT",
        body: { version: isNew ? 0 : entry.version, fields, why, sure },
      },
      { onSuccess: () => isNew && props.onAdded(id) },
    );
  return (
    <fieldset disabled={!props.isLead} className="m-0 flex flex-col gap-3 border-0 p-0">
      <legend className="p-0 text-[20px] font-bold">{String(fields.name ?? fields.ask ?? entry.id)}</legend>
      {entry.why && (
        <p className="m-0 text-[16px] text-soft">
          {shipped ? "Changed" : "Added"} by the department: {entry.why}
        </p>
      )}
      {changed.length > 0 && (
        <p className="m-0 text-[16px]">
          Other than shipped:{" "}
          {changed.map((f) => `${f} (shipped: ${JSON.stringify(shipped?.[f])})`).join("; ")}
        </p>
      )}
      {Object.keys(fields)
        // A number that was cleared stays, so that another can be typed.
        .filter((f) => fields[f] !== null || (entry.fields as Fields)[f] !== null)
        .map((name) => (
          <Field
            key={name}
            name={name}
            value={fields[name]}
            parts={(entry.parts as Fields)[name] as Fields | undefined}
            onChange={(value) => setFields({ ...fields, [name]: value })}
          />
        ))}
      {props.isLead && (
        <AddFields
          names={missing}
          onAdd={(name) => setFields({ ...fields, [name]: structuredClone(entryMissing[name] ?? null) })}
        />
      )}
      {props.isLead && (
        <>
          <p className="m-0 text-[14px] text-soft">
            To add another like this one, give it another id (small letters, digits, hyphens).
          </p>
          <label className="flex flex-col text-[16px]">
            Why, for the history
            <input className="field" value={why} onChange={(e) => setWhy(e.target.value)} />
          </label>
          <ErrorNote error={save.error} onKeep={() => store(true)} />
          <div className="flex flex-wrap items-center gap-3">
            <button type="button" className="action" disabled={save.isPending} onClick={() => store(false)}>
              {isNew ? "Add it as new" : "Store the change"}
            </button>
            {entry.version > 0 && (
              <button type="button" className="choice" onClick={() => setResetting(true)}>
                {shipped ? "Reset to shipped" : "Take it away"}
              </button>
            )}
            <span role="status">{save.isSuccess && "Stored, and in force."}</span>
          </div>
        </>
      )}
      <ReasonDialog
        title={shipped ? "Reset to shipped" : "Take it away"}
        words={
          shipped
            ? "The department's version goes and the shipped one is in force again."
            : "The entry goes; the history keeps it."
        }
        done={shipped ? "Reset it" : "Take it away"}
        open={resetting}
        error={reset.error}
        busy={reset.isPending}
        onClose={() => {
          setResetting(false);
          reset.reset();
        }}
        onReason={(reason, sure) =>
          reset.mutate(
            {
              path: `entries/${entry.kind}/${inAddress(entry.id)}?${new URLSearchParams({
                version: String(entry.version),
                why: reason,
                sure: String(sure),
              })}`,
              method: "DELETE",
            },
            {
              onSuccess: () => {
                setResetting(false);
                if (!shipped) {
                  props.onAdded("");
                }
              },
            },
          )
        }
      />
    </fieldset>
  );
}
