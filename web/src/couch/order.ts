import type { Catalogue, ClinicalTest, Examination, Finding, NextTest, Side, Standing } from "../api/types";

const POSITIONS: Record<string, string> = {
  "standing-facing": "Standing, facing you",
  "standing-side": "Standing, side on",
  "standing-back": "Standing, from behind",
  sitting: "Sitting",
  "arm-on-table": "Sitting, arm on the table",
  supine: "Lying on the back",
  "side-lying": "Lying on the side",
};

/** A test as this department does it. */
export interface PlannedTest extends ClinicalTest {
  variant: ClinicalTest["variants"][number] | undefined;
}

/** Tests done one after another in one position. */
export interface Block {
  key: string;
  name: string;
  tests: PlannedTest[];
}

export function positionName(position: string): string {
  return POSITIONS[position] ?? position;
}

/** The test in the department's variant, held as long and in the position that goes with it. */
export function asDone(test: ClinicalTest, variants: Record<string, string>): PlannedTest {
  const variant = test.variants.find((v) => v.name === variants[test.id]);
  return variant
    ? { ...test, position: variant.position, holdSeconds: variant.holdSeconds, variant }
    : { ...test, variant };
}

/** The planned tests in blocks of one position; what was begun without being planned stands at the end. */
export function runningOrder(
  catalogue: Catalogue,
  plan: string[],
  examination: Examination,
  variants: Record<string, string>,
): Block[] {
  const planned = plan.flatMap((id) => catalogue.tests.filter((t) => t.id === id));
  const begun = new Set(examination.readings.map((r) => r.test));
  const unplanned = catalogue.tests.filter((t) => begun.has(t.id) && !plan.includes(t.id));
  const blocks: Block[] = [];
  for (const test of planned.map((t) => asDone(t, variants))) {
    const last = blocks.at(-1);
    if (last && last.tests[0]?.position === test.position) {
      last.tests.push(test);
    } else {
      blocks.push({ key: `${blocks.length}`, name: positionName(test.position), tests: [test] });
    }
  }
  if (unplanned.length > 0) {
    const tests = unplanned.map((t) => asDone(t, variants));
    blocks.push({ key: "unplanned", name: "Done besides", tests });
  }
  return blocks;
}

const SHOWN_FIRST = ["positive", "unclear", "negative"] as const;

/** The outcome to show for a test on one side: a positive before an unclear before a negative. */
export function testOutcome(examination: Examination, test: string, side: Side): Finding["outcome"] {
  const outcomes = new Set(
    examination.findings.filter((f) => f.test === test && f.side === side).map((f) => f.outcome),
  );
  return SHOWN_FIRST.find((o) => outcomes.has(o)) ?? "not-done";
}

/** The test advised; what tells most where the examiner asked for that. */
export function nextShown(standing: Standing, asked: boolean): NextTest | undefined {
  return asked ? standing.next[0] : standing.advice.test;
}

/** The test to go to next: what has to be done before the one shown, that one, or what comes first. */
export function suggested(standing: Standing, asked: boolean): string | undefined {
  const next = nextShown(standing, asked);

  return next ? (next.firstDo ?? next.test) : standing.advice.first;
}
