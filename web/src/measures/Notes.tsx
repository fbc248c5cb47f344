import { useEffect, useState } from "react";
import type { LeafValue, Measure, MeasuredSide } from "../api/types";
import { plainNumber } from "../pieces/format";
import { END_FEELS } from "./endFeels";

const GRADES: [string, number][] = [
  ["0", 0],
  ["1", 1],
  ["2\u2212", 5 / 3],
  ["2", 2],
  ["2+", 7 / 3],
  ["3\u2212", 8 / 3],
  ["3", 3],
  ["3+", 10 / 3],
  ["4\u2212", 11 / 3],
  ["4", 4],
  ["4+", 13 / 3],
  ["5\u2212", 14 / 3],
  ["5", 5],
];

const LONGEST_LEVER_CM = 100;
const NUMBERS: Record<string, { label: string; low: number; high: number }> = {
  leverCm: { label: "Lever, cm", low: 1, high: LONGEST_LEVER_CM },
  painAtRest: { label: "Pain at rest, 0 to 10", low: 0, high: 10 },
  painUnderLoad: { label: "Pain under load, 0 to 10", low: 0, high: 10 },
};
const TRUTHS: Record<string, string> = { familiarPain: "Their pain", cheated: "Cheated" };

/** What is noted beside the numbers of one side. */
export function Notes(props: {
  label: string;
  measure: Measure;
  side: MeasuredSide;
  onSave: (changes: Record<string, LeafValue | null>) => void;
}) {
  const noted = props.side.notes as Record<string, LeafValue | undefined>;
  const save = (note: string, value: LeafValue | null) => props.onSave({ [note]: value });
  return (
    <fieldset className="m-0 flex flex-wrap items-end gap-x-4 gap-y-2 border-0 p-0">
      <legend className="sr-only">{props.label}</legend>
      {props.measure.notes.map((note) => {
        const number = NUMBERS[note];
        if (number) {
          return (
            <NumberNote
              key={note}
              {...number}
              value={noted[note] as number | undefined}
              onSave={(value) => save(note, value)}
            />
          );
        }
        if (note === "grade" || note === "endFeel") {
          const options: [string, LeafValue][] = note === "grade" ? GRADES : END_FEELS.map((f) => [f, f]);
          const current = options.findIndex(([, value]) => isSame(value, noted[note]));
          return (
            <label key={note} className="flex flex-col text-[15px]">
              {note === "grade" ? "Manual grade" : "End feel"}
              <select
                className="field py-1"
                value={current}
                onChange={(e) => save(note, options[Number(e.target.value)]?.[1] ?? null)}
              >
                <option value={-1}>not noted</option>
                {options.map(([name], i) => (
                  <option key={name} value={i}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
          );
        }
        return (
          <label key={note} className="flex min-h-12 items-center gap-2 text-[15px]">
            <input
              type="checkbox"
              className="size-6"
              checked={noted[note] === true}
              onChange={(e) => save(note, e.target.checked ? true : null)}
            />
            {TRUTHS[note]}
          </label>
        );
      })}
    </fieldset>
  );
}

function isSame(a: LeafValue, b: LeafValue | undefined): boolean {
  return typeof a === "number" && typeof b === "number" ? Math.abs(a - b) < 0.01 : a === b;
}

function NumberNote(props: {
  label: string;
  low: number;
  high: number;
  value: number | undefined;
  onSave: (value: number | null) => void;
}) {
  const kept = props.value === undefined ? "" : plainNumber(props.value);
  const [text, setText] = useState(kept);
  const [problem, setProblem] = useState("");
  useEffect(() => setText(kept), [kept]);
  const commit = () => {
    const number = Number(text.replace(",", "."));
    if (text.trim() !== "" && !(number >= props.low && number <= props.high)) {
      setProblem(`Expected ${props.low} to ${props.high}.`);
      return;
    }
    setProblem("");
    if (text.trim() !== kept) {
      props.onSave(text.trim() === "" ? null : number);
    }
  };
  return (
    <label className="flex flex-col text-[15px]">
      {props.label}
      <input
        className="field w-[84px] py-1"
        inputMode="decimal"
        aria-invalid={problem ? true : undefined}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={commit}
        onKeyDown={(e) => e.key === "Enter" && e.currentTarget.blur()}
      />
      {problem && (
        <span role="alert" className="text-stop">
          {problem}
        </span>
      )}
    </label>
  );
}

/** What stands noted, in few words; nothing where nothing does. */
export function notedWords(side: MeasuredSide): string {
  const noted = side.notes as Record<string, LeafValue | undefined>;
  const grade = GRADES.find(([, value]) => isSame(value, noted.grade))?.[0];
  return [
    grade && `grade ${grade}`,
    noted.painAtRest !== undefined && `pain at rest ${noted.painAtRest}`,
    noted.painUnderLoad !== undefined && `pain under load ${noted.painUnderLoad}`,
    noted.familiarPain === true && "their pain",
    noted.cheated === true && "cheated",
    noted.endFeel && `end feel ${noted.endFeel}`,
    side.torqueNm !== undefined && `${side.torqueNm.toFixed(1)} N m`,
    side.dropPercent !== undefined && `${side.dropPercent.toFixed(0)}\u202f% below the bent elbow`,
  ]
    .filter(Boolean)
    .join(", ");
}
