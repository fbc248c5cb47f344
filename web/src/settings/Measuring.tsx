import { type FormEvent, useState } from "react";
import type { DepartmentSettings } from "../api/types";
import { numberTyped } from "../pieces/numeral";
import { ABOUT } from "./about";
import { NumberField } from "./NumberField";

const LINES = [
  { name: "deficitPercent", label: "Weaker side is marked from, %", low: 1, high: 50 },
  { name: "shortDegrees", label: "Short movement from, degrees", low: 1, high: 45 },
  { name: "headStartPercent", label: "Head start of the dominant side, %", low: 0, high: 50 },
] as const;

export const ERRORS = [
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
  const [problems, setProblems] = useState<Record<string, string>>({});
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const number = (name: string) => numberTyped(texts[name] ?? "");
    const stated = ERRORS.filter((e) => texts[e.name]?.trim());
    const wrong = Object.fromEntries([
      ...LINES.filter((l) => !(number(l.name) >= l.low && number(l.name) <= l.high)).map((l) => [
        l.name,
        `Expected a number from ${l.low} to ${l.high}`,
      ]),
      ...stated
        .filter((e) => !(number(e.name) >= 0 && number(e.name) <= e.high))
        .map((e) => [e.name, `Expected a number from 0 to ${e.high}, or nothing`]),
    ]);
    setProblems(wrong);
    if (Object.keys(wrong).length === 0) {
      props.onSave({
        deficitPercent: number("deficitPercent"),
        shortDegrees: number("shortDegrees"),
        headStartPercent: number("headStartPercent"),
        errors: Object.fromEntries(stated.map((e) => [e.name, number(e.name)])),
      });
    }
  };
  const field = (name: string, label: string, setting = name) => (
    <NumberField
      key={name}
      name={setting}
      label={label}
      value={texts[name] ?? ""}
      problem={problems[name] ?? ""}
      brief={setting !== name}
      onChange={(text) => setTexts({ ...texts, [name]: text })}
    />
  );
  return (
    <form className="flex flex-col gap-2" onSubmit={submit}>
      <h2 className="m-0 text-[17px] font-normal">Measuring</h2>
      {LINES.map((l) => field(l.name, l.label))}
      <h3 className="m-0 mt-2 text-[16px] font-normal">
        Measurement error: by how much two measurements of the same thing can differ
      </h3>
      <p className="m-0 text-[14px] text-soft">{ABOUT.errors}</p>
      <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
        {ERRORS.map((e) => field(e.name, e.label, `errors.${e.name}`))}
      </div>
      <button type="submit" className="action self-start">
        Measure by these
      </button>
      <p className="m-0 text-[16px] text-soft">
        Lexicor ships no error of measurement: it depends on examiner and device, so it is the department's to
        state. Until then the spread of the trials is shown as the least that it can be. 15&#8239;% and 10
        degrees are working lines.
      </p>
    </form>
  );
}
