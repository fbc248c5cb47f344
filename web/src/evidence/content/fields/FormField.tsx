import type { FieldForm } from "../../../api/types";
import { FieldProblem } from "../../../pieces/FieldProblem";
import { type FieldProps, saidOf, useForm } from "../form";
import { isFields, type Value } from "../values";
import { ByName } from "./ByName";
import { Choice } from "./Choice";
import { Choices } from "./Choices";
import { DefinitionField } from "./DefinitionField";
import { PartsField } from "./PartsField";
import { PlaceField } from "./PlaceField";
import { FlagField, LinesField, LongField, NumericField, PlainField } from "./plain";
import { RuleField } from "./RuleField";
import { StepField } from "./StepField";
import { WordsField } from "./WordsField";

/** One field of an entry, by what it holds. */
export function FormField(props: FieldProps) {
  const { form, value, path, onChange } = props;
  const whole = useForm();
  const said = saidOf(whole, path, form.parts.length === 0);
  const shared = { form, value, said, onChange };
  switch (form.type) {
    case "id":
      return null;
    case "text":
      return <PlainField {...shared} />;
    case "long":
      return <LongField {...shared} />;
    case "lines":
      return <LinesField {...shared} />;
    case "flag":
      return <FlagField {...shared} />;
    case "number":
    case "whole":
    case "share":
      return <NumericField {...shared} />;
    case "choice":
    case "choice-or-new":
      return form.vocabulary === "place" ? <PlaceField {...shared} /> : <Choice {...shared} />;
    case "choices":
    case "choices-or-new":
      return <Choices {...shared} />;
    case "list":
      return <PartsField {...shared} path={path} />;
    case "rule":
      return <RuleField {...shared} />;
    case "definition":
      return <DefinitionField {...shared} />;
    case "words":
      return <WordsField {...shared} />;
    case "step":
      return <StepField {...shared} />;
    case "fields":
      return <Together {...props} said={said} />;
    default:
      return <ByName {...shared} path={path} />;
  }
}

/** Fields that stand together; what may be missing can be left out as a whole. */
function Together(props: {
  form: FieldForm;
  value: Value | undefined;
  path: string;
  said: string;
  onChange: (value: Value | undefined) => void;
}) {
  const { form, value, path, onChange } = props;
  if (!isFields(value)) {
    return (
      <button type="button" className="choice self-start px-3" onClick={() => onChange({})}>
        Add: {form.label}
      </button>
    );
  }
  return (
    <fieldset className="m-0 flex flex-wrap items-end gap-3 rounded-md border border-line p-3">
      <legend className="px-1 text-[16px]">{form.label}</legend>
      {form.hint && <p className="m-0 w-full text-[14px] text-soft">{form.hint}</p>}
      {form.parts.map((part) => (
        <FormField
          key={part.name}
          form={part}
          value={value[part.name]}
          path={`${path}.${part.name}`}
          onChange={(next) => onChange({ ...value, [part.name]: next as Value })}
        />
      ))}
      {!form.needed && (
        <button type="button" className="choice px-3" onClick={() => onChange(undefined)}>
          Leave it out
        </button>
      )}
      <FieldProblem words={props.said} />
    </fieldset>
  );
}
