import { Dialog } from "radix-ui";
import { type KeyboardEvent, useState } from "react";
import { DialogFrame } from "../pieces/DialogFrame";
import { BINDINGS, type ChosenKeys, type CommandKind, keyName, keyProblem, keysOf, plain } from "./keys";

/** Every key of the screen, each of which can be changed. */
export function KeyList(props: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  chosen: ChosenKeys;
  onChoose: (chosen: ChosenKeys) => void;
}) {
  const [asking, setAsking] = useState<CommandKind>();
  const [problem, setProblem] = useState("");
  const listen = (event: KeyboardEvent) => {
    if (!asking || event.key === "Tab") {
      return;
    }
    event.preventDefault();
    if (event.key === "Escape") {
      setAsking(undefined);
      return;
    }
    const refused = keyProblem(asking, event.key, props.chosen);
    setProblem(refused ?? "");
    if (!refused) {
      props.onChoose({ ...props.chosen, [asking]: plain(event.key) });
      setAsking(undefined);
    }
  };
  return (
    <DialogFrame
      open={props.open}
      onOpenChange={props.onOpenChange}
      title="Keys on this screen"
      width={560}
      onKeyDown={listen}
      onEscape={(e) => asking && e.preventDefault()}
    >
      <dl className="m-0 grid grid-cols-[150px_1fr_auto] items-center gap-y-0.5">
        <dt className="font-bold">1 to 9</dt>
        <dd className="col-span-2 m-0">the pads in order, on the marked side</dd>
        {BINDINGS.map((b) => (
          <div key={b.kind} className="contents">
            <dt className="font-bold">
              {keysOf(b, props.chosen).map((key, i) => (
                <span key={key}>
                  {i > 0 && ", "}
                  {keyName(key)}
                </span>
              ))}
            </dt>
            <dd className="m-0">{b.what}</dd>
            <dd className="m-0">
              <button
                type="button"
                className="min-h-8 underline"
                aria-label={`Change the key: ${b.what}`}
                onClick={() => {
                  setProblem("");
                  setAsking(b.kind);
                }}
              >
                {asking === b.kind ? "Press a key" : "Change"}
              </button>
            </dd>
          </div>
        ))}
      </dl>
      <p role="alert" className="m-0 min-h-6 text-[16px] text-stop">
        {problem}
      </p>
      <div className="mt-1 flex gap-3">
        <Dialog.Close className="action">Close</Dialog.Close>
        <button type="button" className="action" data-quiet="true" onClick={() => props.onChoose({})}>
          All as at first
        </button>
      </div>
    </DialogFrame>
  );
}
