import type { ConditionStanding } from "../api/types";

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
    const examined = conditions.filter((c) => c.aimed.positive + c.aimed.negative + c.aimed.unclear > 0);
    return { ranked: conditions.filter((c) => !examined.includes(c)), apart: examined };
  }
  return { ranked: conditions.filter(isRanked), apart: conditions.filter((c) => !isRanked(c)) };
}
