import type { FingerPose, HandPose, ThumbPose } from "./figure";
import { type Ball, ball, type Hull, type Mark, type Part, part } from "./parts";
import { about, add, apply, type Frame, place, times, unit, type Vec, within } from "./space";

export const FINGERS = ["index", "middle", "ring", "little"] as const;
export type Finger = (typeof FINGERS)[number];

/** Knuckles in the hand's frame (x to the thumb side, y to the fingertips, z out of the palm), bones, and half widths. */
const FINGER: Record<
  Finger,
  { knuckle: Vec; bones: [number, number, number]; r: [number, number, number, number]; fan: number }
> = {
  index: { knuckle: [2.55, 8.9, 0], bones: [4.3, 2.5, 1.8], r: [1.05, 0.92, 0.84, 0.7], fan: 3 },
  middle: { knuckle: [0.75, 9.2, -0.15], bones: [4.7, 2.9, 1.9], r: [1.05, 0.94, 0.86, 0.72], fan: 0 },
  ring: { knuckle: [-1.05, 8.8, -0.05], bones: [4.3, 2.7, 1.9], r: [1, 0.88, 0.8, 0.68], fan: -3 },
  little: { knuckle: [-2.65, 7.9, 0.15], bones: [3.4, 1.9, 1.7], r: [0.92, 0.78, 0.7, 0.6], fan: -7 },
};
const THUMB_BASE: Vec = [2.0, 1.7, 0.9];
const THUMB_BONES = [4.3, 3.3, 2.4] as const;
const THUMB_R = [1.55, 1.3, 1.05, 0.8] as const;

const PALM_HULLS: Hull[] = [
  [ball(1.15, 0.2, 0, 1.6), ball(-1.15, 0.2, 0, 1.6), ball(1.9, 3.4, 0, 1.5), ball(-1.95, 3.4, 0, 1.5)],
  [
    ball(1.9, 3.4, 0, 1.5),
    ball(-1.95, 3.4, 0, 1.5),
    ball(2.35, 8.6, 0, 1.2),
    ball(0.7, 8.9, -0.1, 1.25),
    ball(-1, 8.4, -0.1, 1.2),
    ball(-2.5, 7.5, 0.1, 1.1),
  ],
];
const HYPOTHENAR: Hull = [ball(-1.5, 1.4, 0.7, 1.3), ball(-2.35, 5, 0.5, 1.3)];

/** The joints of one finger from the knuckle to the tip, with the frame of each bone. */
function boneFrames(name: Finger, pose: FingerPose): Frame[] {
  const { knuckle, bones, fan } = FINGER[name];
  const root = within(
    { at: knuckle, turn: about([0, 0, 1], fan + pose.spread * spreadSign(name)) },
    [0, 0, 0],
    about([1, 0, 0], pose.mcp),
  );
  const middle = within(root, [0, bones[0], 0], about([1, 0, 0], pose.pip));
  const end = within(middle, [0, bones[1], 0], about([1, 0, 0], pose.dip));
  return [root, middle, end, within(end, [0, bones[2], 0])];
}

const spreadSign = (name: Finger) => ({ index: -1, middle: 0, ring: 1, little: 1.6 })[name];

function thumbFrames(pose: ThumbPose): Frame[] {
  const out = about([0, 0, 1], -pose.radial);
  const up = about(apply(out, [1, 0, 0]), pose.palmar);
  const along = apply(up, apply(out, [0, 1, 0]));
  const toward = (pose.towards * Math.PI) / 180;
  // The direction it bends to, made square to the metacarpal.
  const raw: Vec = [-Math.cos(toward), 0, Math.sin(toward)];
  const bend = unit(add(raw, times(along, -(raw[0] * along[0] + raw[1] * along[1] + raw[2] * along[2]))));
  const side = unit([
    along[1] * bend[2] - along[2] * bend[1],
    along[2] * bend[0] - along[0] * bend[2],
    along[0] * bend[1] - along[1] * bend[0],
  ]);
  const root: Frame = { at: THUMB_BASE, turn: [side, along, bend] };
  const first = within(root, [0, THUMB_BONES[0], 0], about([1, 0, 0], pose.mcp));
  const last = within(first, [0, THUMB_BONES[1], 0], about([1, 0, 0], pose.ip));
  return [root, first, last, within(last, [0, THUMB_BONES[2], 0])];
}

