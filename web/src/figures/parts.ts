import { type Frame, mirror, place, type Vec } from "./space";

/** Everything is put together from balls: a limb is the skin stretched over two or more of them. */
export interface Ball {
  c: Vec;
  r: number;
}
export type Hull = readonly Ball[];

/** How a part is inked: plain skin, the affected arm, clothing, the examiner, a thing, where the arm was before. */
export type Look = "skin" | "arm" | "cloth" | "examiner" | "sleeve" | "thing" | "tool" | "before";

/** A line on the skin, seen only from the side it lies on. */
export interface Mark {
  points: readonly Vec[];
  facing: Vec;
  /** A nail or a crease, left out where the figure is small. */
  fine?: boolean;
}

export interface Part {
  id: string;
  look: Look;
  hulls: readonly Hull[];
  marks: readonly Mark[];
  /** Where this part runs into others without a line between them: which, and the end of this one that covers the line. */
  joins: readonly { to: string; end: Hull }[];
  /** Whether it stands behind all that is no thing, whatever its depth. */
  behind?: boolean;
}

export const ball = (x: number, y: number, z: number, r: number): Ball => ({ c: [x, y, z], r });

export function part(id: string, look: Look, hulls: Hull[], more: Partial<Part> = {}): Part {
  return { id, look, hulls, marks: [], joins: [], ...more };
}

/** A chain of balls as one limb: the skin from each to the next. */
export function chain(balls: readonly Ball[]): Hull[] {
  return balls.slice(1).map((b, i) => [balls[i] as Ball, b]);
}

const everyPoint = (p: Part, move: (at: Vec) => Vec, turn: (direction: Vec) => Vec): Part => ({
  ...p,
  hulls: p.hulls.map((h) => h.map((b) => ({ c: move(b.c), r: b.r }))),
  marks: p.marks.map((m) => ({ ...m, points: m.points.map(move), facing: turn(m.facing) })),
  joins: p.joins.map((j) => ({ to: j.to, end: j.end.map((b) => ({ c: move(b.c), r: b.r })) })),
});

export const mirrored = (p: Part): Part => everyPoint(p, mirror, mirror);

/** A part described in a frame of its own, in the room. */
export const placed = (p: Part, frame: Frame): Part =>
  everyPoint(
    p,
    (a) => place(frame, a),
    (a) => place({ at: [0, 0, 0], turn: frame.turn }, a),
  );

export const renamed = (p: Part, prefix: string, look = p.look): Part => ({
  ...p,
  id: prefix + p.id,
  look,
  joins: p.joins.map((j) => ({ ...j, to: j.to === "trunk" ? j.to : prefix + j.to })),
});
