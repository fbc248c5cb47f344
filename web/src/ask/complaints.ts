import type { CandidateChoice, Catalogue, Intake } from "../api/types";

/**
 * The intake with other complaints: the candidates of all of them, each once. Those of a complaint that is no longer there go, unless
 * somebody said something of them or added them.
 */
export function withComplaints(
  catalogue: Catalogue,
  now: Intake,
  complaint: string,
  alsoComplaint: string | undefined,
): Intake {
  const of = (id: string | undefined) => catalogue.complaints.find((c) => c.id === id)?.candidates ?? [];
  const wanted = new Set([...of(complaint), ...of(alsoComplaint)]);
  const before = new Set([...of(now.complaint), ...of(now.alsoComplaint)]);
  const kept = now.candidates.filter((c) => wanted.has(c.condition) || !before.has(c.condition) || isSaid(c));
  const there = new Map(kept.map((c) => [c.condition, c]));
  const usual = (condition: string): CandidateChoice => ({ condition, suspicion: "as-usual" });
  return {
    ...now,
    complaint,
    alsoComplaint,
    candidates: [
      ...[...wanted].map((id) => there.get(id) ?? usual(id)),
      ...kept.filter((c) => !wanted.has(c.condition)),
    ],
  };
}

const isSaid = (c: CandidateChoice) => c.suspicion !== "as-usual" || c.baseRate !== undefined;
