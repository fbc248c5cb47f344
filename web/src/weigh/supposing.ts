import type { Supposition } from "../api/types";

export const NOTHING_SUPPOSED: Supposition = { outcomes: {}, suspicions: {} };

/** Whether anything differs from the case as it is. */
export function isSupposed(s: Supposition): boolean {
  const choices = [s.familyOverlap, s.generalOverlap, s.crossActivation, s.clusterShare, s.highBias];
  return (
    Object.keys(s.outcomes).length > 0 ||
    Object.keys(s.suspicions).length > 0 ||
    choices.some((c) => c !== undefined)
  );
}
