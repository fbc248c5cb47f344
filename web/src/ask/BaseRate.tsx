import { Popover } from "radix-ui";
import { type FormEvent, useState } from "react";
import { percent } from "../pieces/format";

/** The base rate, and a way to set this case's own. */
export function BaseRate(props: {
  name: string;
  usual: number;
  own: number | undefined;
  onChange: (baseRate: number | undefined) => void;
}) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState("");
  const [problem, setProblem] = useState("");
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const value = Number(text.replace(",", ".")) / 100;
    if (!(value > 0 && value < 1)) {
      setProblem("Base rate: expected more than 0 and less than 100 %.");
      return;
    }
    setProblem("");
    setOpen(false);
    props.onChange(value);
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger className="block min-h-6 text-left text-[14px] text-soft underline decoration-dotted">
        {props.own === undefined
          ? `base rate ${percent(props.usual)}`
          : `own base rate ${percent(props.own)}`}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={4}
          className="z-10 w-80 max-w-[calc(100vw-8px)] rounded-lg border-2 border-ink bg-paper p-4"
          aria-label={`Base rate of ${props.name}`}
        >
          <form className="flex flex-col gap-3" onSubmit={submit}>
            <label className="flex items-center gap-2">
              This case
              <input
                className="field w-24"
                inputMode="decimal"
                value={text}
                aria-invalid={problem ? true : undefined}
                onChange={(e) => setText(e.target.value)}
              />
              %
            </label>
            {problem && (
              <p role="alert" className="m-0 text-[15px] text-stop">
                {problem}
              </p>
            )}
            <div className="flex gap-2">
              <button type="submit" className="action">
                Use it
              </button>
              <button
                type="button"
                className="action"
                data-quiet="true"
                onClick={() => {
                  setOpen(false);
                  props.onChange(undefined);
                }}
              >
                Usual, {percent(props.usual)}
              </button>
            </div>
          </form>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
