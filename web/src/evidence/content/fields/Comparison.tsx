import { useState } from "react";
import type { Vocabulary } from "../../../api/types";
import { numberTyped } from "../../../pieces/numeral";
import { choicesOf, useForm } from "../form";
import { type Fields, freeId, partsOf, slug, textOf, textsOf, type Value } from "../values";
import { COMPARISONS, comparisonOf } from "./rules";

/** One thing that is recorded, and what it has to be. A reading that the test has not yet comes with it. */
export function Comparison(props: { comparison: Fields; onChange: (comparison: Fields) => void }) {
  const { comparison, onChange } = props;
  const form = useForm();
  const leaves = choicesOf(form, "leaf");
  const readings = textsOf(form.root.readings);
  const hasCheats = partsOf(form.root.cheats).length > 0;
  const own = leaves.filter((l) => readings.includes(l.group) || (l.group === "cheat" && hasCheats));
  const others = leaves.filter((l) => !own.includes(l));
  const leaf = leaves.find((l) => l.id === comparison.reading);
  const choose = (id: string) => {
    const chosen = leaves.find((l) => l.id === id);
    if (chosen) {
      onChange(comparisonOf(chosen.id, chosen.kind));
      if (!own.includes(chosen)) {
        form.onRoot({ readings: [...readings, chosen.group] });
      }
    }
  };
  const options = (list: Vocabulary) =>
    list.map((l) => (
      <option key={l.id} value={l.id}>
        {l.label}
        {l.unit && ` (${l.unit})`}
      </option>
    ));
  return (
    <>
      <label className="flex flex-col">
        What is recorded
        <select
          className="field w-64"
          value={textOf(comparison.reading)}
          onChange={(e) => choose(e.target.value)}
        >
          <option value="">choose</option>
          <optgroup label="Readings of this test">{options(own)}</optgroup>
          <optgroup label="Readings that come with it">{options(others)}</optgroup>
        </select>
      </label>
      {leaf?.kind === "flag" && (
        <label className="flex flex-col">
          It is
          <select
            className="field w-40"
            value={comparison.is === false ? "no" : "yes"}
            onChange={(e) => onChange({ reading: leaf.id, is: e.target.value === "yes" })}
          >
            <option value="yes">so</option>
            <option value="no">said not to be so</option>
          </select>
        </label>
      )}
      {leaf?.kind === "quantity" && <Amount comparison={comparison} unit={leaf.unit} onChange={onChange} />}
      {leaf && (leaf.kind === "code" || leaf.kind === "codes") && (
        <OneOf leaf={leaf} comparison={comparison} onChange={onChange} />
      )}
    </>
  );
}

function Amount(props: { comparison: Fields; unit: string; onChange: (comparison: Fields) => void }) {
  const { comparison, unit, onChange } = props;
  const [operator] = COMPARISONS.find(([name]) => name in comparison) ?? ["atLeast"];
  const { reading } = comparison;
  const value = comparison[operator];
  const [low, high] = Array.isArray(value) ? value : [value];
  const give = (name: string, a: Value | undefined, b: Value | undefined) =>
    onChange({ reading, [name]: name === "between" ? [a ?? null, b ?? null] : (a ?? null) });
  return (
    <>
      <label className="flex flex-col">
        Is
        <select className="field w-72" value={operator} onChange={(e) => give(e.target.value, low, high)}>
          {COMPARISONS.map(([name, words]) => (
            <option key={name} value={name}>
              {words}
            </option>
          ))}
        </select>
      </label>
      <Limit
        key={`${operator} low`}
        label={operator === "between" ? "From" : operator.endsWith("Percent") ? "Percent" : unit || "Number"}
        value={low}
        onChange={(next) => give(operator, next, high)}
      />
      {operator === "between" && (
        <Limit label="To" value={high} onChange={(next) => give(operator, low, next)} />
      )}
    </>
  );
}

/** A number of a sentence; what is none stays to be corrected, and the server says what is wrong with it. */
function Limit(props: { label: string; value: Value | undefined; onChange: (value: Value) => void }) {
  const [text, setText] = useState(
    props.value === null || props.value === undefined ? "" : String(props.value),
  );
  return (
    <label className="flex flex-col">
      {props.label}
      <input
        className="field w-28"
        inputMode="decimal"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          const number = numberTyped(e.target.value);
          props.onChange(
            e.target.value.trim() === "" ? null : Number.isFinite(number) ? number : e.target.value,
          );
        }}
      />
    </label>
  );
}

/** Which list of the test has the codes of a reading that are its own. */
const OWN_LISTS: Record<string, string> = { "pain.site": "sites", cheat: "cheats" };

function OneOf(props: {
  leaf: Vocabulary[number];
  comparison: Fields;
  onChange: (comparison: Fields) => void;
}) {
  const { leaf, comparison, onChange } = props;
  const form = useForm();
  const [fresh, setFresh] = useState("");
  const list = OWN_LISTS[leaf.id];
  const own = list ? partsOf(form.root[list]).map((p) => ({ id: textOf(p.id), label: textOf(p.label) })) : [];
  const codes = [...own, ...(own.length > 0 ? [] : leaf.codes)];
  const chosen = typeof comparison.is === "string" ? [comparison.is] : textsOf(comparison.in);
  const give = (next: string[]) => onChange({ reading: leaf.id, in: next });
  const known = [
    ...codes,
    ...chosen.filter((c) => !codes.some((k) => k.id === c)).map((id) => ({ id, label: id })),
  ];
  return (
    <fieldset className="m-0 flex flex-wrap items-center gap-1 border-0 p-0">
      <legend className="p-0">Is one of</legend>
      {known.map((code) => (
        <button
          key={code.id}
          type="button"
          className="choice px-2"
          aria-pressed={chosen.includes(code.id)}
          data-state={chosen.includes(code.id) ? "on" : "off"}
          onClick={() =>
            give(chosen.includes(code.id) ? chosen.filter((c) => c !== code.id) : [...chosen, code.id])
          }
        >
          {code.label}
        </button>
      ))}
      {list && (
        <span className="flex gap-1">
          <input
            className="field w-44"
            aria-label={`A new one for ${leaf.label}`}
            placeholder="a new one"
            value={fresh}
            onChange={(e) => setFresh(e.target.value)}
          />
          <button
            type="button"
            className="choice px-2"
            onClick={() => {
              const label = fresh.trim();
              if (label !== "") {
                const id = freeId(
                  slug(label),
                  own.map((o) => o.id),
                );
                form.onRoot({ [list]: [...partsOf(form.root[list]), { id, label }] });
                give([...chosen, id]);
                setFresh("");
              }
            }}
          >
            Add
          </button>
        </span>
      )}
    </fieldset>
  );
}
