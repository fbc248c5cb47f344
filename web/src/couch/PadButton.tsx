/** Something to tap that stands or does not; a chip is one of several that can stand at once. */
export function PadButton(props: {
  label: string;
  hint?: string;
  keyName?: string;
  chip?: boolean;
  on: boolean;
  onTap: () => void;
}) {
  return (
    <button
      type="button"
      className="pad"
      data-chip={props.chip}
      data-on={props.on}
      aria-pressed={props.on}
      onClick={props.onTap}
    >
      {props.label}
      {props.hint && <span className="pad-hint">{props.hint}</span>}
      {props.keyName && (
        <span className="pad-key" aria-hidden="true">
          {props.keyName}
        </span>
      )}
    </button>
  );
}
