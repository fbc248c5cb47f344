import { useState } from "react";
import { FieldProblem } from "../../../pieces/FieldProblem";
import { choicesOf, useForm } from "../form";
import { emptyOf, type Fields, isFields, type Value } from "../values";
import { Options } from "./Choice";
import type { OneField } from "./plain";

/** Fields by what they are of: by something chosen, or by a name that is typed. */
export function ByName(props: OneField & { path: string }) {
  const { form, path, onChange } = props;
  const whole = useForm();
  const all: Fields = isFields(props.value) ? props.value : {};
  const [name, setName] = useState("");
  const options = choicesOf(whole, form.vocabulary);
  const [only] = form.parts;
  const single = only?.name === "" ? only : undefined;
  const set = (next: Fields) => onChange(Object.keys(next).length === 0 && !form.needed ? undefined : next);
  const add = (key: string) => {
    if (key !== "" && !(key in all)) {
      set({ ...all, [key]: single ? null : emptyOf(form.parts) });
    }
    setName("");
  };
  const labelOf = (key: string) => options.find((o) => o.id === key)?.label ?? key;
  return (
    <fieldset className="m-0 flex w-full flex-col gap-2 rounded-md border border-line p-3">
      <legend className="px-1 text-[16px]">{form.label}</legend>
      {form.hint && <span className="text-[14px] text-soft">{form.hint}</span>}
      {Object.keys(all).map((key) => (
        <fieldset
          key={key}
          aria-label={`${form.label}, ${labelOf(key)}`}
          className="m-0 flex flex-wrap items-end gap-3 border-0 border-l-4 border-line p-0 pl-3"
        >
          <span className="w-full text-[16px]">{labelOf(key)}</span>
          {single ? (
            <whole.Field
              form={single}
              value={all[key]}
              path={`${path}.${key}`}
              onChange={(value) => set({ ...all, [key]: value as Value })}
            />
          ) : (
            form.parts.map((part) => {
              const fields = all[key];
              const of = isFields(fields) ? fields : {};
              return (
                <whole.Field
                  key={part.name}
                  form={part}
                  value={of[part.name]}
                  path={`${path}.${key}.${part.name}`}
                  onChange={(value) => set({ ...all, [key]: { ...of, [part.name]: value as Value } })}
                />
              );
            })
          )}
          <button
            type="button"
            className="choice px-2"
            onClick={() => {
              const { [key]: _, ...rest } = all;
              set(rest);
            }}
          >
            Take away {labelOf(key)}
          </button>
        </fieldset>
      ))}
      {form.type === "by-choice" ? (
        <select
          className="field w-80"
          aria-label={`Add to ${form.label}`}
          value=""
          onChange={(e) => add(e.target.value)}
        >
          <option value="">add one</option>
          <Options options={options.filter((o) => !(o.id in all))} />
        </select>
      ) : (
        <span className="flex gap-2">
          <input
            className="field w-64"
            aria-label={`Name of a new one in ${form.label}`}
            value={name}
            onChange={(e) => setName(e.target.value)}
          />
          <button type="button" className="choice px-3" onClick={() => add(name.trim())}>
            Add
          </button>
        </span>
      )}
      <FieldProblem words={props.said} />
    </fieldset>
  );
}
