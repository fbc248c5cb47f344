import type { Trial } from "../api/types";

type Estimate = Trial["clinics"][number]["ways"][number]["logLoss"];

/** A share of fewer is no share. */
const FEWEST = 20;
const MOST_DIGITS = 3;

/** A measured figure with as many digits as its interval leaves standing. */
export function estimate(measured: Estimate, plus: "+" | "" = ""): string {
  const { value, within } = measured;
  if (within == null) {
    return "too few";
  }
  const digits =
    within > 0 ? Math.max(0, Math.min(MOST_DIGITS, Math.ceil(-Math.log10(within)))) : MOST_DIGITS;
  return `${value > 0 ? plus : ""}${value.toFixed(digits)} ± ${within.toFixed(digits)}`;
}

/** A measured share, in percent with its interval. */
export function share(measured: Estimate): string {
  return measured.within == null
    ? "too few"
    : `${Math.round(100 * measured.value)} ± ${Math.ceil(100 * measured.within)}\u202f%`;
}

/** How many were right of how many; a percentage only where there are enough. */
export function counted(right: number, of: number): string {
  return of < FEWEST ? `${right} of ${of}` : `${Math.round((100 * right) / of)}\u202f% of ${of}`;
}
