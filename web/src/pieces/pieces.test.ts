import { describe, expect, it } from "vitest";
import { factor, percent } from "./format";
import { verdictWords } from "./Rail";
import { railPosition, TICKS } from "./scale";

describe("percent", () => {
  it("has one more digit towards the ends, where it matters", () => {
    const shown = [0.0004, 0.9999, 0.005, 0.0312, 0.05, 0.336, 0.985, 0.9957].map((p) =>
      percent(p).replace("\u202f", " "),
    );
    expect(shown).toEqual(["under 0.1 %", "over 99.9 %", "0.5 %", "3.1 %", "5 %", "34 %", "99 %", "99.6 %"]);
  });
});

describe("factor", () => {
  it("keeps about three digits", () => {
    expect([0.043, 0.83, 1, 15.57, 120.4].map((f) => factor(f).slice(2))).toEqual([
      "0.043",
      "0.83",
      "1.00",
      "15.6",
      "120",
    ]);
  });
});

describe("the rail", () => {
  it("runs from 0.1 % to 99.9 % with even odds in the middle, and holds what is beyond", () => {
    expect(railPosition(0.001)).toBe(0);
    expect(railPosition(0.5)).toBeCloseTo(0.5);
    expect(railPosition(0.999)).toBe(1);
    expect([railPosition(0), railPosition(1)]).toEqual([0, 1]);
    const places = TICKS.map(railPosition);
    expect([...places].sort((a, b) => a - b)).toEqual(places);
  });
  it("says a verdict as one would, and on which side of which line it hardly is", () => {
    const at = (verdict: string, posttest: number, low: number, high: number) => ({
      verdict,
      borderline: (low < 0.6 && high > 0.6) || (low < 0.05 && high > 0.05),
      posttest,
      low,
      high,
      act: 0.6,
      ruleOut: 0.05,
    });
    expect(verdictWords(at("act", 0.8, 0.7, 0.9))).toBe("treat as likely");
    expect(verdictWords(at("act", 0.62, 0.5, 0.7))).toBe("treat as likely, just over the action line");
    expect(verdictWords(at("undecided", 0.58, 0.5, 0.7))).toBe("undecided, close below the action line");
    expect(verdictWords(at("put aside", 0.04, 0.02, 0.07))).toBe(
      "ruled out for now, just under the line for ruling out",
    );
    expect(verdictWords(at("keep in mind", 0.01, 0.005, 0.02))).toBe("keep in mind");
  });
});
