import type { CSSProperties } from "react";

/** Something to tap that stands or does not; a chip is one of several that can stand at once. */
export function PadButton(props: {
  label: string;
  hint?: string;
  keyName?: string;
  chip?: boolean;
  on: boolean;
  style?: CSSProperties;
  onTap: () => void;
}) {
  return (
    <button
      type="button"
      className="pad"
      data-chip={props.chip}
      data-on={props.on}
      aria-pressed={props.on}
      style={props.style}
      onClick={props.onTap}
    >
      {props.label}
      {props.hint && <span className="pad-hint"> {props.hint}</span>}
      {props.keyName && (
        <span className="pad-key" aria-hidden="true">
          {props.keyName}
        </span>
      )}
    </button>
  );
}

/** The same fact of the other side, beside the pad that carries its words: named like it, and as narrow as a fingertip. */
export function PadCell(props: {
  label: string;
  side: string;
  keyName?: string;
  on: boolean;
  style?: CSSProperties;
  onTap: () => void;
}) {
  return (
    <button
      type="button"
      className="pad pad-cell"
      data-on={props.on}
      aria-pressed={props.on}
      aria-label={props.label}
      style={props.style}
      onClick={props.onTap}
    >
      <span aria-hidden="true">{props.on ? "\u2713" : props.side.slice(0, 1)}</span>
      {props.keyName && (
        <span className="pad-key" aria-hidden="true">
          {props.keyName}
        </span>
      )}
    </button>
  );
}
