/** What is drilled, as it is called. */
export const KINDS: Record<string, string> = {
  separate: "Which test separates",
  baseRate: "What a positive does",
  landmark: "Landmarks",
  arc: "Arcs",
  verdict: "Positive, negative, unclear",
};
