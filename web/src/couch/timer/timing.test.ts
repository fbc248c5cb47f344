import { describe, expect, it } from "vitest";
import type { Board, ClinicalTest } from "../../api/types";
import { angleAt, pointFor } from "../pictures/ArcPicture";
import { levelName } from "../pictures/SpinePicture";
import { elapsed, readingOf, timingOf } from "./timing";

const board = (dials: string[], pads: string[] = []) =>
  ({ dials: dials.map((leaf) => ({ leaf })), pads: pads.map((id) => ({ id })) }) as unknown as Board;
const kind = (of: string) => ({ kind: of }) as ClinicalTest;

describe("how a test is timed", () => {
  it("follows from what it reads", () => {
    expect(timingOf(kind("special-test"), board(["onsetSeconds"]), 60)).toEqual({ kind: "onset", goal: 60 });
    expect(timingOf(kind("special-test"), board(["refillSeconds"]), undefined)?.kind).toBe("refill");
    expect(timingOf(kind("special-test"), board([]), 30)).toEqual({ kind: "hold", goal: 30 });
    expect(timingOf(kind("special-test"), board([], ["weak-clearly"]), undefined)?.kind).toBe("trial");
    expect(timingOf(kind("palpation"), board([]), undefined)).toBeUndefined();
  });
  it("goes by the clock, whatever happened in between, and not beyond the goal", () => {
    const running = { place: "p", startedAt: 1_000, trials: 0 };
    expect(elapsed(running, 18_400, 60)).toBeCloseTo(17.4);
    expect(elapsed(running, 500_000, 60)).toBe(60);
    expect(elapsed({ ...running, stoppedAt: 9 }, 500_000, 60)).toBe(9);
  });
  it("notes whole seconds of onset and tenths of refill", () => {
    expect(readingOf("onset", 17.4)).toEqual({ onsetSeconds: 17 });
    expect(readingOf("refill", 5.04)).toEqual({ refillSeconds: 5 });
    expect(readingOf("refill", 5.06)).toEqual({ refillSeconds: 5.1 });
    expect(readingOf("trial", 7)).toBeUndefined();
  });
});

describe("the drawings", () => {
  it("read the angle of the half circle, to 5 degrees and never outside it", () => {
    expect([angleAt(20, 156), angleAt(150, 20), angleAt(280, 156)]).toEqual([0, 90, 180]);
    expect(angleAt(150 - 100 * Math.cos(1.1), 156 - 100 * Math.sin(1.1))).toBe(65);
    expect([angleAt(40, 166), angleAt(260, 166)]).toEqual([0, 180]);
  });
  it("set the first point that is missing, then move the nearest", () => {
    expect(pointFor(70, {})).toBe("arc.startDeg");
    expect(pointFor(70, { "arc.startDeg": 60 })).toBe("arc.worstDeg");
    const all = { "arc.startDeg": 60, "arc.worstDeg": 90, "arc.endDeg": 120 };
    expect([50, 80, 170].map((angle) => pointFor(angle, all))).toEqual([
      "arc.startDeg",
      "arc.worstDeg",
      "arc.endDeg",
    ]);
  });
  it("name the levels of the spine as the readings count them", () => {
    expect([1, 12, 13, 17, 18, 19].map(levelName)).toEqual(["T1", "T12", "L1", "L5", "sacrum", "buttock"]);
  });
});
