import type { Side } from "../api/types";

const NARROW_SPACE = "\u202f";

/** A probability in percent: whole, with one more digit towards the ends, where it matters. */
export function percent(p: number): string {
  const value = p * 100;
  if (value < 0.05 || value >= 99.95) {
    return `${value < 50 ? "under 0.1" : "over 99.9"}${NARROW_SPACE}%`;
  }
  const rounded =
    value < 0.95 || value > 99.05
      ? value.toFixed(1)
      : value < 9.95
        ? trim(value.toFixed(1))
        : value.toFixed(0);
  return `${rounded}${NARROW_SPACE}%`;
}

/** A likelihood ratio as a factor: three digits at most. */
export function factor(lr: number): string {
  const digits =
    lr >= 99.5 ? lr.toFixed(0) : lr >= 9.95 ? lr.toFixed(1) : lr >= 0.1 ? lr.toFixed(2) : lr.toPrecision(2);
  return `\u00d7${NARROW_SPACE}${digits}`;
}

export function minutes(value: number): string {
  return value === 1 ? "1 minute" : `${trim(value.toFixed(1))} minutes`;
}

/** The side across from this one. */
export const otherSide = (side: Side): Side => (side === "left" ? "right" : "left");

export function sideName(side: string): string {
  return side === "left" ? "Left" : "Right";
}

/** The same text in the middle of a sentence: initials at its start keep their capitals. */
export function midSentence(text: string): string {
  return /^[A-Z][a-z]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;
}

/** The same text at the start of a sentence. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

export function plainNumber(value: number): string {
  return trim(value.toFixed(2));
}

export function time(instant: string): string {
  return new Date(instant).toLocaleString("en-GB", {
    day: "numeric",
    month: "short",
    hour: "2-digit",
    minute: "2-digit",
  });
}

export function day(instant: string): string {
  return new Date(instant).toLocaleDateString("en-GB", { day: "numeric", month: "short" });
}

function trim(digits: string): string {
  return digits.includes(".") ? digits.replace(/0+$/, "").replace(/\.$/, "") : digits;
}

/** Words that come with percentages in them, none of which breaks before its sign. */
export function unbroken(words: string): string {
  return words.replaceAll(" %", "\u202f%");
}
