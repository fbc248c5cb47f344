/** Where a pair of criterion and condition is shown in full. */
export function pairAddress(criterion: string, condition: string): string {
  return `/evidence/pair?criterion=${encodeURIComponent(criterion)}&condition=${encodeURIComponent(condition)}`;
}
