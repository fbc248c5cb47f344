import { useEffect, useRef, useState } from "react";
import type { Dial } from "../../api/types";
import { plainNumber } from "../../pieces/format";
import { useAfterPause } from "../../pieces/useAfterPause";

/** A measured number: typed, stepped, or a quick value. Typing saves by itself after a moment; a number out of range is refused with the range. */
export function NumberField(props: {
  dial: Dial;
  sideName: string;
  /** A letter for the side where both stand together. */
  short: string;
  hasKeys: boolean;
  value: number | undefined;
  quick: number[];
  steps: boolean;
  onChange: (value: number | null) => void;
}) {
  const { dial, value } = props;
  const [text, setText] = useState("");
  const [problem, setProblem] = useState("");
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    // What is being typed is not overwritten by what has just been saved of it.
    if (document.activeElement !== field.current) {
      setText(value === undefined ? "" : plainNumber(value));
    }
  }, [value]);

  const save = (next: number) => {
    if (!(next >= dial.low && next <= dial.high)) {
      setProblem(`${dial.label}: expected ${dial.low} to ${dial.high} ${dial.unit}.`);
      return;
    }
    setProblem("");
    if (next !== value) {
      props.onChange(next);
    }
  };
  const commit = (typed: string) => {
    if (typed.trim() !== "") {
      save(Number(typed.replace(",", ".")));
    } else {
      setProblem("");
      if (value !== undefined) {
        props.onChange(null);
      }
    }
  };
  const later = useAfterPause(commit);
  const stepTo = (by: number) => {
    const next = Math.min(dial.high, Math.max(dial.low, (value ?? dial.quick[0] ?? 0) + by));
    setText(plainNumber(next));
    save(next);
  };
  const stepper = (sign: 1 | -1) => (
    <button
      type="button"
      className="choice min-w-10 px-1"
      aria-label={`${dial.label} ${sign > 0 ? "more" : "less"}`}
      onClick={() => stepTo(sign * dial.step)}
    >
      {sign > 0 ? "+" : "\u2212"}
    </button>
  );
  return (
    <>
      {props.short && (
        <span aria-hidden="true" className="text-[14px] text-soft">
          {props.short}
        </span>
      )}
      {props.steps && stepper(-1)}
      <input
        ref={field}
        className="field w-[52px] px-1 text-center font-bold"
        inputMode="decimal"
        data-dial={props.hasKeys}
        aria-label={`${dial.label}, ${props.sideName}, in ${dial.unit || "points"}`}
        aria-invalid={problem ? true : undefined}
        value={text}
        // A new number replaces the old one.
        onFocus={(e) => e.currentTarget.select()}
        onChange={(e) => {
          setText(e.target.value);
          later.in(e.target.value);
        }}
        onBlur={later.now}
        onKeyDown={(e) => {
          // Leaving the field saves it and gives the keys back to the screen.
          if (e.key === "Enter") {
            e.currentTarget.blur();
          }
        }}
      />
      {props.steps && stepper(1)}
      {props.quick.map((q) => (
        <button
          key={q}
          type="button"
          className="choice min-w-9 px-1"
          data-state={value === q ? "on" : "off"}
          aria-label={`${dial.label} ${q} ${dial.unit}`}
          aria-pressed={value === q}
          onClick={() => {
            setText(value === q ? "" : plainNumber(q));
            value === q ? props.onChange(null) : save(q);
          }}
        >
          {q}
        </button>
      ))}
      {problem && (
        <p role="alert" className="m-0 basis-full text-[15px] text-stop">
          {problem}
        </p>
      )}
    </>
  );
}
