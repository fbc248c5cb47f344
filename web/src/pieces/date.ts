/** A day with its year, for what is read years later. */
export function date(instant: string): string {
  // A day by itself is the same day wherever it is read.
  const at = instant.length === "2026-11-28".length ? `${instant}T12:00` : instant;
  return new Date(at).toLocaleDateString("en-GB", { day: "numeric", month: "short", year: "numeric" });
}

/** A moment with its year. */
export function moment(instant: string): string {
  return new Date(instant).toLocaleString("en-GB", {
    day: "numeric",
    month: "short",
    year: "numeric",
    hour: "2-digit",
    minute: "2-digit",
  });
}
