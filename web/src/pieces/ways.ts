import type { HighBias } from "../api/types";

/** How studies at high risk of bias can be taken. */
export const WAYS = [
  { id: "corrected", label: "Corrected" },
  { id: "asPrinted", label: "As printed" },
  { id: "leftOut", label: "Left out" },
] as const;

export function wayName(id: HighBias): string {
  return WAYS.find((w) => w.id === id)?.label.toLowerCase() ?? id;
}