/** Nail: an open curve on the back of the last bone. The bone's z looks to where the finger bends. */
function nail(last: Frame, length: number, r: number): Mark {
  const w = r * 0.62;
  const from = length * 0.42;
  const outline: Vec[] = [
    [-w, length + r * 0.5, 0],
    [-w, from + 0.1, 0],
    [-w * 0.6, from - 0.12, 0],
    [w * 0.6, from - 0.12, 0],
    [w, from + 0.1, 0],
    [w, length + r * 0.5, 0],
  ];
  return {
    points: outline.map((a) => place(last, [a[0], a[1], -r * 0.8])),
    facing: times(last.turn[2], -1),
    fine: true,
  };
}

function finger(
  name: Finger | "thumb",
  frames: readonly Frame[],
  r: readonly number[],
  lastBone: number,
  knuckleEnd: Hull,
): Part {
  const balls: Ball[] = frames.map((f, i) => ({ c: f.at, r: r[i] as number }));
  const hulls = balls.slice(1).map((b, i) => [balls[i] as Ball, b]);
  const last = frames[2] as Frame;
  const creases: Mark[] = [1, 2].map((i) => {
    const f = frames[i] as Frame;
    const w = (r[i] as number) * 0.7;
    return {
      points: [place(f, [-w, 0, (r[i] as number) * 0.7]), place(f, [w, 0, (r[i] as number) * 0.7])],
      facing: f.turn[2],
      fine: true,
    };
  });
  return part(name, "skin", hulls, {
    marks: [nail(last, lastBone, r[3] as number), ...creases],
    joins: [{ to: "palm", end: knuckleEnd }],
  });
}

/** Lines of the palm, and the knuckles at the back. */
const PALM_MARKS: Mark[] = [
  {
    points: [
      [2.9, 6.9, 1.2],
      [0.9, 6.5, 1.3],
      [-1.2, 5.0, 1.4],
      [-2.2, 3.6, 1.4],
    ],
    facing: [0, 0, 1],
    fine: true,
  },
  {
    points: [
      [-3.1, 6.9, 1.1],
      [-1.4, 6.8, 1.2],
      [0.4, 7.5, 1.2],
      [1.5, 8.5, 1.1],
    ],
    facing: [0, 0, 1],
    fine: true,
  },
  {
    points: [
      [2.7, 6.6, 1.2],
      [1.1, 5.6, 1.4],
      [0.4, 3.8, 1.6],
      [0.5, 1.6, 1.6],
    ],
    facing: [0, 0, 1],
    fine: true,
  },
];

/** A right hand in its own frame: x to the thumb side, y to the fingertips, z out of the palm. */
export function hand(pose: HandPose): Part[] {
  const thumbBones = thumbFrames(pose.thumb);
  const thumb = finger("thumb", thumbBones, THUMB_R, THUMB_BONES[2], [
    { c: THUMB_BASE, r: 1.6 },
    { c: place(thumbBones[0] as Frame, [0, THUMB_BONES[0] * 0.55, 0]), r: 1.2 },
  ]);
  const fingers = FINGERS.map((name) => {
    const f = boneFrames(name, pose[name]);
    const root = f[0] as Frame;
    const end: Hull = [
      { c: root.at, r: FINGER[name].r[0] * 0.98 },
      { c: place(root, [0, 0.8, 0]), r: FINGER[name].r[0] * 0.93 },
    ];
    return finger(name, f, FINGER[name].r, FINGER[name].bones[2], end);
  });
  const palm = part("palm", "skin", [...PALM_HULLS, HYPOTHENAR], {
    marks: PALM_MARKS,
    joins: [
      {
        to: "forearm",
        end: [
          ball(1.2, 0.4, 0, 1.55),
          ball(-1.2, 0.4, 0, 1.55),
          ball(1.5, 1.6, 0, 1.5),
          ball(-1.5, 1.6, 0, 1.5),
        ],
      },
      ...FINGERS.map((name) => ({
        to: name,
        end: [
          { c: add(FINGER[name].knuckle, [0, -0.75, 0]), r: FINGER[name].r[0] * 1.02 },
          { c: FINGER[name].knuckle, r: FINGER[name].r[0] * 0.9 },
        ],
      })),
      { to: "thumb", end: [ball(1.3, 1.6, 0.4, 1.6), ball(0.9, 4.6, 0.3, 1.5)] },
    ],
  });
  return [palm, ...fingers, thumb];
}

/** The joints of a finger from its root to its tip, in the hand's frame. */
export const fingerFrames = (name: Finger | "thumb", pose: HandPose): Frame[] =>
  name === "thumb" ? thumbFrames(pose.thumb) : boneFrames(name, pose[name]);
