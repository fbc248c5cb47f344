/** The code of the second factor, shown once the server asks for it. */
export function CodeField(props: { value: string; onChange: (value: string) => void }) {
  return (
    <label className="flex flex-col gap-1">
      <span>
        Code of your app <span className="text-soft">(or one of those you kept)</span>
      </span>
      <input
        className="field w-56"
        inputMode="text"
        autoComplete="one-time-code"
        value={props.value}
        onChange={(e) => props.onChange(e.target.value)}
      />
    </label>
  );
}
