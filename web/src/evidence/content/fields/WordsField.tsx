import { FieldProblem } from "../../../pieces/FieldProblem";
import { choicesOf, useForm } from "../form";
import { type Fields, isFields, textOf, textsOf } from "../values";
import { Options } from "./Choice";
import type { OneField } from "./plain";

/** What a test calls its readings: two texts for what can be there or not, one for a number. */
export function WordsField(props: OneField) {
  const { form, onChange } = props;
  const whole = useForm();
  const words: Fields = isFields(props.value) ? props.value : {};
  const readings = textsOf(whole.root.readings);
  const options = choicesOf(whole, form.vocabulary).filter((o) => readings.includes(o.group));
  const of = (leaf: string) => choicesOf(whole, form.vocabulary).find((o) => o.id === leaf);
  const set = (next: Fields) => onChange(Object.keys(next).length === 0 ? undefined : next);
  const text = (leaf: string, label: string, value: string, change: (value: string) => void) => (
    <label className="flex flex-col text-[16px]">
      {of(leaf)?.label ?? leaf}, {label}
      <input className="field w-72" value={value} onChange={(e) => change(e.target.value)} />
    </label>
  );
  return (
    <fieldset className="m-0 flex w-full flex-col gap-2 rounded-md border border-line p-3">
      <legend className="px-1 text-[16px]">{form.label}</legend>
      {Object.keys(words).map((leaf) => {
        const [yes = "", no = ""] = textsOf(words[leaf]);
        return (
          <div key={leaf} className="flex flex-wrap items-end gap-3">
            {Array.isArray(words[leaf]) ? (
              <>
                {text(leaf, "when it is so", yes, (v) => set({ ...words, [leaf]: [v, no] }))}
                {text(leaf, "when it is not", no, (v) => set({ ...words, [leaf]: [yes, v] }))}
              </>
            ) : (
              text(leaf, "what it is of", textOf(words[leaf]), (v) => set({ ...words, [leaf]: v }))
            )}
            <button
              type="button"
              className="choice px-2"
              onClick={() => {
                const { [leaf]: _, ...rest } = words;
                set(rest);
              }}
            >
              Use the usual words
            </button>
          </div>
        );
      })}
      <select
        className="field w-80"
        aria-label={`Add to ${form.label}`}
        value=""
        onChange={(e) => {
          const leaf = of(e.target.value);
          if (leaf) {
            set({ ...words, [leaf.id]: leaf.kind === "flag" ? ["", ""] : "" });
          }
        }}
      >
        <option value="">add own words for</option>
        <Options options={options.filter((o) => !(o.id in words))} />
      </select>
      <FieldProblem words={props.said} />
    </fieldset>
  );
}
