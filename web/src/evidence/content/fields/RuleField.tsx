import { FieldProblem } from "../../../pieces/FieldProblem";
import { useForm } from "../form";
import { type Fields, isFields, textOf } from "../values";
import { Comparison } from "./Comparison";
import type { OneField } from "./plain";
import { comparisonOf, groupOf, negated } from "./rules";

const DEEPEST = 3;

/** When a criterion is positive, built as a sentence of what is recorded, and read back in words. */
export function RuleField(props: OneField) {
  const whole = useForm();
  const rule: Fields = isFields(props.value) ? props.value : { all: [] };
  const criterion = Object.entries(whole.rules).find(([id]) => isOf(whole.root.criteria, id, props.value));
  return (
    <fieldset className="m-0 flex w-full flex-col gap-2 rounded-md border border-line p-3 text-[16px]">
      <legend className="px-1">{props.form.label}</legend>
      <Group rule={groupOf(rule) ? rule : { all: [rule] }} depth={1} onChange={props.onChange} />
      {criterion?.[1] && (
        <p className="m-0 border-l-4 border-teal pl-2">
          <b>Read back:</b> positive when: {criterion[1]}.
        </p>
      )}
      <FieldProblem words={props.said} />
    </fieldset>
  );
}

const isOf = (criteria: unknown, id: string, rule: unknown) =>
  Array.isArray(criteria) &&
  criteria.some((c) => isFields(c) && textOf(c.id) === id && c.positiveWhen === rule);

/** Some comparisons and groups that have to hold all together, or one of them. */
function Group(props: { rule: Fields; depth: number; onChange: (rule: Fields) => void }) {
  const { rule, depth, onChange } = props;
  const group = groupOf(rule) ?? { join: "all" as const, parts: [] };
  const set = (parts: Fields[], join = group.join) => onChange({ [join]: parts });
  return (
    <div className="flex flex-col gap-2">
      {(group.parts.length > 1 || depth > 1) && (
        <select
          className="field w-56"
          aria-label="How these go together"
          value={group.join}
          onChange={(e) => set(group.parts, e.target.value === "any" ? "any" : "all")}
        >
          <option value="all">all of these</option>
          <option value="any">any of these</option>
        </select>
      )}
      {group.parts.map((part, i) => (
        <Part
          // biome-ignore lint/suspicious/noArrayIndexKey: parts of a rule have nothing else to be told apart by
          key={`${i} of ${group.parts.length}`}
          part={part}
          depth={depth}
          onChange={(next) => set(group.parts.map((p, at) => (at === i ? next : p)))}
          onTakeAway={() => set(group.parts.filter((_, at) => at !== i))}
        />
      ))}
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="choice px-2"
          onClick={() => set([...group.parts, comparisonOf("", "flag")])}
        >
          Add what is recorded
        </button>
        {depth < DEEPEST && (
          <button
            type="button"
            className="choice px-2"
            onClick={() =>
              set([...group.parts, { [group.join === "all" ? "any" : "all"]: [comparisonOf("", "flag")] }])
            }
          >
            Add a group
          </button>
        )}
      </div>
    </div>
  );
}

function Part(props: {
  part: Fields;
  depth: number;
  onChange: (part: Fields) => void;
  onTakeAway: () => void;
}) {
  const { part, depth, onChange } = props;
  const not = negated(part);
  const inner = not ?? part;
  const give = (next: Fields) => onChange(not ? { not: next } : next);
  const isGroup = groupOf(inner) !== undefined;
  return (
    <div className="flex flex-wrap items-end gap-2 border-l-4 border-line pl-2">
      {isGroup ? (
        <Group rule={inner} depth={depth + 1} onChange={give} />
      ) : (
        <Comparison comparison={inner} onChange={give} />
      )}
      {(not !== undefined || isGroup || !("is" in inner)) && (
        <label className="flex min-h-12 items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={not !== undefined}
            onChange={(e) => onChange(e.target.checked ? { not: inner } : inner)}
          />
          must not hold
        </label>
      )}
      <button type="button" className="choice px-2" onClick={props.onTakeAway}>
        Take it away
      </button>
    </div>
  );
}
