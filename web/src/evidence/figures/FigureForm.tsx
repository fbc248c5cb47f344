import { type FormEvent, useState } from "react";
import type { FigureChange, StudyRow } from "../../api/types";
import { DialogFrame } from "../../pieces/DialogFrame";
import { ErrorNote } from "../../pieces/ErrorNote";
import { besides, problemAt } from "../../pieces/problems";
import { TextField } from "../../pieces/TextField";
import { Toggles } from "../../pieces/Toggles";
import { useContentChange, useFigurePreview } from "../queries";
import { FigurePreviewNote } from "./FigurePreviewNote";
import { COUNTS, type Draft, draftOf, emptyDraft, faults, isWhole, meant } from "./figureDraft";

const KINDS = [
  { id: "study", label: "Study" },
  { id: "pooled", label: "Review's summary" },
  { id: "sensitivity-only", label: "Sensitivity only" },
  { id: "judgement", label: "Our judgement, no study" },
];
const WAYS = [
  { id: "counts", label: "The four counts" },
  { id: "printed", label: "Sensitivity and specificity" },
];
const SHOWN = [
  ...Object.keys(COUNTS).map((count) => `counts.${count}`),
  ...["sensitivity", "specificity", "diseased", "healthy", "people", "source", "year"],
  ...["referenceStandard", "population", "note", "why"],
];
const BIASES = ["low", "unclear", "high"].map((id) => ({ id, label: id }));

/** Adds a figure to a pair, or changes one; what it comes to is shown while it is typed. */
export function FigureForm(props: {
  criterion: string;
  condition: string;
  row?: StudyRow;
  open: boolean;
  onClose: () => void;
}) {
  const { row } = props;
  const [draft, setDraft] = useState<Draft>(row ? draftOf(row) : emptyDraft());
  const set = (change: Partial<Draft>) => setDraft({ ...draft, ...change });
  const judged = draft.kind === "judgement";
  const wrong = faults(draft);
  const isRight = Object.keys(wrong).length === 0;
  const change: FigureChange = { criterion: props.criterion, condition: props.condition, ...meant(draft) };
  // What the figure comes to does not wait for its source.
  const preview = useFigurePreview(
    { ...change, source: change.source ?? "to come", why: "", sure: undefined },
    isWhole(draft) && isRight,
  );
  const save = useContentChange();
  const store = (sure?: boolean) =>
    save.mutate(
      row
        ? { path: `figures/${row.fingerprint}`, method: "PUT", body: { ...change, sure } }
        : { path: "figures", method: "POST", body: { ...change, sure } },
      { onSuccess: props.onClose },
    );
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (isRight) {
      store();
    }
  };
  const at = (name: keyof Draft) =>
    wrong[name] ?? problemAt(save.error, name in COUNTS ? `counts.${name}` : name);
  const field = (name: keyof Draft, label: string, numeric = false, width = "w-28") => (
    <TextField
      label={label}
      width={width}
      numeric={numeric}
      value={draft[name]}
      problem={at(name)}
      onChange={(value) => set({ [name]: value })}
    />
  );
  return (
    <DialogFrame
      open={props.open}
      onOpenChange={(open) => !open && props.onClose()}
      title={row ? "Change this figure" : "Add a figure"}
      width={860}
    >
      <form className="flex flex-col gap-3" onSubmit={submit}>
        {row?.from === "shipped" && (
          <p className="m-0 text-[16px] text-soft">
            The row that came with Lexicor stays as it is; yours lies over it and can be taken away again.
          </p>
        )}
        <Toggles label="What it is" value={draft.kind} options={KINDS} onChange={(kind) => set({ kind })} />
        {!judged && (
          <Toggles label="Given by" value={draft.way} options={WAYS} onChange={(way) => set({ way })} />
        )}
        <div className="flex flex-wrap gap-3">
          {draft.way === "counts" && !judged ? (
            <>
              {field("tp", COUNTS.tp, true)}
              {field("fn", COUNTS.fn, true)}
              {draft.kind !== "sensitivity-only" && field("fp", COUNTS.fp, true)}
              {draft.kind !== "sensitivity-only" && field("tn", COUNTS.tn, true)}
            </>
          ) : (
            <>
              {field("sensitivity", "Sensitivity", true)}
              {field("diseased", judged ? "Counts for, with" : "People with it", true)}
              {draft.kind !== "sensitivity-only" && field("specificity", "Specificity", true)}
              {draft.kind !== "sensitivity-only" &&
                field("healthy", judged ? "Counts for, without" : "People without", true)}
              {!judged && field("people", "People in all, where the groups are not known", true)}
            </>
          )}
        </div>
        <FigurePreviewNote preview={preview.data} error={isWhole(draft) && isRight ? preview.error : null} />
        <div className="flex flex-wrap gap-3">
          {!judged && field("source", "Source: authors and journal", false, "w-96")}
          {field("year", "Year", true, "w-24")}
          {field("referenceStandard", "Reference standard", false, "w-56")}
          {field("population", "Setting", false, "w-72")}
        </div>
        <div className="flex flex-wrap gap-6">
          <Toggles
            label="Risk of bias"
            value={draft.bias}
            options={BIASES}
            onChange={(bias) => set({ bias })}
          />
          {field("note", "Note", false, "w-96")}
        </div>
        {field("why", "Why, for the history", false, "w-full")}
        <ErrorNote error={besides(save.error, SHOWN)} onKeep={() => store(true)} />
        <div className="flex gap-3">
          <button type="submit" className="action" disabled={save.isPending}>
            {row ? "Change it" : "Add it"}
          </button>
          <button type="button" className="action" data-quiet="true" onClick={props.onClose}>
            Leave it
          </button>
        </div>
      </form>
    </DialogFrame>
  );
}
