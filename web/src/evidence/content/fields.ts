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
  ruleOut: "line to rule it out for now, 0 to 1",
  act: "line to treat it as likely, 0 to 1",
  onward: "onward step",
  traumaOnly: "only after an injury",
  holdSeconds: "seconds to hold",
  positiveWhen: "positive when",
  at: "at (place on the body)",
  atLeast: "at least",
  bothSides: "on both sides",
  mustNotMiss: "must not be missed: bedside tests never put it aside",
  properName: "begins with a proper name",
  pretests: "base rates for this complaint, 0 to 1",
  also: "tests proposed whatever the candidates are",
  injury: "means that there was an injury",
  looseness: "the same laxity on both sides may be how the patient is built",
  differenceMm: "millimetres that make a difference between the sides",
  relieves: "eases the sign of the test",
  evenOnBothSides: "counts although both sides have it",
  raises: "raises a warning sign",
  onlyAfterInjury: "only after an injury",
  speaks: "speaks (positive where it only rules in)",
  startsFrom: "offered by a positive of",
  answeredBy: "answered by",
  ageFrom: "yes from this age on",
  ageBelow: "yes below this age",
  cheats: "ways round it",
  notes: "observations to tick, for the record",
  qualities: "signs that are known only when tapped",
  words: "words for its readings",
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
