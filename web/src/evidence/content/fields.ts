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

/** A field's name as words: {@code ruleOut} becomes "rule out". */
export function words(name: string): string {
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
