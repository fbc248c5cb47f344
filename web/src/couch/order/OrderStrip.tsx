import { type ReactNode, useState } from "react";
import { DialogFrame } from "../../pieces/DialogFrame";

/** Where there is no room for the running order beside the work: where one is, the ways back and on, and the whole of it. */
export function OrderStrip(props: {
  /** What is in hand, with its number. */
  here: string;
  onStep: (by: 1 | -1) => void;
  /** The whole order; it is closed by choosing. */
  order: (close: () => void) => ReactNode;
}) {
  const [open, setOpen] = useState(false);
  return (
    <div className="order-strip flex flex-none items-center gap-2 border-b-[1.5px] border-line bg-panel px-3 py-1">
      <button type="button" className="choice px-3" aria-label="Previous" onClick={() => props.onStep(-1)}>
        {"\u2039"}
      </button>
      <button
        type="button"
        aria-haspopup="dialog"
        className="choice min-w-0 flex-1 py-1 leading-tight"
        onClick={() => setOpen(true)}
      >
        {props.here}
      </button>
      <button type="button" className="choice px-3" aria-label="Next" onClick={() => props.onStep(1)}>
        {"\u203a"}
      </button>
      <DialogFrame open={open} onOpenChange={setOpen} title="Running order" width={420} tall>
        {props.order(() => setOpen(false))}
      </DialogFrame>
    </div>
  );
}
