import { type FormEvent, useState } from "react";
import type { StudyCheck } from "../../api/types";
import { DialogFrame } from "../../pieces/DialogFrame";
import { ErrorNote } from "../../pieces/ErrorNote";
import { FieldProblem } from "../../pieces/FieldProblem";
import { besides, problemAt } from "../../pieces/problems";
import { Toggles } from "../../pieces/Toggles";
import { useContentChange } from "../queries";

const OF_JUDGEMENT = [
  { id: "checked", label: "Agreed" },
  { id: "disputed", label: "Disputed" },
  { id: "not-yet-checked", label: "Not yet agreed" },
] as const;
const STATES = [
  { id: "checked", label: "Checked against the source" },
  { id: "disputed", label: "Disputed" },
  { id: "not-yet-checked", label: "Not yet checked" },
] as const;

/** What somebody found who looked a figure up. Kept with their name and today's date. */
export function CheckDialog(props: {
  what: string;
  fingerprint: string;
  check: StudyCheck;
  /** An opinion of the department's has no source: somebody agrees to it. */
  judgement?: boolean;
  open: boolean;
  onClose: () => void;
}) {
  const [state, setState] = useState<StudyCheck["state"]>(
    props.check.state === "not-yet-checked" ? "checked" : props.check.state,
  );
  const [note, setNote] = useState(props.check.note);
  const save = useContentChange();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    save.mutate(
      { path: `checks/${props.fingerprint}`, method: "PUT", body: { state, note } },
      { onSuccess: props.onClose },
    );
  };
  return (
    <DialogFrame
      open={props.open}
      onOpenChange={(open) => !open && props.onClose()}
      title={props.judgement ? "Agree to this judgement" : "Sign off this figure"}
      width={640}
    >
      <form className="flex flex-col gap-3" onSubmit={submit}>
        <p className="m-0 text-[16px]">{props.what}</p>
        <Toggles
          label={props.judgement ? "What you think of it" : "What you found"}
          value={state}
          options={props.judgement ? OF_JUDGEMENT : STATES}
          onChange={setState}
        />
        <label className="flex flex-col text-[16px]">
          {state === "disputed" ? "What is wrong with it" : "Note, if there is anything to say"}
          <textarea className="field h-24" value={note} onChange={(e) => setNote(e.target.value)} />
        </label>
        <FieldProblem words={problemAt(save.error, "note")} />
        <ErrorNote error={besides(save.error, ["note"])} />
        <button type="submit" className="action self-start" disabled={save.isPending}>
          Sign it
        </button>
      </form>
    </DialogFrame>
  );
}
