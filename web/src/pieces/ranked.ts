import type { ConditionStanding } from "../api/types";

/** Whether a test aimed at it came to something, with figures or without. */
export function isExamined(c: ConditionStanding): boolean {
  return c.aimed.positive + c.aimed.negative + c.aimed.unclear > 0;
}

/** The one list in its parts, each in the order of the list: nothing is left out. */
export interface Listed {
  /** Weighed, today or at an earlier visit: these stand on the rail. */
  weighed: ConditionStanding[];
  /** Found, though nothing can be weighed. */
  found: ConditionStanding[];
  /** Nothing recorded tells of it. */
  untouched: ConditionStanding[];
  /** Examined, and nothing found. */
  negative: ConditionStanding[];
  /** Weighed, and fallen below its line for ruling out. */
  fell: ConditionStanding[];
}

export function listed(conditions: ConditionStanding[]): Listed {
  const isWeighed = (c: ConditionStanding) => c.weighed || c.last !== undefined;
  // A part stays under its whole, wherever it stands.
  const isFallen = (c: ConditionStanding) => c.group === "fell" && c.under === undefined;
  const of = (group: ConditionStanding["group"]) =>
    conditions.filter((c) => !isWeighed(c) && c.group === group);
  return {
    weighed: conditions.filter((c) => isWeighed(c) && !isFallen(c)),
    found: of("found"),
    untouched: of("untouched"),
    negative: of("negative"),
    fell: conditions.filter((c) => isWeighed(c) && isFallen(c)),
  };
}
