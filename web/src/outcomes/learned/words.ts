import type { Figure } from "./queries";

/** A share with its interval, in percent. */
export function shareWords(f: Figure | undefined): string {
  return f ? `${whole(f.value)}\u202f% (${whole(f.low)} to ${whole(f.high)})` : "not known";
}

const whole = (p: number) => Math.round(100 * p);

/** A number with its interval. */
export function figureWords(f: Figure | undefined, digits = 2): string {
  return f
    ? `${signed(f.value, digits)} (${signed(f.low, digits)} to ${signed(f.high, digits)})`
    : "not known";
}

const signed = (x: number, digits: number) => x.toFixed(digits).replace("-", "\u2212");
