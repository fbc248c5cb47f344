import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { HAND, HANGING } from "../test/figures";
import { armFrames, FOREARM, UPPER_ARM } from "./arm";
import { camera } from "./camera";
import { backToFront } from "./depth";
import type { ArmPose, Figure, Grips } from "./figure";
import { fingerFrames } from "./hand";
import { type Circle, outline } from "./outline";
import { ball, part } from "./parts";
import { draw } from "./scene";
import { dot, long, minus, type Vec } from "./space";

const GRIPS: Grips = { hold: { hand: HAND, touches: "palm" }, finger: { hand: HAND, touches: "index" } };
const FIGURE: Figure = {
  id: "made-up",
  posture: "standing",
  lean: 0,
  view: { turn: -12, raise: 6 },
  shows: ["head", "upper-arm", "forearm", "palm"],
  alone: false,
  arm: { ...HANGING, plane: 70, elevation: 90, external: -80, elbow: 90 },
  other: HANGING,
  neck: { extension: 0, rotation: 0, side: 0 },
  start: {
    arm: { ...HANGING, plane: 70, elevation: 90, external: -20, elbow: 90 },
    neck: { extension: 0, rotation: 0, side: 0 },
    armMoves: true,
    neckMoves: false,
  },
  contacts: [
    {
      site: { part: "elbow", at: 50, across: 0, side: "" },
      grip: "hold",
      from: "out",
      palm: "down",
      left: false,
      off: 0,
    },
    {
      site: { part: "clavicle", at: 100, across: 0, side: "up" },
      grip: "finger",
      from: "front",
      palm: "",
      left: true,
      off: 0,
    },
  ],
  forces: [
    {
      site: { part: "wrist", at: 50, across: 0, side: "" },
      kind: "push",
      direction: "down",
      by: "examiner",
      size: 1,
    },
  ],
  held: [],
  feel: [{ part: "upper-arm", at: 5, across: 0, side: "lateral" }],
};

const DOWN: Vec = [0, -1, 0];
const UP: Vec = [0, 1, 0];
const FRONT: Vec = [0, 0, 1];
const OUT: Vec = [-1, 0, 0];
const IN: Vec = [1, 0, 0];

describe("an arm", () => {
  it.each<[string, Partial<ArmPose>, Vec]>([
    ["hangs down", {}, DOWN],
    ["points forwards with a bent elbow", { elbow: 90 }, FRONT],
    ["turns out with external rotation at the side", { elbow: 90, external: 90 }, OUT],
    ["turns in with internal rotation at the side", { elbow: 90, external: -90 }, IN],
    ["points up in the cocked position", { elevation: 90, external: 90, elbow: 90 }, UP],
    ["points forwards in abduction without rotation", { elevation: 90, elbow: 90 }, FRONT],
    [
      "lies across the body in flexion with internal rotation",
      { plane: 90, elevation: 90, external: -90, elbow: 90 },
      IN,
    ],
    ["points up at full elevation", { plane: 30, elevation: 180 }, UP],
    ["points out in abduction", { elevation: 90 }, OUT],
    ["points forwards in flexion", { plane: 90, elevation: 90 }, FRONT],
  ])("%s", (_, angles, forearm) => {
    expect(dot(armFrames({ ...HANGING, ...angles }).forearm.turn[1], forearm)).toBeCloseTo(1, 9);
  });

  it.each<[string, Partial<ArmPose>, Vec]>([
    ["to the body", {}, IN],
    ["up with supination", { supination: 90 }, UP],
    ["down with pronation", { supination: -90 }, DOWN],
  ])("whose elbow is bent has the palm %s", (_, angles, palm) => {
    expect(dot(armFrames({ ...HANGING, elbow: 90, ...angles }).hand.turn[2], palm)).toBeCloseTo(1, 9);
  });

  it("bends its wrist to the back of the hand in extension, and to the thumb in radial deviation", () => {
    const straight = armFrames(HANGING).forearm.turn;
    const extended = armFrames({ ...HANGING, extension: 90 }).hand.turn[1];
    const deviated = armFrames({ ...HANGING, radial: 90 }).hand.turn[1];
    expect(dot(extended, straight[2])).toBeCloseTo(-1, 9);
    expect(dot(deviated, straight[0])).toBeCloseTo(1, 9);
  });

  it("keeps the length of its bones in every pose", () => {
    const angle = fc.integer({ min: -90, max: 90 });
    fc.assert(
      fc.property(
        angle,
        fc.integer({ min: 0, max: 180 }),
        angle,
        angle,
        angle,
        (plane, elevation, external, elbow, supination) => {
          const f = armFrames({ ...HANGING, plane, elevation, external, elbow, supination });
          expect(long(minus(f.forearm.at, f.upper.at))).toBeCloseTo(UPPER_ARM, 6);
          expect(long(minus(f.hand.at, f.forearm.at))).toBeCloseTo(FOREARM, 6);
        },
      ),
    );
  });

  it("closes its fingers to the palm", () => {
    const fist = fingerFrames("middle", { ...HAND, middle: { mcp: 84, pip: 106, dip: 74, spread: 0 } });
    const tip = fist[3]?.at as Vec;
    const knuckle = fist[0]?.at as Vec;
    expect(tip[2]).toBeGreaterThan(0);
    expect(tip[1]).toBeLessThan(knuckle[1]);
  });
});

