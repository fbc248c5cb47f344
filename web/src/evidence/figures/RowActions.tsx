import { useState } from "react";
import type { StudyRow } from "../../api/types";
import { ReasonDialog } from "../../pieces/ReasonDialog";
import { useContentChange } from "../queries";
import { CheckDialog } from "./CheckDialog";
import { FigureForm } from "./FigureForm";

type Doing = "check" | "change" | "remove";

/** What a lead can do with a row: sign it off, change it, take their own away again. */
export function RowActions(props: { row: StudyRow; criterion: string; condition: string }) {
  const { row } = props;
  const [doing, setDoing] = useState<Doing>();
  const remove = useContentChange();
  const judgement = row.kind === "judgement";
  const close = () => {
    setDoing(undefined);
    remove.reset();
  };
  const name = `${row.source}, ${row.year}`;
  return (
    <div className="flex gap-1 print:hidden">
      <button type="button" className="choice px-2 whitespace-nowrap" onClick={() => setDoing("check")}>
        {judgement ? "Agree" : "Sign off"}
        <span className="sr-only"> {name}</span>
      </button>
      <button type="button" className="choice px-2 whitespace-nowrap" onClick={() => setDoing("change")}>
        Change<span className="sr-only"> {name}</span>
      </button>
      {row.from !== "shipped" && (
        <button type="button" className="choice px-2 whitespace-nowrap" onClick={() => setDoing("remove")}>
          {row.from === "changed" ? "Reset" : "Take away"}
          <span className="sr-only"> {name}</span>
        </button>
      )}
      {doing === "check" && (
        <CheckDialog
          what={name}
          fingerprint={row.fingerprint}
          check={row.check}
          judgement={judgement}
          open
          onClose={close}
        />
      )}
      {doing === "change" && (
        <FigureForm criterion={props.criterion} condition={props.condition} row={row} open onClose={close} />
      )}
      <ReasonDialog
        title={row.from === "changed" ? "Reset to the shipped row" : "Take this row away"}
        words={
          row.from === "changed"
            ? "Your row goes and the one that came with Lexicor counts again. The history keeps yours."
            : "The row goes; the history keeps it."
        }
        done={row.from === "changed" ? "Reset it" : "Take it away"}
        open={doing === "remove"}
        error={remove.error}
        busy={remove.isPending}
        onClose={close}
        onReason={(why, sure) =>
          remove.mutate(
            {
              path: `figures/${row.fingerprint}?${new URLSearchParams({ why, sure: String(sure) })}`,
              method: "DELETE",
            },
            { onSuccess: close },
          )
        }
      />
    </div>
  );
}
