import { useMemo, useState } from "react";
import { Link } from "react-router";
import type { ContentForms, EntryView } from "../../api/types";
import { ErrorNote } from "../../pieces/ErrorNote";
import { besides, problemAt } from "../../pieces/problems";
import { ReasonDialog } from "../../pieces/ReasonDialog";
import { TextField } from "../../pieces/TextField";
import { entryHistory } from "../address";
import { inAddress, useContentChange } from "../queries";
import { Differences } from "./Differences";
import { FormField } from "./fields/FormField";
import { type Form, FormContext } from "./form";
import { PatientsTried } from "./PatientsTried";
import { Trial } from "./Trial";
import { type TrialTap, useTrial } from "./useTrial";
import { type Fields, partsOf, renamed, slug, textOf, withFields } from "./values";

/** The lists whose parts have ids that records name. */
const LISTS = ["criteria", "places", "sites", "cheats"];
const HISTORY = "history/";

/** The field that gives a new entry its id. */
const TITLES = ["name", "ask", "label", "when"];

const titleOf = (fields: Fields): string => {
  const name = TITLES.find((t) => textOf(fields[t]) !== "");
  return name ? textOf(fields[name]) : textOf(fields.id);
};

/** One entry in its form: what is wrong stands at its field, and how it would be is shown before it is stored. */
export function EntryEditor(props: {
  entry: EntryView;
  /** What the list calls it, where it has no name of its own. */
  name?: string | undefined;
  forms: ContentForms;
  isLead: boolean;
  /** Whether it is to be added, rather than there already. */
  isNew: boolean;
  onStored: (id: string) => void;
  onGone: () => void;
}) {
  const { entry, isNew } = props;
  const forms = props.forms.kinds[entry.kind] ?? [];
  const [fields, setFields] = useState(entry.fields as Fields);
  const [taps, setTaps] = useState<TrialTap[]>([]);
  const [why, setWhy] = useState("");
  const [resetting, setResetting] = useState(false);
  const save = useContentChange();
  const reset = useContentChange();
  const id = textOf(fields.id);
  const trial = useTrial(entry.kind, id, fields, taps, props.isLead);
  const keys = props.forms.keys[entry.kind];
  const stored = useMemo(
    () =>
      new Set(
        isNew
          ? []
          : LISTS.flatMap((list) =>
              partsOf((entry.fields as Fields)[list]).map((p) => `${list} ${textOf(p.id)}`),
            ),
      ),
    [entry, isNew],
  );
  // What is chosen in one field may bring something into another at the same moment.
  const change = (next: Fields) =>
    setFields((now) => {
      const all = withFields(now, next);
      // Once stored, an id stays: files and records name the entry by it.
      if (isNew && keys) {
        return { ...all, id: keys.map((k) => textOf(all[k])).join("/") };
      }
      const follows = isNew && TITLES.some((t) => t in next) && "id" in now && !isChosen(forms);
      const made = (entry.kind === "question" ? HISTORY : "") + slug(titleOf(all));
      return follows ? renamed(entry.kind, all, made) : all;
    });
  const form: Form = {
    Field: FormField,
    root: fields,
    onRoot: change,
    vocabularies: props.forms.vocabularies,
    problems: trial.data?.problems ?? [],
    rules: Object.fromEntries((trial.data?.rules ?? []).map((r) => [r.criterion, r.words])),
    isNew,
    stored,
  };
  const store = (sure: boolean) =>
    save.mutate(
      {
        path: `entries/${entry.kind}/${inAddress(id)}`,
        method: "PUT",
        body: { version: isNew ? 0 : entry.version, fields, why, sure },
      },
      { onSuccess: () => props.onStored(id) },
    );
  const shipped = entry.shipped !== undefined;
  const away = shipped ? "Reset to shipped" : "Take it away";
  return (
    <FormContext.Provider value={form}>
      <fieldset disabled={!props.isLead} className="m-0 flex flex-col gap-4 border-0 p-0">
        <legend className="p-0 text-[20px] font-bold">
          {(keys?.length ? undefined : titleOf(fields)) || props.name || (isNew ? "A new entry" : entry.id)}
        </legend>
        {!isNew && (
          <p className="m-0 flex flex-wrap gap-x-5 text-[16px] text-soft">
            {entry.why && (
              <span>
                {shipped ? "Changed" : "Added"} by the department: {entry.why}
              </span>
            )}
            <Link className="underline" to={entryHistory(entry.kind, entry.id)}>
              Its history
            </Link>
          </p>
        )}
        <Differences lines={entry.differences} />
        {forms.map((f) => (
          <FormField
            key={f.name}
            form={f}
            value={fields[f.name]}
            path={f.name}
            onChange={(value) => change({ [f.name]: value })}
          />
        ))}
        {id !== "" && <p className="m-0 text-[14px] text-soft">In files and links: {id}</p>}
        {props.isLead && (
          <>
            <PatientsTried
              kind={entry.kind}
              id={id}
              fields={fields}
              ready={trial.data?.problems.length === 0}
            />
            <Trial kind={entry.kind} tried={trial.data} error={trial.error} taps={taps} onTaps={setTaps} />
            <TextField
              label="Why, for the history"
              width="w-full"
              value={why}
              problem={problemAt(save.error, "why")}
              onChange={setWhy}
            />
            <ErrorNote error={besides(save.error, ["why"])} onKeep={() => store(true)} />
            <div className="flex flex-wrap items-center gap-3">
              <button type="button" className="action" disabled={save.isPending} onClick={() => store(false)}>
                {isNew ? "Add it" : "Store the change"}
              </button>
              {!isNew && entry.version > 0 && (
                <button type="button" className="choice" onClick={() => setResetting(true)}>
                  {away}
                </button>
              )}
              <span role="status">{save.isSuccess && "Stored, and in force."}</span>
            </div>
          </>
        )}
        <ReasonDialog
          title={away}
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
                    props.onGone();
                  }
                },
              },
            )
          }
        />
      </fieldset>
    </FormContext.Provider>
  );
}

/** Whether an entry's id is chosen, since it says what the entry is about. */
const isChosen = (forms: ContentForms["kinds"][string]) =>
  forms.some((f) => f.name === "id" && f.type !== "id");
