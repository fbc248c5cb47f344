import { type FormEvent, useState } from "react";
import { DialogFrame } from "./DialogFrame";
import { ErrorNote } from "./ErrorNote";
import { besides, problemAt } from "./problems";
import { TextField } from "./TextField";

/** Asks for the reason that the history keeps with a change. */
export function ReasonDialog(props: {
  title: string;
  words: string;
  done: string;
  /** What the reason is called where it is refused. */
  field?: string;
  open: boolean;
  error: Error | null;
  busy: boolean;
  onClose: () => void;
  /** Told whether a reason that looked like personal details was asked about and is meant. */
  onReason: (why: string, sure: boolean) => void;
}) {
  const { field = "why" } = props;
  const [why, setWhy] = useState("");
  const submit = (event: FormEvent) => {
    event.preventDefault();
    props.onReason(why, false);
  };
  return (
    <DialogFrame
      open={props.open}
      onOpenChange={(open) => !open && props.onClose()}
      title={props.title}
      width={560}
    >
      <form className="flex flex-col gap-3" onSubmit={submit}>
        <p className="m-0 text-[16px]">{props.words}</p>
        <TextField
          label="Why, for the history"
          value={why}
          problem={problemAt(props.error, field)}
          onChange={setWhy}
        />
        <ErrorNote error={besides(props.error, [field])} onKeep={() => props.onReason(why, true)} />
        <button type="submit" className="action self-start" disabled={props.busy}>
          {props.done}
        </button>
      </form>
    </DialogFrame>
  );
}
