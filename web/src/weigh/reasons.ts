import type { LedgerRow } from "../api/types";

const GROUPS: [string, string][] = [
  ["set-aside", "Set aside: the others have already said it"],
  ["shared", "Clusters believed beside their members"],
  ["superseded", "A cluster speaks for them"],
  ["same-test", "Their test already speaks through another criterion"],
  ["shares-tests", "Share tests with a cluster that counts"],
  ["other-school", "Not counted by the chosen way to weigh"],
  ["unclear", "Unclear"],
  ["open", "Clusters not decided yet"],
  ["rules-in-only", "Clusters that only rule in, and came out negative"],
  ["left-out", "Only studies at high risk of bias"],
  ["unchecked", "Figures not checked against their source"],
  ["sensitivity-only", "Only a sensitivity is published"],
  ["no-data", "No figures for this condition"],
];

/** The rows that were not weighed, under the reason they share. */
export function groupedByReason(rows: LedgerRow[]): { title: string; rows: LedgerRow[] }[] {
  return GROUPS.map(([status, title]) => ({ title, rows: rows.filter((r) => r.status === status) })).filter(
    (g) => g.rows.length > 0,
  );
}
