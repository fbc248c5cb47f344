import type { LegPose } from "./body";
import type { Figure } from "./figure";
import { ball, type Part, part } from "./parts";
import { AS_IS, type Frame, type Turn } from "./space";

export interface Posture {
  root: Frame;
  lean: number;
  legs: { affected: LegPose; other: LegPose };
  things: readonly Part[];
}

const straight: LegPose = { hip: 0, knee: 0, out: 2 };
const seated: LegPose = { hip: 86, knee: 84, out: 8 };

/** A box as a thing of the room, behind whoever uses it. */
const box = (id: string, x: [number, number], y: [number, number], z: [number, number]): Part =>
  part(id, "thing", [x.flatMap((a) => y.flatMap((b) => z.map((c) => ball(a, b, c, 0.6))))], { behind: true });

const ON_BACK: Turn = [
  [1, 0, 0],
  [0, 0, -1],
  [0, 1, 0],
];
/** On the other side, the affected one up. */
const ON_SIDE: Turn = [
  [0, -1, 0],
  [0, 0, -1],
  [1, 0, 0],
];

export const POSTURES: Record<Figure["posture"], Posture> = {
  standing: {
    root: { at: [0, 92, 0], turn: AS_IS },
    lean: 0,
    legs: { affected: straight, other: straight },
    things: [],
  },
  sitting: {
    root: { at: [0, 56, 0], turn: AS_IS },
    lean: 0,
    legs: { affected: seated, other: seated },
    things: [box("stool", [-17, 17], [38, 43], [-15, 15])],
  },
  supine: {
    root: { at: [0, 62, 0], turn: ON_BACK },
    lean: 0,
    legs: { affected: straight, other: straight },
    things: [box("couch", [-24, 30], [44, 52], [-74, 95])],
  },
  "side-lying": {
    root: { at: [0, 70, 0], turn: ON_SIDE },
    lean: 0,
    legs: { affected: { hip: 30, knee: 40, out: 0 }, other: { hip: 20, knee: 30, out: 0 } },
    things: [box("couch", [-30, 30], [44, 51], [-80, 95])],
  },
  "wall-push-up": {
    root: { at: [0, 92, 0], turn: AS_IS },
    lean: 8,
    legs: { affected: straight, other: straight },
    things: [box("wall", [-45, 45], [60, 185], [58, 62])],
  },
  "table-push-up": {
    root: { at: [0, 92, 0], turn: AS_IS },
    lean: 32,
    legs: { affected: straight, other: straight },
    things: [box("table", [-45, 45], [78, 83], [34, 70])],
  },
  "chair-push-up": {
    root: { at: [0, 56, 0], turn: AS_IS },
    lean: 6,
    legs: { affected: seated, other: seated },
    things: [box("chair", [-24, 24], [38, 43], [-15, 18])],
  },
  walking: {
    root: { at: [0, 92, 0], turn: AS_IS },
    lean: 0,
    legs: { affected: { hip: 16, knee: 4, out: -6 }, other: { hip: -12, knee: 6, out: -6 } },
    things: [],
  },
};
