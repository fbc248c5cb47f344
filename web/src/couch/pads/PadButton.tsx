import type { CSSProperties, ReactNode } from "react";

interface Tappable {
  label: string;
  keyName?: string;
  on: boolean;
  style?: CSSProperties;
  onTap: () => void;
}

/** Something to tap that stands or does not; a chip is one of several that can stand at once. */
export const PadButton = (props: Tappable & { hint?: string; chip?: boolean }) => (
  <Pad {...props} data-chip={props.chip}>
    {props.label}
    {props.hint && <span className="pad-hint"> {props.hint}</span>}
  </Pad>
);

/** The same fact of the other side, beside the pad that carries its words: named like it, and as narrow as a fingertip. */
export const PadCell = (props: Tappable & { side: string }) => (
  <Pad {...props} narrow>
    <span aria-hidden="true">{props.on ? "\u2713" : props.side.slice(0, 1)}</span>
  </Pad>
);

function Pad(props: Tappable & { "data-chip"?: boolean; narrow?: boolean; children: ReactNode }) {
  return (
    <button
      type="button"
      className={props.narrow ? "pad pad-cell" : "pad"}
      data-chip={props["data-chip"]}
      data-on={props.on}
      aria-pressed={props.on}
      aria-label={props.narrow ? props.label : undefined}
      style={props.style}
      onClick={props.onTap}
    >
      {props.children}
      {props.keyName && (
        <span className="pad-key" aria-hidden="true">
          {props.keyName}
        </span>
      )}
    </button>
  );
}
