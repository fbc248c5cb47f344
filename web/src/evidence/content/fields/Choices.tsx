import { useState } from "react";
import { FieldProblem } from "../../../pieces/FieldProblem";
import { choicesOf, useForm } from "../form";
import { textsOf } from "../values";
import type { OneField } from "./plain";

const SHOWN = 8;

/** Several of what there is, found by a part of the name; in their order, since some fields mean it. */
export function Choices(props: OneField) {
  const { form, said, onChange } = props;
  const whole = useForm();
  const options = choicesOf(whole, form.vocabulary);
  const chosen = textsOf(props.value);
  const [word, setWord] = useState("");
  const wanted = word.trim().toLowerCase();
  const left = options.filter((o) => !chosen.includes(o.id));
  const found = left.filter(
    (o) => wanted !== "" && `${o.label} ${o.meaning} ${o.group}`.toLowerCase().includes(wanted),
  );
  const few = options.length <= SHOWN;
  const set = (next: string[]) => onChange(next.length === 0 && !form.needed ? undefined : next);
  const add = (id: string) => {
    set([...chosen, id]);
    setWord("");
  };
  return (
    <fieldset className="m-0 flex w-full flex-col gap-1 rounded-md border border-line p-2 text-[16px]">
      <legend className="px-1">{form.label}</legend>
      {form.hint && <span className="text-[14px] text-soft">{form.hint}</span>}
      <ul className="m-0 flex list-none flex-wrap gap-1 p-0">
        {chosen.map((id) => (
          <li key={id} className="flex items-center rounded-md border border-teal bg-teal-wash pl-2">
            {options.find((o) => o.id === id)?.label ?? id}
            <button
              type="button"
              className="min-h-10 min-w-10"
              aria-label={`Take away ${options.find((o) => o.id === id)?.label ?? id} from ${form.label}`}
              onClick={() => set(chosen.filter((c) => c !== id))}
            >
              {"\u00d7"}
            </button>
          </li>
        ))}
      </ul>
      {!few && (
        <input
          type="search"
          className="field w-96"
          aria-label={`Find for ${form.label}`}
          placeholder="part of its name"
          value={word}
          onChange={(e) => setWord(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === "Enter") {
              e.preventDefault();
              const [first] = found;
              if (first) {
                add(first.id);
              }
            }
          }}
        />
      )}
      <div className="flex flex-col gap-1">
        {(few ? left : found.slice(0, SHOWN)).map((o) => (
          <button
            key={o.id}
            type="button"
            className="choice self-start px-2 text-left"
            onClick={() => add(o.id)}
          >
            <span className="sr-only">Add </span>
            {o.label}
            {o.meaning && <span className="ml-2 text-[14px] text-soft">{o.meaning}</span>}
          </button>
        ))}
        {!few && found.length > SHOWN && (
          <span className="text-[14px] text-soft">
            And {found.length - SHOWN} more; type more of the name.
          </span>
        )}
        {wanted !== "" && found.length === 0 && form.type !== "choices-or-new" && (
          <span className="text-[14px] text-soft">No match.</span>
        )}
        {form.type === "choices-or-new" && wanted !== "" && !options.some((o) => o.id === word.trim()) && (
          <button type="button" className="choice self-start px-2" onClick={() => add(word.trim())}>
            Add {"\u201c"}
            {word.trim()}
            {"\u201d"} as a new one
          </button>
        )}
      </div>
      <FieldProblem words={said} />
    </fieldset>
  );
}
