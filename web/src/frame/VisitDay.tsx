import { type FormEvent, useState } from "react";
import { DialogFrame } from "../pieces/DialogFrame";

/** Asks for the day of a visit. */
export function VisitDay(props: {
  open: boolean;
  title: string;
  onClose: () => void;
  onDay: (day: string) => void;
}) {
  const [day, setDay] = useState("");
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (day) {
      props.onClose();
      props.onDay(day);
    }
  };
  return (
    <DialogFrame
      open={props.open}
      onOpenChange={(open) => !open && props.onClose()}
      title={props.title}
      width={400}
    >
      <form className="flex flex-col gap-3" onSubmit={submit}>
        <label className="flex flex-col gap-1">
          Day
          <input
            type="date"
            required
            className="field"
            value={day}
            onChange={(e) => setDay(e.target.value)}
          />
        </label>
        <div className="flex gap-2">
          <button type="submit" className="action">
            Use this day
          </button>
          <button type="button" className="action" data-quiet="true" onClick={props.onClose}>
            Leave it
          </button>
        </div>
      </form>
    </DialogFrame>
  );
}