describe("an outline", () => {
  const circle = fc.record({
    x: fc.double({ min: -50, max: 50, noNaN: true }),
    y: fc.double({ min: -50, max: 50, noNaN: true }),
    r: fc.double({ min: 0.5, max: 20, noNaN: true }),
  });
  const ends = (d: string) =>
    [...d.matchAll(/(?:[ML]|A\S+ \S+ 0 [01] 1 )(-?[\d.]+) (-?[\d.]+)/g)].map((m) => ({
      x: Number(m[1]),
      y: Number(m[2]),
    }));
  const reach = (circles: Circle[], x: number, y: number) =>
    Math.max(...circles.map((c) => c.x * x + c.y * y + c.r));

  it("goes round every circle and no further, wherever they lie", () => {
    fc.assert(
      fc.property(fc.array(circle, { minLength: 1, maxLength: 5 }), (circles) => {
        const points = ends(outline(circles));
        expect(points.length).toBeGreaterThan(0);
        for (const p of points) {
          for (let a = 0; a < 24; a++) {
            const x = Math.cos((a / 24) * 2 * Math.PI);
            const y = Math.sin((a / 24) * 2 * Math.PI);
            expect(p.x * x + p.y * y).toBeLessThanOrEqual(reach(circles, x, y) + 0.3);
          }
          // It touches one of them: nothing of the outline lies inside.
          expect(
            Math.min(...circles.map((c) => Math.abs(Math.hypot(p.x - c.x, p.y - c.y) - c.r))),
          ).toBeLessThan(0.3);
        }
      }),
    );
  });

  it("of a circle that holds the others is that circle", () => {
    expect(
      outline([
        { x: 0, y: 0, r: 1 },
        { x: 0, y: 0, r: 10 },
      ]),
    ).toBe(outline([{ x: 0, y: 0, r: 10 }]));
  });
});

describe("what is drawn", () => {
  it("goes from back to front", () => {
    const far = part("far", "skin", [[ball(0, 0, -5, 2)]]);
    const near = part("near", "skin", [[ball(0.5, 0, 5, 2)]]);
    const before = camera(0, 0);
    const behind = camera(180, 0);
    expect(backToFront([near, far], before).map((p) => p.id)).toEqual(["far", "near"]);
    expect(backToFront([near, far], behind).map((p) => p.id)).toEqual(["near", "far"]);
  });

  it("lies on the paper, arrows and dots too, and in numbers alone", () => {
    const drawing = draw(FIGURE, GRIPS, { width: 300, height: 225 });
    expect(JSON.stringify(drawing)).not.toMatch(/NaN|Infinity|null|undefined/);
    for (const { x, y } of drawing.dots) {
      expect(x).toBeGreaterThan(0);
      expect(x).toBeLessThan(300);
      expect(y).toBeGreaterThan(0);
      expect(y).toBeLessThan(225);
    }
    expect(drawing.arrows.map((a) => a.by)).toEqual(["examiner", "motion"]);
    expect(drawing.strokes.filter((s) => s.look === "before").length).toBeGreaterThan(0);
    expect(drawing.strokes.filter((s) => s.look === "examiner").length).toBeGreaterThan(0);
  });

  it("is the arm alone on its way, without the hands that come to where it ends", () => {
    const underWay = draw(FIGURE, GRIPS, { width: 300, height: 225 }, 0.5);
    expect(underWay.strokes.some((s) => s.look === "examiner" || s.look === "before")).toBe(false);
  });

  it("says which part it does not know", () => {
    const wrong = { ...FIGURE, feel: [{ part: "tail", at: 0, across: 0, side: "up" }] };
    expect(() => draw(wrong, GRIPS, { width: 300, height: 225 })).toThrow('no part "tail"');
  });
});
