import { type FormEvent, type ReactNode, useState } from "react";

/** A few numbers that are set together: each has its place, and what cannot be is said beside them. */
export function NumberForm<K extends string>(props: {
  heading: string;
  fields: { key: K; label: string; value: number }[];
  button: string;
  /** What cannot be, or nothing. */
  problemOf: (values: Record<K, number>) => string;
  onSave: (values: Record<K, number>) => void;
  /** What they mean. */
  children: ReactNode;
}) {
  const [typed, setTyped] = useState(
    Object.fromEntries(props.fields.map((f) => [f.key, String(f.value)])) as Record<K, string>,
  );
  const [problem, setProblem] = useState("");
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const values = Object.fromEntries(
      props.fields.map((f) => [f.key, Number(typed[f.key].replace(",", "."))]),
    ) as Record<K, number>;
    const found = props.problemOf(values);
    setProblem(found);
    if (!found) {
      props.onSave(values);
    }
  };
  return (
    <form className="flex flex-col gap-2" onSubmit={submit}>
      <h2 className="m-0 text-[17px] font-normal">{props.heading}</h2>
      <div className="flex flex-wrap items-end gap-4">
        {props.fields.map((f) => (
          <label key={f.key} className="flex flex-col text-[16px]">
            {f.label}
            <input
              className="field w-28"
              inputMode="decimal"
              value={typed[f.key]}
              onChange={(e) => setTyped({ ...typed, [f.key]: e.target.value })}
            />
          </label>
        ))}
        <button type="submit" className="action">
          {props.button}
        </button>
      </div>
      {problem && (
        <p role="alert" className="m-0 text-[16px] text-stop">
          {problem}
        </p>
      )}
      <p className="m-0 text-[16px] text-soft">{props.children}</p>
    </form>
  );
}
