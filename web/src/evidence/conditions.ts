import type { PairLine } from "../api/types";

/** The conditions of some pairs, each once, as id and name, by name. */
export function conditionsOf(pairs: PairLine[]): [string, string][] {
  return [...new Map(pairs.map((p) => [p.condition, p.conditionName]))].sort((a, b) =>
    a[1].localeCompare(b[1]),
  );
}
