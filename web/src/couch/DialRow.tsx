import { useEffect, useState } from "react";
import type { Dial } from "../api/types";
import { plainNumber } from "../pieces/format";

/** How many quick values fit beside the number. */
const QUICK = 4;

/** A measured number: quick values, steps, or typed. A number out of range is refused with the range. */
export function DialRow(props: {
  dial: Dial;
  sideName: string;
  value: number | undefined;
  compact: boolean;
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
  const unit = dial.unit === "degrees" ? "\u00b0" : dial.unit;
  const input = (
    <input
      className="field w-[52px] px-1 text-center font-bold"
      inputMode="decimal"
      aria-label={`${dial.label}, ${props.sideName}, in ${dial.unit || "points"}`}
      aria-invalid={problem ? true : undefined}
      value={text}
      onChange={(e) => setText(e.target.value)}
      onBlur={commit}
      onKeyDown={(e) => {
        // Leaving the field saves it and gives the keys back to the screen.
        if (e.key === "Enter") {
          e.currentTarget.blur();
        }
      }}
    />
  );
  const stepper = (sign: 1 | -1) => (
    <button
      type="button"
      className="choice min-w-10 px-1"
      aria-label={`${dial.label} ${sign > 0 ? "more" : "less"}`}
      onClick={() => step(sign * dial.step)}
    >
      {sign > 0 ? "+" : "\u2212"}
    </button>
  );
  return (
    <div className="rounded-md border-[1.5px] border-line bg-card p-1 text-ink">
      {props.compact && (
        <div className="px-1 text-[15px] leading-tight">
          {dial.label} <span className="text-soft">{unit}</span>
        </div>
      )}
      <div className="flex flex-wrap items-center gap-[3px] text-[16px]">
        {!props.compact && <span className="w-[104px] px-1 leading-tight">{dial.label}</span>}
        {props.compact && stepper(-1)}
        {input}
        {!props.compact && <span className="text-soft">{unit}</span>}
        {!props.compact && stepper(-1)}
        {stepper(1)}
        {!props.compact &&
          dial.quick.slice(0, QUICK).map((q) => (
            <button
              key={q}
              type="button"
              className="choice min-w-10 px-1.5"
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
