import type { ConditionStanding } from "../api/types";

/** Whether a test aimed at it came to something, with figures or without. */
export function isExamined(c: ConditionStanding): boolean {
  return c.aimed.positive + c.aimed.negative + c.aimed.unclear > 0;
}

/** The candidates of the ranking, and those that stand apart from it, each in their order. */
export function rankedAndApart(conditions: ConditionStanding[]): {
  ranked: ConditionStanding[];
  apart: ConditionStanding[];
} {
  return { ranked: conditions.filter((c) => !c.apart), apart: conditions.filter((c) => c.apart) };
}
