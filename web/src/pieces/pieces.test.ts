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
  it("says which line a verdict is borderline for", () => {
    const at = (low: number, high: number) => ({
      verdict: "undecided",
      borderline: true,
      low,
      high,
      act: 0.6,
    });
    expect(verdictWords(at(0.5, 0.7))).toBe("undecided, borderline for acting");
    expect(verdictWords(at(0.01, 0.3))).toBe("undecided, borderline for putting aside");
  });
});
