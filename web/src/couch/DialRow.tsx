import { useEffect, useState } from "react";
import type { Dial } from "../api/types";
import { plainNumber } from "../pieces/format";

/** A measured number: quick values, steps, or typed. A number out of range is refused with the range. */
export function DialRow(props: {
  dial: Dial;
  sideName: string;
  value: number | undefined;
  narrow: boolean;
  onChange: (value: number | null) => void;
}) {
  const { dial, value } = props;
  const [text, setText] = useState("");
  const [problem, setProblem] = useState("");
  useEffect(() => setText(value === undefined ? "" : plainNumber(value)), [value]);

  const save = (next: number) => {
    if (!(next >= dial.low && next <= dial.high)) {
      setProblem(`${dial.label}: expected ${dial.low} to ${dial.high} ${dial.unit}.`);
      return;
    }
    setProblem("");
    props.onChange(next);
  };
  const commit = () => {
    if (text.trim() === "") {
      setProblem("");
      if (value !== undefined) {
        props.onChange(null);
      }
    } else if (Number(text.replace(",", ".")) !== value) {
      save(Number(text.replace(",", ".")));
    }
  };
  const step = (by: number) =>
    save(Math.min(dial.high, Math.max(dial.low, (value ?? dial.quick[0] ?? 0) + by)));
  return (
    <div className="rounded-md border-[1.5px] border-line bg-card px-2 py-1">
      <div className="flex flex-wrap items-center gap-1.5 text-[16px]">
        <label className="flex items-center gap-1.5">
          <span className={props.narrow ? "w-full" : "w-[112px]"}>{dial.label}</span>
          <input
            className="field w-[72px] text-right font-bold"
            inputMode="decimal"
            aria-label={`${dial.label}, ${props.sideName}, in ${dial.unit || "points"}`}
            aria-invalid={problem ? true : undefined}
            value={text}
            onChange={(e) => setText(e.target.value)}
            onBlur={commit}
            onKeyDown={(e) => e.key === "Enter" && commit()}
          />
          <span className="text-soft">{dial.unit}</span>
        </label>
        <button
          type="button"
          className="choice min-w-12"
          aria-label={`${dial.label} less`}
          onClick={() => step(-dial.step)}
        >
          −
        </button>
        <button
          type="button"
          className="choice min-w-12"
          aria-label={`${dial.label} more`}
          onClick={() => step(dial.step)}
        >
          +
        </button>
        {!props.narrow &&
          dial.quick.map((q) => (
            <button
              key={q}
              type="button"
              className="choice min-w-12 px-2"
              data-state={value === q ? "on" : "off"}
              aria-label={`${dial.label} ${q} ${dial.unit}`}
              aria-pressed={value === q}
              onClick={() => (value === q ? props.onChange(null) : save(q))}
            >
              {q}
            </button>
          ))}
      </div>
      {problem && (
        <p role="alert" className="m-0 text-[15px] text-stop">
          {problem}
        </p>
      )}
    </div>
  );
}
