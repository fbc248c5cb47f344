import { FieldProblem } from "../../../pieces/FieldProblem";
import { midSentence } from "../../../pieces/format";
import { type Form, useForm } from "../form";
import { emptyOf, type Fields, freeId, partsOf, slug, textOf, withFields } from "../values";
import type { OneField } from "./plain";

/** What one of a list is called. */
const ONE: Record<string, string> = {
  criteria: "a criterion",
  variants: "a way to do it",
  places: "a place",
  sites: "a place where it can hurt",
  cheats: "a way round it",
  strata: "a count",
};

/** A list of parts; what a part is called makes its id, until it is stored. */
export function PartsField(props: OneField & { path: string }) {
  const { form, path, onChange } = props;
  const whole = useForm();
  const parts = partsOf(props.value);
  const named = form.parts.some((p) => p.type === "id");
  const set = (next: Fields[]) => onChange(next.length === 0 && !form.needed ? undefined : next);
  const change = (at: number, change: Fields) =>
    set(
      parts.map((part, i) =>
        i === at ? withFields(part, { ...change, ...idFor(whole, form.name, parts, i, change) }) : part,
      ),
    );
  return (
    <fieldset className="m-0 flex w-full flex-col gap-3 rounded-md border border-line p-3">
      <legend className="px-1 text-[16px]">{form.label}</legend>
      {form.hint && <span className="text-[14px] text-soft">{form.hint}</span>}
      {parts.map((part, i) => {
        const at = named && textOf(part.id) !== "" ? `${path}.${textOf(part.id)}` : `${path}[${i}]`;
        const name = textOf(part.label) || textOf(part.name) || `number ${i + 1}`;
        return (
          <fieldset
            // biome-ignore lint/suspicious/noArrayIndexKey: a part's id follows its name while it is typed
            key={`${i} of ${parts.length}`}
            aria-label={`${form.label}, ${name}`}
            className="m-0 flex flex-wrap items-end gap-3 border-0 border-l-4 border-line p-0 pl-3"
          >
            {form.parts.map((field) => (
              <whole.Field
                key={field.name}
                form={field}
                value={part[field.name]}
                path={`${at}.${field.name}`}
                onChange={(value) => change(i, { [field.name]: value })}
              />
            ))}
            <button
              type="button"
              className="choice px-2"
              onClick={() => set(parts.filter((_, other) => other !== i))}
            >
              Take away {midSentence(name)}
            </button>
          </fieldset>
        );
      })}
      <button
        type="button"
        className="choice self-start px-2"
        onClick={() => set([...parts, emptyOf(form.parts)])}
      >
        Add {ONE[form.name] ?? `one to ${form.label}`}
      </button>
      <FieldProblem words={props.said} />
    </fieldset>
  );
}

/** A part that is not stored yet goes by what it is called. */
function idFor(whole: Form, list: string, parts: Fields[], at: number, change: Fields): Fields {
  const part = parts[at];
  if (!part || !("label" in change) || !("id" in part) || whole.stored.has(`${list} ${textOf(part.id)}`)) {
    return {};
  }
  const prefix = list === "criteria" ? `${textOf(whole.root.id)}/` : "";
  const taken = parts.filter((_, i) => i !== at).map((p) => textOf(p.id));
  return { id: freeId(prefix + slug(textOf(change.label)), taken) };
}
