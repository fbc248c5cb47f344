/** A field whose content is not shown. */
export function SecretField(props: {
  label: string;
  hint?: string;
  value: string;
  onChange: (value: string) => void;
  /** What the browser may fill in or keep. */
  kind: "current-password" | "new-password" | "pin";
}) {
  return (
    <label className="flex flex-col gap-1">
      <span>
        {props.label} {props.hint && <span className="text-soft">({props.hint})</span>}
      </span>
      <input
        className="field data-[kind=pin]:w-40"
        data-kind={props.kind}
        type="password"
        inputMode={props.kind === "pin" ? "numeric" : undefined}
        autoComplete={props.kind === "pin" ? "off" : props.kind}
        value={props.value}
        onChange={(e) => props.onChange(e.target.value)}
      />
    </label>
  );
}
