import { useEffect, useRef, useState } from "react";
import { useCatalogue } from "../api/queries";
import { useSettled } from "../pieces/useSettled";

/** What is asked for of the history; each field asks at once. */
export function Filters(props: {
  asked: URLSearchParams;
  subjects: string[];
  people: string[];
  onAsk: (asked: URLSearchParams) => void;
}) {
  const { asked } = props;
  const catalogue = useCatalogue().data;
  const ask = (name: string, value: string) => {
    const next = new URLSearchParams(asked);
    if (value) {
      next.set(name, value);
    } else {
      next.delete(name);
    }
    props.onAsk(next);
  };
  const choice = (name: string, label: string, options: { id: string; name: string }[], width = "w-40") => (
    <label className="flex flex-col text-[16px]">
      {label}
      <select
        className={`field ${width}`}
        value={asked.get(name) ?? ""}
        onChange={(e) => ask(name, e.target.value)}
      >
        <option value="">all</option>
        {options.map((o) => (
          <option key={o.id} value={o.id}>
            {o.name}
          </option>
        ))}
      </select>
    </label>
  );
  const day = (name: string, label: string) => (
    <label className="flex flex-col text-[16px]">
      {label}
      <input
        type="date"
        className="field w-44"
        value={asked.get(name) ?? ""}
        onChange={(e) => ask(name, e.target.value)}
      />
    </label>
  );
  const plain = (names: string[]) => names.map((name) => ({ id: name, name }));
  const entry = asked.get("entry");
  const criterion = asked.get("criterion");
  return (
    <search className="flex flex-wrap items-end gap-3 print:hidden">
      <FindField value={asked.get("q") ?? ""} onAsk={(q) => ask("q", q)} />
      {choice("kind", "Kind", plain(props.subjects))}
      {choice("who", "Person", plain(props.people))}
      {choice("test", "Test", catalogue?.tests ?? [], "w-52")}
      {choice("condition", "Condition", catalogue?.conditions ?? [], "w-52")}
      {day("from", "From")}
      {day("to", "To")}
      {(criterion || entry) && (
        <button
          type="button"
          className="choice px-3"
          onClick={() => {
            const next = new URLSearchParams(asked);
            next.delete("criterion");
            next.delete("entry");
            props.onAsk(next);
          }}
        >
          Not only of {criterion ?? entry}
        </button>
      )}
      {asked.size > 0 && (
        <button type="button" className="choice px-3" onClick={() => props.onAsk(new URLSearchParams())}>
          Everything
        </button>
      )}
      <a className="choice inline-flex items-center px-3" href={`/api/history/csv?${asked}`} download>
        As CSV
      </a>
    </search>
  );
}

/** Asks once the typing has paused: all that was ever changed is searched. */
function FindField(props: { value: string; onAsk: (value: string) => void }) {
  const { value, onAsk } = props;
  const [text, setText] = useState(value);
  const settled = useSettled(text);
  const asked = useRef(value);
  useEffect(() => {
    if (settled !== asked.current) {
      asked.current = settled;
      onAsk(settled);
    }
  }, [settled, onAsk]);
  useEffect(() => {
    // Cleared from elsewhere.
    if (value !== asked.current) {
      asked.current = value;
      setText(value);
    }
  }, [value]);
  return (
    <label className="flex flex-col text-[16px]">
      Find
      <input
        type="search"
        className="field w-56"
        placeholder="a word, or a value it had"
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
    </label>
  );
}
