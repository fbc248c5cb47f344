import { type Fields, isFields, type Value } from "../values";

/** How a number is held against something, as the packs write it, in the words of a sentence. */
export const COMPARISONS: [string, string][] = [
  ["atLeast", "at least"],
  ["atMost", "at most"],
  ["between", "between"],
  ["moreThanOtherSideBy", "more than on the other side by"],
  ["lessThanOtherSideByPercent", "less than on the other side, in percent, by"],
];

/** The parts of a group, and what joins them; undefined for a single comparison. */
export function groupOf(rule: Fields): { join: "all" | "any"; parts: Fields[] } | undefined {
  for (const join of ["all", "any"] as const) {
    const parts = rule[join];
    if (Array.isArray(parts)) {
      return { join, parts: parts.filter(isFields) };
    }
  }
  return undefined;
}

/** The rule within a not; undefined where there is none. */
export function negated(rule: Fields): Fields | undefined {
  return isFields(rule.not) ? rule.not : undefined;
}

/** What a fresh comparison of a reading asks for: that it is so, that it is one of nothing yet, or at least nothing yet. */
export function comparisonOf(reading: string, kind: string): Fields {
  const asked: Record<string, Value> =
    kind === "flag" ? { is: true } : kind === "quantity" ? { atLeast: null } : { in: [] };
  return { reading, ...asked };
}
