import { type FormEvent, useState } from "react";
import type { DepartmentSettings } from "../api/types";
import { FieldProblem } from "../pieces/FieldProblem";
import { numberTyped } from "../pieces/numeral";
import { NumberField } from "./NumberField";

const LINES = [
  { name: "deficitPercent", label: "Weaker side is marked from, %", low: 1, high: 50 },
  { name: "shortDegrees", label: "Short movement from, degrees", low: 1, high: 45 },
  { name: "headStartPercent", label: "Head start of the dominant side, %", low: 0, high: 50 },
] as const;

const ERRORS = [
  { name: "forceN", label: "Force, %", high: 100 },
  { name: "gripKg", label: "Grip, kg", high: 40 },
  { name: "pinchKg", label: "Pinch, kg", high: 20 },
  { name: "rangeDeg", label: "Range, degrees", high: 60 },
  { name: "spinalLevel", label: "Level behind the back, levels", high: 10 },
];

/** Where a side counts as weaker or short, and what two measurements of the same thing can differ by. */
export function Measuring(props: {
  settings: DepartmentSettings;
  onSave: (change: Partial<DepartmentSettings>) => void;
}) {
  const { settings } = props;
  const [texts, setTexts] = useState<Record<string, string>>({
    ...Object.fromEntries(LINES.map((l) => [l.name, String(settings[l.name])])),
    ...Object.fromEntries(ERRORS.map((e) => [e.name, String(settings.errors[e.name] ?? "")])),
  });
  const [problem, setProblem] = useState("");
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const number = (name: string) => numberTyped(texts[name] ?? "");
    const wrongLine = LINES.find((l) => !(number(l.name) >= l.low && number(l.name) <= l.high));
    const stated = ERRORS.filter((e) => texts[e.name]?.trim());
    const wrongError = stated.find((e) => !(number(e.name) >= 0 && number(e.name) <= e.high));
    if (wrongLine) {
      setProblem(`${wrongLine.label}: expected a number from ${wrongLine.low} to ${wrongLine.high}.`);
    } else if (wrongError) {
      setProblem(`${wrongError.label}: expected a number from 0 to ${wrongError.high}, or nothing.`);
    } else {
      setProblem("");
      props.onSave({
        deficitPercent: number("deficitPercent"),
        shortDegrees: number("shortDegrees"),
        headStartPercent: number("headStartPercent"),
        errors: Object.fromEntries(stated.map((e) => [e.name, number(e.name)])),
      });
    }
  };
  const field = (name: string, label: string) => (
    <NumberField
      key={name}
      label={label}
      value={texts[name] ?? ""}
      onChange={(text) => setTexts({ ...texts, [name]: text })}
    />
  );
  return (
    <form className="flex flex-col gap-2" onSubmit={submit}>
      <h2 className="m-0 text-[17px] font-normal">Measuring</h2>
      <div className="flex flex-wrap items-end gap-4">{LINES.map((l) => field(l.name, l.label))}</div>
      <h3 className="m-0 mt-2 text-[16px] font-normal">
        Measurement error: by how much two measurements of the same thing can differ
      </h3>
      <div className="flex flex-wrap items-end gap-4">
        {ERRORS.map((e) => field(e.name, e.label))}
        <button type="submit" className="action">
          Measure by these
        </button>
      </div>
      <FieldProblem words={problem} />

      <p className="m-0 text-[16px] text-soft">
        Lexicor ships no error of measurement: it depends on examiner and device, so it is the department's to
        state. Until then the spread of the trials is shown as the least that it can be. 15&#8239;% and 10
        degrees are working lines.
      </p>
    </form>
  );
}
