import type { MeasureItem } from "../api/types";
import { plainNumber } from "../pieces/format";

/** What was typed for the trials of an item: refused, to be asked about once, or fine. */
export type Typed =
  | { kind: "fine"; numbers: number[] }
  | { kind: "unusual"; numbers: number[]; question: string }
  | { kind: "refused"; problem: string };

/** Reads numbers as they are typed, with a comma or a point; empty places are left out. */
export function read(item: MeasureItem, texts: string[]): Typed {
  const numbers = texts.filter((t) => t.trim() !== "").map((t) => Number(t.replace(",", ".")));
  const unit = item.unit === "" ? "" : ` ${item.unit}`;
  if (numbers.some((n) => !(n >= item.low && n <= item.high))) {
    return { kind: "refused", problem: `Expected ${item.low} to ${item.high}${unit}.` };
  }
  const odd = numbers.find((n) => !(n >= item.usualLow && n <= item.usualHigh));
  return odd === undefined
    ? { kind: "fine", numbers }
    : { kind: "unusual", numbers, question: `${plainNumber(odd)}${unit} is unusual. Is it meant?` };
}

/** Where the next trial of a device goes: after those kept, or from the first again where all are taken. */
export function withTrial(item: MeasureItem, kept: number[], value: number): number[] {
  const rounded = Math.round(value * 10) / 10;
  return kept.length < item.trials ? [...kept, rounded] : [rounded];
}
