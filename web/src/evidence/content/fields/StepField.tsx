import { choicesOf, useForm } from "../form";
import { type Fields, isFields, textOf, textsOf } from "../values";
import { Choices } from "./Choices";
import type { OneField } from "./plain";
import { LongField } from "./plain";

const END = "\u0000end";

/** Where a rung leads: to another rung, or to an end that suspects something or says what to do. */
export function StepField(props: OneField) {
  const { form, value, said, onChange } = props;
  const whole = useForm();
  const rungs = choicesOf(whole, "rung");
  const end: Fields | undefined = isFields(value) ? value : undefined;
  const suspect = end && (typeof end.suspect === "string" ? [end.suspect] : textsOf(end.suspect));
  return (
    <div className="flex min-w-72 flex-1 flex-col gap-1 text-[16px]">
      <label className="flex flex-col">
        {form.label}
        <select
          className="field"
          value={end ? END : textOf(value)}
          onChange={(e) => onChange(e.target.value === END ? {} : e.target.value)}
        >
          <option value="">choose</option>
          <option value={END}>the ladder ends</option>
          {rungs.map((r) => (
            <option key={r.id} value={r.id}>
              go on with {r.label}
            </option>
          ))}
        </select>
      </label>
      {end && (
        <>
          <Choices
            form={{ ...form, type: "choices", label: `${form.label}, suspect`, hint: "", needed: false }}
            value={suspect}
            said=""
            onChange={(next) => onChange({ ...end, suspect: next as string[] | undefined } as Fields)}
          />
          <LongField
            form={{ ...form, label: `${form.label}, say`, hint: "", needed: false }}
            value={end.end}
            said={said}
            onChange={(next) => onChange({ ...end, end: next } as Fields)}
          />
        </>
      )}
    </div>
  );
}
