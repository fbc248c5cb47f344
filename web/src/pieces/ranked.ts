import type { ConditionStanding } from "../api/types";

/** Whether a test aimed at it came to something, with figures or without. */
export function isExamined(c: ConditionStanding): boolean {
  return c.aimed.positive + c.aimed.negative + c.aimed.unclear > 0;
}

/**
 * Candidates that something recorded has a figure for, or an earlier visit had, in their order; and the others, which a base
 * rate alone never puts above them. While nothing was found there is only one order.
 */
export function rankedAndApart(conditions: ConditionStanding[]): {
  ranked: ConditionStanding[];
  apart: ConditionStanding[];
} {
  const isRanked = (c: ConditionStanding) => c.weighed || c.last !== undefined;
  if (!conditions.some(isRanked)) {
    return { ranked: conditions.filter((c) => !isExamined(c)), apart: conditions.filter(isExamined) };
  }
  return { ranked: conditions.filter(isRanked), apart: conditions.filter((c) => !isRanked(c)) };
}
