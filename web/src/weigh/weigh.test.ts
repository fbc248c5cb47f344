import { describe, expect, it } from "vitest";
import type { Figures, LedgerRow } from "../api/types";
import { peopleSentence } from "./FiguresInPeople";
import { groupedByReason } from "./reasons";
import { isSupposed, NOTHING_SUPPOSED } from "./supposing";

const figures = (people: Figures["people"]) => ({ people }) as Figures;

describe("figures in whole people", () => {
  it("say how many positives have it, never a bare percentage of the test", () => {
    const people = { outOf: 100, with: 12, positiveWith: 9, positiveWithout: 3, positive: 12 };
    expect(peopleSentence(figures(people), 0.12)).toBe(
      "Of 100 like this one, before the test (12\u202f%), 12 have it. " +
        "9 of those and 3 of the 88 others are positive. Of 12 positives, 9 have it.",
    );
  });
  it("do not divide by nobody", () => {
    const people = { outOf: 100, with: 6, positiveWith: 0, positiveWithout: 0, positive: 0 };
    expect(peopleSentence(figures(people), 0.06)).toContain("Nobody is positive.");
  });
});

describe("a supposition", () => {
  it("is one as soon as anything differs", () => {
    expect(isSupposed(NOTHING_SUPPOSED)).toBe(false);
    expect(isSupposed({ ...NOTHING_SUPPOSED, outcomes: { "neer/pain": "negative" } })).toBe(true);
    expect(isSupposed({ ...NOTHING_SUPPOSED, suspicions: { "slap-tear": "less-likely" } })).toBe(true);
    expect(isSupposed({ ...NOTHING_SUPPOSED, familyOverlap: 0, generalOverlap: 0 })).toBe(true);
    expect(isSupposed({ ...NOTHING_SUPPOSED, highBias: "leftOut" })).toBe(true);
  });
});

describe("what was not weighed", () => {
  it("stands under its reason, every row once and none that counts", () => {
    const rows = ["no-data", "counted", "unclear", "no-data", "superseded"].map(
      (status, i) => ({ id: `${i}`, status }) as LedgerRow,
    );
    const groups = groupedByReason(rows);
    expect(groups.flatMap((g) => g.rows.map((r) => r.id)).sort()).toEqual(["0", "2", "3", "4"]);
    expect(groups.find((g) => g.rows.length === 2)?.title).toBe("No figures for this condition");
  });
});
