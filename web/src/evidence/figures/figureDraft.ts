import type { FigureChange, StudyRow } from "../../api/types";
import { numberTyped, shareTyped } from "../../pieces/numeral";

/** A figure as it stands in the form: everything is text until it is sent. */
export interface Draft {
  kind: string;
  way: string;
  tp: string;
  fn: string;
  fp: string;
  tn: string;
  sensitivity: string;
  specificity: string;
  diseased: string;
  healthy: string;
  /** All of them, where only that is known. */
  people: string;
  source: string;
  year: string;
  referenceStandard: string;
  population: string;
  bias: string;
  confidence: string;
  note: string;
  why: string;
}

/** A judgement is offered as counting for this many people on each side. */
const JUDGED_SIZE = "10";

export function emptyDraft(): Draft {
  return {
    kind: "study",
    way: "counts",
    tp: "",
    fn: "",
    fp: "",
    tn: "",
    sensitivity: "",
    specificity: "",
    diseased: "",
    healthy: "",
    people: "",
    source: "",
    year: String(new Date().getFullYear()),
    referenceStandard: "",
    population: "",
    bias: "unclear",
    confidence: "medium",
    note: "",
    why: "",
  };
}

export function draftOf(row: StudyRow): Draft {
  const text = (n: number | undefined) => (n === undefined ? "" : String(n));
  return {
    ...emptyDraft(),
    kind: row.kind,
    way: "printed",
    sensitivity: text(row.sensitivity.value),
    specificity: text(row.specificity?.value),
    diseased: text(row.diseased),
    healthy: text(row.healthy),
    people: text(row.people),
    source: row.source,
    year: String(row.year),
    referenceStandard: row.referenceStandard,
    population: row.population,
    bias: row.bias,
    confidence: row.confidence,
    note: row.note,
  };
}

const number = (text: string) => (text.trim() === "" ? undefined : numberTyped(text));

const share = (text: string) => (text.trim() === "" ? undefined : shareTyped(text));

/** The four counts by their names in the form. */
export const COUNTS = {
  tp: "With it, positive",
  fn: "With it, negative",
  fp: "Without, positive",
  tn: "Without, negative",
} as const;
const LARGEST_JUDGEMENT = 30;
const FIRST_YEAR = 1900;

const byCounts = (draft: Draft) => draft.way === "counts" && draft.kind !== "judgement";

/** The fields that say what the figure is. */
function asked(draft: Draft): (keyof Draft)[] {
  const one = draft.kind === "sensitivity-only";
  if (byCounts(draft)) {
    return one ? ["tp", "fn"] : ["tp", "fn", "fp", "tn"];
  }
  const all: (keyof Draft)[] = one
    ? ["sensitivity", "diseased"]
    : ["sensitivity", "diseased", "specificity", "healthy"];
  return draft.kind === "judgement" ? all : [...all, "people"];
}

/** Whether there is enough to say what it comes to. */
export function isWhole(draft: Draft): boolean {
  const sizes: (keyof Draft)[] = ["diseased", "healthy", "people"];
  return [...asked(draft).filter((f) => !sizes.includes(f)), "year" as const].every(
    (f) => draft[f].trim() !== "",
  );
}

function size(draft: Draft, side: "diseased" | "healthy"): string {
  return draft.kind === "judgement" && draft[side].trim() === "" ? JUDGED_SIZE : draft[side];
}

/** What cannot be sent as it stands, by field. */
export function faults(draft: Draft): Partial<Record<keyof Draft, string>> {
  const wrong: Partial<Record<keyof Draft, string>> = {};
  for (const field of asked(draft)) {
    const said = fault(draft, field);
    if (said !== "") {
      wrong[field] = said;
    }
  }
  const year = number(draft.year);
  const thisYear = new Date().getFullYear();
  if (year !== undefined && !(Number.isInteger(year) && year >= FIRST_YEAR && year <= thisYear)) {
    wrong.year = `The year must be from ${FIRST_YEAR} to ${thisYear}`;
  }
  return wrong;
}

function fault(draft: Draft, field: keyof Draft): string {
  if (field === "sensitivity" || field === "specificity") {
    const value = share(draft[field]);
    return value === undefined || (value >= 0 && value <= 1)
      ? ""
      : "Must be from 0 to 1, such as 0.72, 0,72 or 72\u202f%";
  }
  if (field === "diseased" || field === "healthy") {
    const people = number(size(draft, field));
    if (draft.kind === "judgement") {
      const fits = people !== undefined && people >= 1 && people <= LARGEST_JUDGEMENT;
      const whom = field === "diseased" ? "with the condition" : "without it";
      return fits ? "" : `A judgement may count for 1 to ${LARGEST_JUDGEMENT} people ${whom}`;
    }
    return people === undefined || (Number.isInteger(people) && people >= 1)
      ? ""
      : "Must be a whole number, 1 or more, or nothing where it is not known";
  }
  if (field === "people") {
    const people = number(draft.people);
    if (people !== undefined && draft.diseased.trim() !== "" && draft.healthy.trim() !== "") {
      return "Only where the groups are not known: take it out, or one of them";
    }
    return people === undefined || (Number.isInteger(people) && people >= 1)
      ? ""
      : "Must be a whole number, 1 or more, or nothing where it is not known";
  }
  const count = number(draft[field]);
  return count === undefined || (Number.isInteger(count) && count >= 0)
    ? ""
    : `"${COUNTS[field as keyof typeof COUNTS]}" must be a whole number, 0 or more`;
}

/** What is sent: the counts or the printed figures, never both. */
export function meant(draft: Draft): Omit<FigureChange, "criterion" | "condition"> {
  const one = draft.kind === "sensitivity-only";
  const figures = byCounts(draft)
    ? {
        counts: {
          tp: number(draft.tp) ?? 0,
          fn: number(draft.fn) ?? 0,
          fp: one ? 0 : (number(draft.fp) ?? 0),
          tn: one ? 0 : (number(draft.tn) ?? 0),
        },
      }
    : {
        sensitivity: share(draft.sensitivity),
        specificity: one ? undefined : share(draft.specificity),
        diseased: number(size(draft, "diseased")),
        healthy: one ? undefined : number(size(draft, "healthy")),
        people: draft.kind === "judgement" ? undefined : number(draft.people),
      };
  return {
    ...figures,
    kind: draft.kind,
    source: draft.source.trim() === "" ? undefined : draft.source,
    year: number(draft.year) ?? 0,
    referenceStandard: draft.referenceStandard,
    population: draft.population,
    bias: draft.bias,
    confidence: draft.confidence,
    note: draft.note,
    why: draft.why,
  };
}
