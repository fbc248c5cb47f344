import type { Catalogue, ClinicalTest, Examination } from "../api/types";

/** Positions of the patient in the order that spares changing them. */
const POSITIONS: [string, string][] = [
  ["standing-facing", "Standing, facing you"],
  ["standing-side", "Standing, side on"],
  ["standing-back", "Standing, from behind"],
  ["sitting", "Sitting"],
  ["arm-on-table", "Sitting, arm on the table"],
  ["supine", "Lying on the back"],
  ["side-lying", "Lying on the side"],
];

export interface Block {
  position: string;
  name: string;
  tests: ClinicalTest[];
}

export function positionName(position: string): string {
  return POSITIONS.find(([id]) => id === position)?.[1] ?? position;
}

/** The tests of a complaint's regions by position of the patient; those already begun are always among them. */
export function runningOrder(
  catalogue: Catalogue,
  regions: string[],
  candidates: string[],
  examination: Examination,
  everything: boolean,
): Block[] {
  const begun = new Set(examination.readings.map((r) => r.test));
  const listed = catalogue.tests.filter(
    (t) =>
      begun.has(t.id) ||
      (regions.includes(t.region) && (everything || t.informs.some((c) => candidates.includes(c)))),
  );
  return POSITIONS.map(([position, name]) => ({
    position,
    name,
    tests: listed.filter((t) => t.position === position),
  })).filter((b) => b.tests.length > 0);
}

/** The outcome to show for a test on one side: a positive before an unclear before a negative. */
export function testOutcome(examination: Examination, test: string, side: string): string {
  const outcomes = new Set(
    examination.findings.filter((f) => f.test === test && f.side === side).map((f) => f.outcome),
  );
  return ["positive", "unclear", "negative"].find((o) => outcomes.has(o)) ?? "not-done";
}
