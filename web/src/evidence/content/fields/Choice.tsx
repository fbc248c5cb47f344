import { useState } from "react";
import type { Vocabulary } from "../../../api/types";
import { FieldProblem } from "../../../pieces/FieldProblem";
import { choicesOf, useForm } from "../form";
import { textOf } from "../values";
import type { OneField } from "./plain";

const NEW = "\u0000new";

/** One of what there is, with what it means; where the field allows it, a new one. */
export function Choice(props: OneField) {
  const { form, said, onChange } = props;
  const whole = useForm();
  const options = choicesOf(whole, form.vocabulary);
  const value = textOf(props.value);
  const [isNew, setNew] = useState(false);
  const mayBeNew = form.type === "choice-or-new";
  const chosen = options.find((o) => o.id === value);
  const isOther = value !== "" && !chosen;
  // A place without a name is the test itself; elsewhere nothing chosen is an empty field.
  const hasEmpty = options.some((o) => o.id === "");
  return (
    <div className="flex max-w-[460px] flex-col text-[16px]">
      <label className="flex flex-col">
        {form.label}
        <select
          className="field"
          value={isNew || (mayBeNew && isOther) ? NEW : value}
          aria-invalid={said ? true : undefined}
          onChange={(e) => {
            setNew(e.target.value === NEW);
            onChange(
              e.target.value === NEW
                ? ""
                : e.target.value === "" && (!form.needed || form.name === "at")
                  ? undefined
                  : e.target.value,
            );
          }}
        >
          {!hasEmpty && <option value="">{form.needed ? "choose" : "none"}</option>}
          <Options options={options} />
          {isOther && !mayBeNew && <option value={value}>{value}</option>}
          {mayBeNew && <option value={NEW}>a new one</option>}
        </select>
      </label>
      {(isNew || (mayBeNew && isOther)) && (
        <input
          className="field mt-1"
          aria-label={`${form.label}, a new one`}
          value={value}
          onChange={(e) => onChange(e.target.value)}
        />
      )}
      {(chosen?.meaning || form.hint) && (
        <span className="text-[14px] text-soft">{chosen?.meaning || form.hint}</span>
      )}
      <FieldProblem words={said} />
    </div>
  );
}

/** What there is to choose, under headings where it has some. */
export function Options(props: { options: Vocabulary }) {
  const groups = [...new Set(props.options.map((o) => o.group))];
  if (groups.length < 2) {
    return props.options.map((o) => (
      <option key={o.id} value={o.id}>
        {o.label}
      </option>
    ));
  }
  return groups.map((group) => (
    <optgroup key={group} label={group || "others"}>
      {props.options
        .filter((o) => o.group === group)
        .map((o) => (
          <option key={o.id} value={o.id}>
            {o.label}
          </option>
        ))}
    </optgroup>
  ));
}
