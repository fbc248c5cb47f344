/** One number of a form, typed as the examiner writes it. */
export function NumberField(props: { label: string; value: string; onChange: (value: string) => void }) {
  return (
    <label className="flex flex-col text-[16px]">
      {props.label}
      <input
        className="field w-28"
        inputMode="decimal"
        value={props.value}
        onChange={(e) => props.onChange(e.target.value)}
      />
    </label>
  );
}
