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
  /** Nothing recorded tells of it, or what does has raised it, but not above its line for ruling out. */
  waiting: ConditionStanding[];
  /** Examined, and nothing found. */
  negative: ConditionStanding[];
  /** Weighed, and fallen below its line for ruling out. */
  fell: ConditionStanding[];
}

export function listed(conditions: ConditionStanding[]): Listed {
  const isWeighed = (c: ConditionStanding) => c.weighed || c.last !== undefined;
  // A part stays under its whole, wherever it stands.
  const apart = (c: ConditionStanding) => (isWeighed(c) && c.under === undefined ? c.group : undefined);
  const of = (group: ConditionStanding["group"]) =>
    conditions.filter((c) => !isWeighed(c) && c.group === group);
  return {
    weighed: conditions.filter((c) => isWeighed(c) && apart(c) !== "fell" && apart(c) !== "raised"),
    found: of("found"),
    waiting: conditions.filter((c) => apart(c) === "raised" || (!isWeighed(c) && c.group === "untouched")),
    negative: of("negative"),
    fell: conditions.filter((c) => apart(c) === "fell"),
  };
}

/** What the part of those that wait is called: by what is in it. */
export function waitingTitle(waiting: ConditionStanding[]): string {
  return waiting.some((c) => c.weighed) ? "Not touched, or still below the line" : "Not touched yet";
}
