import { describe, expect, it } from "vitest";
import type { Measure, MeasureItem } from "../api/types";
import { nextTarget, targetKey, targetsOf } from "./devices/targets";
import { type Sample, withSample } from "./devices/trace";
import { read, withTrial } from "./typed";

const force: MeasureItem = {
  item: "forceN",
  label: "force",
  unit: "N",
  low: 0,
  high: 2000,
  usualLow: 0,
  usualHigh: 400,
  trials: 3,
};

describe("typed numbers", () => {
  it("takes a comma for a point and leaves empty places out", () => {
    expect(read(force, ["80,5", "", "82"])).toEqual({ kind: "fine", numbers: [80.5, 82] });
  });

  it("refuses what cannot be and asks about what is unusual", () => {
    expect(read(force, ["9999"])).toEqual({ kind: "refused", problem: "Expected 0 to 2000 N." });
    expect(read(force, ["eighty"]).kind).toBe("refused");
    expect(read(force, ["450"])).toMatchObject({
      kind: "unusual",
      question: "450 N is unusual. Is it meant?",
    });
  });

  it("puts a device's trial after those kept, and begins anew when all are taken", () => {
    expect(withTrial(force, [80], 81.26)).toEqual([80, 81.3]);
    expect(withTrial(force, [80, 81, 82], 79)).toEqual([79]);
  });
});

describe("a device", () => {
  const side = (trials: number[]) => ({
    values: trials.length > 0 ? { forceN: { trials } } : {},
    notes: {},
  });
  const muscle = (id: string, other: number[], involved: number[]) =>
    ({ id, name: id, items: [force], other: side(other), involved: side(involved) }) as unknown as Measure;

  it("goes from the other side to the one that troubles and on to the next muscle", () => {
    const full = [1, 2, 3];
    const next = (measures: Measure[]) => {
      const targets = targetsOf("dynamometer", measures, "right");
      const target = nextTarget(targets, targets[0], "right");
      return target && targetKey(target);
    };
    expect(next([muscle("a", [1], []), muscle("b", [], [])])).toBe("a forceN left");
    expect(next([muscle("a", full, []), muscle("b", [], [])])).toBe("a forceN right");
    expect(next([muscle("a", full, full), muscle("b", [], [])])).toBe("b forceN left");
    expect(next([muscle("a", full, full)])).toBe("a forceN left");
    expect(targetsOf("grip", [muscle("a", [], [])], "right")).toEqual([]);
  });

  it("keeps the last seconds of its curve and begins anew with its clock", () => {
    const at = (millis: number, device = "d"): Sample => ({ device, millis, value: 1 });
    const curve = [0, 5_000, 14_000].reduce<Sample[]>((c, ms) => withSample(c, at(ms)), []);
    expect(curve.map((s) => s.millis)).toEqual([5_000, 14_000]);
    expect(withSample(curve, at(50))).toEqual([at(50)]);
    expect(withSample(curve, at(15_000, "e"))).toEqual([at(15_000, "e")]);
  });
});
