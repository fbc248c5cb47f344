/** Where a pair of criterion and condition is shown in full. */
export function pairAddress(criterion: string, condition: string): string {
  return `/evidence/pair?criterion=${encodeURIComponent(criterion)}&condition=${encodeURIComponent(condition)}`;
}

/** Where the changes of a pair's figures are read. */
export function pairHistory(criterion: string, condition: string): string {
  return `/history?${new URLSearchParams({ criterion, condition })}`;
}

/** Where an entry of the content is shown in its form. */
export function entryAddress(kind: string, id: string): string {
  return `/evidence?${new URLSearchParams({ tab: "content", kind, entry: id })}`;
}

/** Where the changes of an entry of the content are read. */
export function entryHistory(kind: string, id: string): string {
  return `/history?${new URLSearchParams({ entry: `${kind} ${id}` })}`;
}
