import { Dialog } from "radix-ui";
import { type KeyboardEvent, useEffect, useState } from "react";
import { DialogFrame } from "../pieces/DialogFrame";
import {
  BINDINGS,
  type ChosenKeys,
  type CommandKind,
  keyName,
  keyProblem,
  keysOf,
  padKeys,
  padKeysProblem,
  plain,
} from "./keys";

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
      <dl className="m-0 grid grid-cols-[150px_minmax(0,1fr)_auto] max-md:grid-cols-[84px_minmax(0,1fr)_auto] gap-x-2 items-center gap-y-0.5">
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
      {/* Not the first that has the focus: a key meant for the screen would be typed over these. */}
      <PadKeys chosen={props.chosen} onChoose={props.onChoose} onProblem={setProblem} />
      <label className="mt-1 flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          className="size-5"
          checked={!props.chosen.off}
          onChange={(e) => {
            const { off: _, ...rest } = props.chosen;
            props.onChoose(e.target.checked ? rest : { ...rest, off: true });
          }}
        />
        Single keys; Page up, Page down and the arrows always work
      </label>
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

/** The keys of the pads, one after another. */
function PadKeys(props: {
  chosen: ChosenKeys;
  onChoose: (chosen: ChosenKeys) => void;
  onProblem: (problem: string) => void;
}) {
  const inForce = padKeys(props.chosen).join("");
  const [text, setText] = useState(inForce);
  useEffect(() => setText(inForce), [inForce]);
  const keep = () => {
    const keys = text.replaceAll(" ", "").toLowerCase();
    const problem = keys === inForce ? undefined : padKeysProblem(keys, props.chosen);
    props.onProblem(problem ?? "");
    if (!problem && keys !== inForce) {
      props.onChoose({ ...props.chosen, pads: keys });
    }
  };
  return (
    <label className="mt-1 block">
      The pads in order, on the marked side
      <input
        className="field w-full font-bold tracking-[0.3em] uppercase"
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={keep}
      />
    </label>
  );
}
