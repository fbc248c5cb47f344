import { describe, expect, it } from "vitest";
import { FIGURES } from "../test/figures";
import { figureAt, markAt, nearest, readingsOf } from "./turning";

const MOVEMENT = FIGURES.movements[0] as (typeof FIGURES.movements)[number];

describe("An angle on a drawing", () => {
  it("is the joint's, or its opposite", () => {
    expect(figureAt(MOVEMENT, 40).arm.elevation).toBe(40);
    expect(figureAt({ ...MOVEMENT, angle: "external", opposite: true }, 40).arm.external).toBe(-40);
  });

  it("raises the hand on its way from the side to the top", () => {
    const way = readingsOf(0, 180, 15).map((r) => markAt(MOVEMENT, r).y);
    expect(way).toEqual([...way].sort((a, b) => b - a));
  });

  it("is read back from where the mark is dragged", () => {
    const readings = readingsOf(-10, 180, 5);
    const places = readings.map((r) => markAt(MOVEMENT, r));
    for (const [i, reading] of readings.entries()) {
      const p = markAt(MOVEMENT, reading);
      expect(readings[nearest(places, p.x + 0.4, p.y - 0.4)]).toBe(readings[i]);
    }
  });
});
