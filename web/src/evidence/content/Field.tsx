import { useId, useState } from "react";
import { type Fields, isFields, isTexts, lines, type Value, words } from "./fields";

const LONG = 60;

/** One field of an entry by what it holds: a text, a number, yes or no, a list, or fields of its own. */
export function Field(props: {
  name: string;
  value: Value | undefined;
  /** Of a list: what its parts can have, each as some other part has it. */
  parts?: Fields;
  onChange: (value: Value) => void;
}) {
  const { name, value, onChange } = props;
  const label = words(name);
  // Decided once: what is typed on the way to a number, such as a point, is none yet.
  const [isNumber] = useState(typeof value === "number");
  if (isNumber || typeof value === "number" || value === null || value === undefined) {
    return <NumberField label={label} value={typeof value === "number" ? value : null} onChange={onChange} />;
  }
  if (typeof value === "boolean") {
    return (
      <label className="flex min-h-12 items-center gap-2 text-[16px]">
        <input
          type="checkbox"
          className="size-6"
          checked={value}
          onChange={(e) => onChange(e.target.checked)}
        />
        {label}
      </label>
    );
  }
  if (typeof value === "string") {
    return <TextField label={label} value={value} onChange={onChange} />;
  }
  if (isTexts(value)) {
    return <LinesField label={label} value={value} onChange={onChange} />;
  }
  if (isFields(value)) {
    return (
      <fieldset className="m-0 flex flex-wrap items-end gap-3 rounded-md border border-line p-3">
        <legend className="px-1 text-[16px]">{label}</legend>
        {Object.keys(value).map((inner) => (
          <Field
            key={inner}
            name={inner}
            value={value[inner]}
            onChange={(changed) => onChange({ ...value, [inner]: changed })}
          />
        ))}
        <AddFields
          names={Object.keys(props.parts ?? {}).filter((f) => value[f] === undefined || value[f] === null)}
          onAdd={(field) => onChange({ ...value, [field]: structuredClone(props.parts?.[field] ?? null) })}
        />
      </fieldset>
    );
  }
  return <ListField label={label} value={value} parts={props.parts} onChange={onChange} />;
}

function NumberField(props: { label: string; value: number | null; onChange: (value: Value) => void }) {
  const [text, setText] = useState(props.value === null ? "" : String(props.value));
  return (
    <label className="flex flex-col text-[16px]">
      {props.label}
      <input
        className="field w-40"
        inputMode="decimal"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          const plain = e.target.value.trim().replace(",", ".");
          // What is no number goes to the server as it is, which says what is wrong with it.
          props.onChange(
            plain === "" ? null : Number.isFinite(Number(plain)) ? Number(plain) : e.target.value,
          );
        }}
      />
    </label>
  );
}

function LinesField(props: { label: string; value: string[]; onChange: (value: Value) => void }) {
  const [text, setText] = useState(props.value.join("\n"));
  return (
    <label className="flex flex-col text-[16px]">
      {props.label}, one a line
      <textarea
        className="field py-2"
        style={{ height: `${Math.min(9, Math.max(2, props.value.length + 1)) * 24 + 20}px` }}
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          props.onChange(lines(e.target.value));
        }}
      />
    </label>
  );
}

/** Fields that are not there yet, to be added as another has them. */
export function AddFields(props: { names: string[]; onAdd: (name: string) => void }) {
  return (
    props.names.length > 0 && (
      <div className="flex w-full flex-wrap items-center gap-2 text-[16px]">
        Add a field, filled as in another:
        {props.names.map((name) => (
          <button key={name} type="button" className="choice px-2" onClick={() => props.onAdd(name)}>
            {words(name)}
          </button>
        ))}
      </div>
    )
  );
}

/** What one of a list is called. */
const ONE: Record<string, string> = {
  criteria: "a criterion",
  variants: "a variant",
  places: "a place",
  sites: "a site",
  cheats: "a way round it",
  strata: "a count",
};

function ListField(props: {
  label: string;
  value: Value[];
  parts?: Fields;
  onChange: (value: Value) => void;
}) {
  const { label, value, onChange } = props;
  return (
    <fieldset className="m-0 flex flex-col gap-3 rounded-md border border-line p-3">
      <legend className="px-1 text-[16px]">{label}</legend>
      {value.map((item, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: entries of a list have nothing else to be told apart by
        <div key={`${i} of ${value.length}`} className="flex flex-col gap-1">
          <Field
            name={`${i + 1}`}
            value={item}
            parts={props.parts}
            onChange={(changed) => onChange(value.map((old, at) => (at === i ? changed : old)))}
          />
          <button
            type="button"
            className="choice self-start px-2"
            onClick={() => onChange(value.filter((_, at) => at !== i))}
          >
            Take away {label} {i + 1}
          </button>
        </div>
      ))}
      <button
        type="button"
        className="choice self-start px-2"
        onClick={() => onChange([...value, structuredClone(value[value.length - 1] ?? {})])}
      >
        Add {ONE[label] ?? `one to ${label}`}
      </button>
    </fieldset>
  );
}

function TextField(props: { label: string; value: string; onChange: (value: Value) => void }) {
  const id = useId();
  // Decided once: changing the box while somebody types would take the cursor away.
  const [Box] = useState<"textarea" | "input">(props.value.length > LONG ? "textarea" : "input");
  return (
    <div className="flex flex-col text-[16px]">
      <label htmlFor={id}>{props.label}</label>
      <Box
        id={id}
        className={Box === "input" ? "field" : "field h-24 py-2"}
        value={props.value}
        onChange={(e) => props.onChange(e.target.value)}
      />
    </div>
  );
}
