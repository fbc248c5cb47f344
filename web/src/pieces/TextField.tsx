import { useId } from "react";
import { FieldProblem } from "./FieldProblem";

/** One line of text or a number, with what is wrong with it below. */
export function TextField(props: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  numeric?: boolean;
  /** A class that says how wide. */
  width?: string;
  problem?: string;
  /** What it is for, or what may stand in it. */
  hint?: string;
  placeholder?: string;
  onBlur?: () => void;
}) {
  const id = useId();
  const told = [props.hint && `${id}-hint`, props.problem && `${id}-problem`].filter(Boolean).join(" ");
  return (
    <div className="flex max-w-full flex-col text-[16px]">
      <label htmlFor={id}>{props.label}</label>
      <input
        id={id}
        className={`field max-w-full ${props.width ?? ""}`}
        inputMode={props.numeric ? "decimal" : undefined}
        placeholder={props.placeholder}
        value={props.value}
        aria-invalid={props.problem ? true : undefined}
        aria-describedby={told || undefined}
        onChange={(e) => props.onChange(e.target.value)}
        onBlur={props.onBlur}
      />
      {props.hint && (
        <span id={`${id}-hint`} className="text-[14px] text-soft">
          {props.hint}
        </span>
      )}
      {props.problem && (
        <span id={`${id}-problem`}>
          <FieldProblem words={props.problem} />
        </span>
      )}
    </div>
  );
}
