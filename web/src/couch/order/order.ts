import type {
  CaseView,
  Catalogue,
  ClinicalTest,
  Examination,
  Finding,
  NextTest,
  Side,
  Standing,
} from "../../api/types";

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

/** The part of the examination that a test belongs to. */
export type Stage = ClinicalTest["stage"];

/** Tests of one stage done one after another in one position. */
export interface Block {
  key: string;
  /** Nothing for what was done besides. */
  stage: Stage | undefined;
  name: string;
  tests: PlannedTest[];
}

/** The blocks of one stage. */
export interface StageGroup {
  key: string;
  stage: Stage | undefined;
  name: string;
  blocks: Block[];
  tests: PlannedTest[];
}

const STAGES: Record<Stage, string> = {
  look: "Look",
  feel: "Feel",
  move: "Move",
  measure: "Measure",
  provoke: "Provoke",
};

/** Stages that can be gone through on one screen. */
export const AT_ONCE: readonly (Stage | undefined)[] = ["look", "feel", "move"];

export const stageName = (stage: Stage) => STAGES[stage];

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

/**
 * The planned tests that there is time for, in blocks of one stage and position; what was begun without being planned stands at
 * the end.
 */
export function runningOrder(
  catalogue: Catalogue,
  plan: Pick<CaseView["plan"], "tests" | "leftOut">,
  begun: readonly string[],
  variants: Record<string, string>,
): Block[] {
  const leftOut = new Set(leftOutStill(plan, begun).map((l) => l.test));
  const planned = plan.tests.flatMap((id) =>
    leftOut.has(id) ? [] : catalogue.tests.filter((t) => t.id === id),
  );
  const unplanned = catalogue.tests.filter((t) => begun.includes(t.id) && !plan.tests.includes(t.id));
  const blocks: Block[] = [];
  for (const test of planned.map((t) => asDone(t, variants))) {
    const last = blocks.at(-1);
    if (last && last.stage === test.stage && last.tests[0]?.position === test.position) {
      last.tests.push(test);
    } else {
      const name = positionName(test.position);
      blocks.push({ key: `${blocks.length}`, stage: test.stage, name, tests: [test] });
    }
  }
  if (unplanned.length > 0) {
    const tests = unplanned.map((t) => asDone(t, variants));
    blocks.push({ key: "unplanned", stage: undefined, name: "", tests });
  }
  return blocks;
}

/** The tests that were begun without being planned, or although they are left out for want of time. */
export function begunBesides(plan: Pick<CaseView["plan"], "tests" | "leftOut">, examination: Examination) {
  const expected = new Set(plan.tests);
  for (const { test } of plan.leftOut) {
    expected.delete(test);
  }
  return [...new Set(examination.readings.map((r) => r.test))].filter((t) => !expected.has(t));
}

/** The sets that were put into the order as one. */
export const setsOf = (plan: CaseView["plan"], catalogue: Catalogue) =>
  plan.sets.flatMap((id) => catalogue.sets.find((s) => s.id === id) ?? []);

/** What there is no time for, but for what was begun all the same. */
export const leftOutStill = (plan: Pick<CaseView["plan"], "leftOut">, begun: readonly string[]) =>
  plan.leftOut.filter((l) => !begun.includes(l.test));

/** The blocks by stage, in their order; an order of one's own may come back to a stage. */
export function stagesOf(blocks: readonly Block[]): StageGroup[] {
  const groups: StageGroup[] = [];
  for (const block of blocks) {
    const last = groups.at(-1);
    if (last && last.stage === block.stage) {
      last.blocks.push(block);
      last.tests.push(...block.tests);
    } else {
      const name = block.stage ? STAGES[block.stage] : "Done besides";
      groups.push({ key: block.key, stage: block.stage, name, blocks: [block], tests: [...block.tests] });
    }
  }
  return groups;
}

/** The blocks with these tests alone. */
export function onlyTests(blocks: readonly Block[], tests: readonly string[]): Block[] {
  return blocks
    .map((b) => ({ ...b, tests: b.tests.filter((t) => tests.includes(t.id)) }))
    .filter((b) => b.tests.length > 0);
}

/** Whether something of the affected side came to an outcome. */
export const isDone = (examination: Examination, test: string, involved: Side) =>
  testOutcome(examination, test, involved) !== "not-done";

/** A precaution against a test, in spite of which nobody has gone ahead. */
export const stoppedBy = (examination: Examination, test: string) =>
  examination.blocked.find((b) => b.test === test && b.reason === undefined);

const SHOWN_FIRST = ["positive", "unclear", "negative"] as const;

/** The outcome to show for several findings: a positive before an unclear before a negative. */
export const shownOutcome = (findings: readonly Finding[]): Finding["outcome"] =>
  SHOWN_FIRST.find((o) => findings.some((f) => f.outcome === o)) ?? "not-done";

/** The outcome to show for a test on one side. */
export const testOutcome = (examination: Examination, test: string, side: Side) =>
  shownOutcome(examination.findings.filter((f) => f.test === test && f.side === side));

/** The test advised; what tells most where the examiner asked for that. */
export function nextShown(standing: Standing, asked: boolean): NextTest | undefined {
  return asked ? standing.next[0] : standing.advice.test;
}

/** The test to go to next: what has to be done before the one shown, that one, or what comes first. */
export function suggested(standing: Standing, asked: boolean): string | undefined {
  const next = nextShown(standing, asked);

  return next ? (next.firstDo ?? next.test) : standing.advice.first;
}
