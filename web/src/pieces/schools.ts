/** The ways to weigh, the one that a new clinic begins with first. */
export const SCHOOLS = [
  { id: "sober", label: "Sober" },
  { id: "differential", label: "Weighed together" },
  { id: "overlap-aware", label: "Overlap counted" },
  { id: "independent", label: "Each counts in full" },
  { id: "strongest-per-family", label: "Strongest of a family" },
  { id: "published-clusters", label: "Clusters only" },
] as const;
