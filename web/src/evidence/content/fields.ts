/** What a field of an entry can hold. */
export type Value = null | boolean | number | string | Value[] | Fields;

export interface Fields {
  [name: string]: Value;
}

export function isTexts(value: Value): value is string[] {
  return Array.isArray(value) && value.every((v) => typeof v === "string");
}

export function isFields(value: Value): value is Fields {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

/** Names that a practitioner would not guess. */
const NAMES: Record<string, string> = {
  id: "id, for files and links",
  icd10: "ICD-10 code",
  pretest: "base rate, 0 to 1, in a clinic of the kind",
  ruleOut: "line to put it aside, 0 to 1",
  act: "line to act on it, 0 to 1",
  onward: "onward step",
  traumaOnly: "only after an injury",
  holdSeconds: "seconds to hold",
  positiveWhen: "positive when",
  at: "at (place on the body)",
  atLeast: "at least",
  bothSides: "on both sides",
};

/** A field's name as words: {@code ruleOut} has its own, {@code otherPositions} becomes "other positions". */
export function words(name: string): string {
  const own = NAMES[name];
  if (own) {
    return own;
  }
  return name
    .replace(/([a-z])([A-Z])/g, "$1 $2")
    .replace(/-/g, " ")
    .toLowerCase();
}

/** One text a line; empty lines are none. */
export function lines(text: string): string[] {
  return text
    .split("\n")
    .map((l) => l.trim())
    .filter((l) => l !== "");
}

/** The names of the fields that differ. */
export function differing(before: Fields, after: Fields): string[] {
  return [...new Set([...Object.keys(before), ...Object.keys(after)])].filter(
    (f) => JSON.stringify(before[f]) !== JSON.stringify(after[f]),
  );
}
