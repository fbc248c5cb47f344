import { type FormEvent, type ReactNode, useState } from "react";
import { shareTyped } from "../pieces/numeral";
import { NumberField } from "./NumberField";

/** A few shares that are set together: each has its place, and what cannot be is said beside it. */
export function NumberForm<K extends string>(props: {
  heading: string;
  fields: { key: K; label: string; value: number }[];
  button: string;
  /** What cannot be, by field. */
  problemsOf: (values: Record<K, number>) => Partial<Record<K, string>>;
  onSave: (values: Record<K, number>) => void;
  /** What they mean. */
  children: ReactNode;
}) {
  const [typed, setTyped] = useState(
    Object.fromEntries(props.fields.map((f) => [f.key, String(f.value)])) as Record<K, string>,
  );
  const [problems, setProblems] = useState<Partial<Record<K, string>>>({});
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const values = Object.fromEntries(props.fields.map((f) => [f.key, shareTyped(typed[f.key])])) as Record<
      K,
      number
    >;
    const found = props.problemsOf(values);
    setProblems(found);
    if (Object.keys(found).length === 0) {
      props.onSave(values);
    }
  };
  return (
    <form className="flex flex-col gap-2" onSubmit={submit}>
      <h2 className="m-0 text-[17px] font-normal">{props.heading}</h2>
      {props.fields.map((f) => (
        <NumberField
          key={f.key}
          name={f.key}
          label={f.label}
          value={typed[f.key]}
          problem={problems[f.key] ?? ""}
          onChange={(text) => setTyped({ ...typed, [f.key]: text })}
        />
      ))}
      <button type="submit" className="action self-start">
        {props.button}
      </button>
      <p className="m-0 text-[16px] text-soft">{props.children}</p>
    </form>
  );
}
