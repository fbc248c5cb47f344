import { useState } from "react";
import type { Vocabulary } from "../../../api/types";
import { FieldProblem } from "../../../pieces/FieldProblem";
import { numberTyped } from "../../../pieces/numeral";
import { choicesOf, useForm } from "../form";
import { type Fields, isFields, type Value } from "../values";
import { Options } from "./Choice";
import type { OneField } from "./plain";

const JOINS = [
  ["all", "all of these"],
  ["any", "any of these"],
  ["of", "at least so many of these"],
] as const;
type Join = (typeof JOINS)[number][0];

const joinOf = (rule: Fields): Join => JOINS.find(([name]) => Array.isArray(rule[name]))?.[0] ?? "all";

/** What a case definition asks for: criteria and questions, joined by all, any, or so many of them, and what must not hold. */
export function DefinitionField(props: OneField) {
  const form = useForm();
  return (
    <fieldset className="m-0 flex w-full flex-col gap-2 rounded-md border border-line p-3 text-[16px]">
      <legend className="px-1">{props.form.label}</legend>
      <Asked
        rule={isFields(props.value) ? props.value : { all: [] }}
        options={choicesOf(form, props.form.vocabulary)}
        onChange={props.onChange}
      />
      <FieldProblem words={props.said} />
    </fieldset>
  );
}

function Asked(props: { rule: Fields; options: Vocabulary; onChange: (rule: Fields) => void }) {
  const { rule, options, onChange } = props;
  const join = joinOf(rule);
  const found = rule[join];
  // One that as a whole must not hold is a part that must not.
  const parts: Value[] = Array.isArray(found) ? found : rule.not === undefined ? [] : [rule];
  const [text, setText] = useState(String(rule.atLeast ?? 1));
  const give = (next: Value[], by: Join = join, atLeast: Value = rule.atLeast ?? 1) =>
    onChange(by === "of" ? { atLeast, of: next } : { [by]: next });
  return (
    <div className="flex flex-col gap-2 border-l-4 border-line pl-2">
      <span className="flex gap-2">
        <select
          className="field w-64"
          aria-label="How these go together"
          value={join}
          onChange={(e) => give(parts, e.target.value as Join)}
        >
          {JOINS.map(([name, words]) => (
            <option key={name} value={name}>
              {words}
            </option>
          ))}
        </select>
        {join === "of" && (
          <input
            className="field w-20"
            aria-label="At least how many"
            inputMode="numeric"
            value={text}
            onChange={(e) => {
              setText(e.target.value);
              const number = numberTyped(e.target.value);
              give(parts, join, Number.isFinite(number) ? number : e.target.value);
            }}
          />
        )}
      </span>
      {parts.map((part, i) => {
        const not = isFields(part) && part.not !== undefined;
        const inner = isFields(part) && part.not !== undefined ? part.not : part;
        const put = (next: Value) => give(parts.map((p, at) => (at === i ? next : p)));
        const change = (next: Value) => put(not ? { not: next } : next);
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: parts have nothing else to be told apart by
          <div key={`${i} of ${parts.length}`} className="flex flex-wrap items-end gap-2">
            {isFields(inner) ? (
              <Asked rule={inner} options={options} onChange={change} />
            ) : (
              <select
                className="field w-96"
                aria-label="Criterion or question"
                value={typeof inner === "string" ? inner : ""}
                onChange={(e) => change(e.target.value)}
              >
                <option value="">choose</option>
                <Options options={options} />
              </select>
            )}
            <label className="flex min-h-12 items-center gap-2">
              <input
                type="checkbox"
                className="size-5"
                checked={not}
                onChange={(e) => put(e.target.checked ? { not: inner } : inner)}
              />
              must not hold
            </label>
            <button
              type="button"
              className="choice px-2"
              onClick={() => give(parts.filter((_, at) => at !== i))}
            >
              Take it away
            </button>
          </div>
        );
      })}
      <div className="flex gap-2">
        <button type="button" className="choice px-2" onClick={() => give([...parts, ""])}>
          Add a criterion or question
        </button>
        <button type="button" className="choice px-2" onClick={() => give([...parts, { any: [] }])}>
          Add a group
        </button>
      </div>
    </div>
  );
}
