/** How studies at high risk of bias can be taken. */
export const WAYS = [
  { id: "corrected", label: "Corrected" },
  { id: "asPrinted", label: "As printed" },
  { id: "leftOut", label: "Left out" },
];

export function wayName(id: string): string {
  return WAYS.find((w) => w.id === id)?.label.toLowerCase() ?? id;
}
