import type { LedgerRow } from "../api/types";

export interface Step {
  row: LedgerRow;
  from: number;
  to: number;
}

/**
 * The counted rows by their weight, each with where it moves the probability on a path from the pretest. What the
 * findings add given the rest need not multiply to the whole; the path is drawn from these shares alone.
 */
export function pathOf(rows: LedgerRow[], pretest: number): Step[] {
  let odds = pretest / (1 - pretest);
  return [...rows]
    .sort((a, b) => Math.abs(Math.log(b.lrAdded ?? 1)) - Math.abs(Math.log(a.lrAdded ?? 1)))
    .map((row) => {
      const from = odds / (1 + odds);
      odds *= row.lrAdded ?? 1;
      return { row, from, to: odds / (1 + odds) };
    });
}
