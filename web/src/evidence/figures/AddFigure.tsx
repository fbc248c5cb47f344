import { useState } from "react";
import { FigureForm } from "./FigureForm";

/** The way to a new figure of a pair. */
export function AddFigure(props: { criterion: string; condition: string }) {
  const [open, setOpen] = useState(false);
  return (
    <div className="print:hidden">
      <button type="button" className="action" onClick={() => setOpen(true)}>
        Add a figure
      </button>
      {open && (
        <FigureForm
          criterion={props.criterion}
          condition={props.condition}
          open
          onClose={() => setOpen(false)}
        />
      )}
    </div>
  );
}
