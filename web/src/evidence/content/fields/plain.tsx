import { useId, useState } from "react";
import type { FieldForm } from "../../../api/types";
import { FieldProblem } from "../../../pieces/FieldProblem";
import { numberTyped, shareTyped } from "../../../pieces/numeral";
import { TextField } from "../../../pieces/TextField";
import { lines, textOf, textsOf, type Value } from "../values";

/** What the fields of a form have in common. */
export interface OneField {
  form: FieldForm;
  value: Value | undefined;
  /** What is wrong with it; empty where nothing is. */
  said: string;
  onChange: (value: Value | undefined) => void;
}

/** An optional field that was emptied is no longer there. */
const orGone = (form: FieldForm, value: Value, isEmpty: boolean) =>
  isEmpty && !form.needed ? undefined : value;

export function PlainField(props: OneField) {
  const { form, value, said, onChange } = props;
  return (
    <TextField
      label={form.label}
      width="w-96"
      hint={form.hint}
      value={textOf(value)}
      problem={said}
      onChange={(text) => onChange(orGone(form, text, text === ""))}
    />
  );
}

export function LongField(props: OneField) {
  return (
    <Box
      {...props}
      text={textOf(props.value)}
      rows={3}
      onText={(text) => props.onChange(orGone(props.form, text, text === ""))}
    />
  );
}

export function LinesField(props: OneField) {
  const given = textsOf(props.value);
  const [text, setText] = useState(given.join("\n"));
  return (
    <Box
      {...props}
      note="one a line"
      text={text}
      rows={Math.min(9, Math.max(2, given.length + 1))}
      onText={(typed) => {
        setText(typed);
        props.onChange(orGone(props.form, lines(typed), lines(typed).length === 0));
      }}
    />
  );
}

function Box(
  props: OneField & { text: string; note?: string; rows: number; onText: (text: string) => void },
) {
  const id = useId();
  return (
    <div className="flex w-full flex-col text-[16px]">
      <label htmlFor={id}>
        {props.form.label}
        {props.note && `, ${props.note}`}
      </label>
      <textarea
        id={id}
        className="field h-auto py-2"
        rows={props.rows}
        value={props.text}
        aria-invalid={props.said ? true : undefined}
        onChange={(e) => props.onText(e.target.value)}
      />
      {props.form.hint && <span className="text-[14px] text-soft">{props.form.hint}</span>}
      <FieldProblem words={props.said} />
    </div>
  );
}

export function FlagField(props: OneField) {
  const { form, value, said, onChange } = props;
  return (
    <div className="flex flex-col text-[16px]">
      <label className="flex min-h-12 items-center gap-2">
        <input
          type="checkbox"
          className="size-6"
          checked={value === true}
          onChange={(e) => onChange(orGone(form, e.target.checked, !e.target.checked))}
        />
        {form.label}
      </label>
      {form.hint && <span className="text-[14px] text-soft">{form.hint}</span>}
      <FieldProblem words={said} />
    </div>
  );
}

/** A number, typed as one writes it; what is none goes to the server as it is, which says what is wrong with it. */
export function NumericField(props: OneField) {
  const { form, said, onChange } = props;
  // What is typed on the way to a number, such as a comma, is none yet, and stays to be corrected.
  const [text, setText] = useState(
    props.value === null || props.value === undefined ? "" : String(props.value),
  );
  const isShare = form.type === "share" || (form.low === 0 && form.high === 1);
  const range = form.low !== undefined && form.high !== undefined && !isShare && form.high < 1e6;
  return (
    <TextField
      label={form.label}
      numeric
      width="w-40"
      hint={
        form.hint || (isShare ? "such as 0.07, 0,07 or 7\u202f%" : range ? `${form.low} to ${form.high}` : "")
      }
      value={text}
      problem={said}
      onChange={(typed) => {
        setText(typed);
        const value = isShare ? shareTyped(typed) : numberTyped(typed);
        onChange(
          typed.trim() === ""
            ? form.needed
              ? null
              : undefined
            : Number.isFinite(value)
              ? value
              : typed.trim(),
        );
      }}
    />
  );
}
