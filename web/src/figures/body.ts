import { type ArmFrames, arm, armFrames } from "./arm";
import type { ArmPose, NeckPose } from "./figure";
import {
  type Ball,
  ball,
  chain,
  type Hull,
  type Mark,
  mirrored,
  type Part,
  part,
  placed,
  renamed,
} from "./parts";
import { about, type Frame, followedBy, mirror, type Turn, type Vec, within } from "./space";

/** A leg: degrees of flexion at hip and knee, and how far out to the side. */
export interface LegPose {
  hip: number;
  knee: number;
  out: number;
}

/** The body in the room; neck angles are forwards-backwards, and to the affected side. */
export interface BodyPose {
  root: Frame;
  lean: number;
  neck: NeckPose;
  legs: { affected: LegPose; other: LegPose };
  arms: { affected: ArmPose; other: ArmPose };
}

const pair = (x: number, y: number, z: number, r: number): Ball[] => [ball(x, y, z, r), ball(-x, y, z, r)];

/** From the waist up, in the frame of the pelvis: two balls at each height, so that the chest is wider than deep. */
const CHEST: Ball[][] = [
  pair(4.6, 12, 0, 8),
  pair(5.4, 25, 0, 8.8),
  pair(6.6, 36, 0, 9.2),
  pair(7.2, 42, -0.3, 7.6),
];
const NECK_BASE = ball(0, 52, -1.6, 4.9);
const PELVIS: Hull[] = [
  [...pair(4.6, 12, 0, 8), ...pair(6.6, 2, 0, 8.8)],
  [...pair(6.6, 2, 0, 8.8), ...pair(8, -5, 0, 8.2)],
];

function trunk(arms: ArmFrames, otherArm: ArmFrames): Part {
  const girdle = (at: Vec): Hull[] => {
    const acromion: Ball = { c: [at[0] * 0.9, at[1] + 1.2, at[2] - 0.3], r: 4.1 };
    return [
      [NECK_BASE, acromion],
      [acromion, { c: [at[0] > 0 ? 7.2 : -7.2, 42, -0.3], r: 7.6 }],
      [acromion, { c: [at[0] * 0.87, at[1] - 1.6, at[2]], r: 3.9 }],
      // The slope of the trapezius from high on the neck.
      [
        { c: [0, 55.5, -2], r: 3.9 },
        { c: [at[0] * 0.55, 49.5, -1], r: 3.6 },
      ],
    ];
  };
  const affected = arms.upper.at;
  const other = mirror(otherArm.upper.at);
  const chest = CHEST.slice(1).map((b, i) => [...(CHEST[i] as Ball[]), ...b]);
  const end = (at: Vec): Hull => [
    { c: [at[0] * 0.8, at[1] - 0.6, at[2]], r: 4.3 },
    { c: [at[0] * 0.97, at[1], at[2]], r: 4.7 },
  ];
  return part(
    "trunk",
    "skin",
    [...chest, [...pair(7.2, 42, -0.3, 7.6), NECK_BASE], ...girdle(affected), ...girdle(other)],
    {
      marks: [...blade(affected), ...blade(other), ...collar(affected), ...collar(other), SPINE],
      joins: [
        { to: "upper-arm", end: end(affected) },
        { to: "other-upper-arm", end: end(other) },
        { to: "head", end: [NECK_BASE, ball(0, 56, -1, 4.6)] },
      ],
    },
  );
}

const SPINE: Mark = {
  points: [
    [0, 50, -6.6],
    [0, 40, -9],
    [0, 25, -9],
    [0, 14, -8.2],
  ],
  facing: [0, 0, -1],
};

/** The shoulder blade: its spine and inner border, as they show through the skin. */
function blade(at: Vec): Mark[] {
  const s = Math.sign(at[0]);
  const up = at[1] - 45.5;
  return [
    {
      points: [
        [s * 14.5, 47.5 + up * 0.6, -5.5],
        [s * 6.2, 43.5, -9],
      ],
      facing: [s * 0.25, 0.15, -1],
    },
    {
      points: [
        [s * 6.2, 46, -8.6],
        [s * 5.6, 42, -9.2],
        [s * 6, 36, -9.4],
        [s * 7.6, 30.5, -9.2],
        [s * 9.6, 32, -8.6],
      ],
      facing: [s * 0.2, 0, -1],
    },
  ];
}

/** The collarbone, from the notch to the point of the shoulder. */
function collar(at: Vec): Mark[] {
  const s = Math.sign(at[0]);
  return [
    {
      points: [
        [s * 1.8, 47.4, 5.2],
        [s * 6, 48.2, 5.6],
        [s * 10.5, 48.3 + (at[1] - 45.5) * 0.4, 4],
        [s * 14.4, at[1] + 3.4, 2.6],
      ],
      facing: [s * 0.15, 0.35, 1],
    },
  ];
}

function head(): Part {
  const skull = [ball(0, 16.2, -1.2, 8.6), ball(0, 15.4, 1.6, 7.6)];
  const jaw = ball(0, 8.6, 3.4, 4.6);
  const ear = (s: number): Mark => ({
    points: [
      [s * 7.9, 15.6, -0.4],
      [s * 8.2, 15.2, -2],
      [s * 8.1, 13, -2],
      [s * 7.6, 11.4, -0.8],
    ],
    facing: [s, 0, -0.1],
  });
  return part(
    "head",
    "skin",
    [
      [...skull, jaw],
      [ball(0, 14.6, 8.4, 0.7), ball(0, 11.8, 9.7, 0.9), ball(0, 11.4, 8, 0.7)],
      [ball(0, 0, 0, 4.9), ball(0, 8, 0.2, 4.9)],
    ],
    {
      marks: [ear(1), ear(-1)],
      joins: [{ to: "trunk", end: [ball(0, 0, 0, 4.7), ball(0, 4, 0, 4.6)] }],
    },
  );
}

const THIGH = 42;
const SHANK = 40;

function legFrames(side: -1 | 1, pose: LegPose): { hip: Frame; knee: Frame } {
  const hip: Frame = {
    at: [side * 9, -4, 0],
    turn: followedBy(about([1, 0, 0], -pose.hip), about([0, 0, 1], side * pose.out)),
  };
  return { hip, knee: within(hip, [0, -THIGH, 0], about([1, 0, 0], pose.knee)) };
}

function leg(side: -1 | 1, pose: LegPose): Part[] {
  const { hip, knee } = legFrames(side, pose);
  const name = side < 0 ? "" : "other-";
  const thigh = part(
    `${name}thigh`,
    "cloth",
    chain([ball(0, 0, 0, 8.3), ball(0, -14, 0.4, 7.8), ball(0, -34, 0, 6.2)]),
    {
      joins: [
        { to: "pelvis", end: [ball(0, 0, 0, 8.1), ball(0, -7, 0, 7.8)] },
        { to: `${name}knee`, end: [] },
      ],
    },
  );
  const kneeCap = part(`${name}knee`, "skin", chain([ball(0, -34, 0, 5.9), ball(0, -THIGH, 0, 5.4)]), {
    joins: [{ to: `${name}shank`, end: [ball(0, -36, 0, 5.6), ball(0, -THIGH, 0, 5.3)] }],
  });
  const shank = part(
    `${name}shank`,
    "skin",
    [
      ...chain([ball(0, 0, 0, 5.3), ball(0, -11, -0.9, 5.2), ball(0, -28, 0, 3.5), ball(0, -SHANK, 0, 3.3)]),
      [ball(0, -SHANK, 0, 3.3), ball(0, -43.5, -2.5, 2.6), ball(0, -42, 6, 2.6)],
      [
        ball(0, -43.5, -2.5, 2.6),
        ball(0, -42, 6, 2.6),
        ball(-1.9, -44.2, 12, 1.7),
        ball(1.9, -44.2, 12, 1.7),
      ],
    ],
    { joins: [{ to: `${name}knee`, end: [ball(0, 0, 0, 5.2), ball(0, -6, 0, 5.1)] }] },
  );
  const inner = side < 0 ? 1 : -1;
  const toes = [0, 1, 2, 3, 4].map((i) => {
    const x = inner * (2.5 - i * 1.25);
    const r = i === 0 ? 1.25 : 0.85;
    return part(`${name}toe-${i}`, "skin", [[ball(x, -44.3, 12, r), ball(x, -44.3, 16.4 - i * 0.75, r)]], {
      joins: [{ to: `${name}shank`, end: [ball(x, -44.3, 12.2, r)] }],
    });
  });
  return [placed(thigh, hip), placed(kneeCap, hip), placed(shank, knee), ...toes.map((p) => placed(p, knee))];
}

/** The trunk's frame: from the pelvis, leaned. */
export const trunkFrame = (pose: BodyPose): Frame =>
  within(pose.root, [0, 0, 0], about([1, 0, 0], pose.lean));

/** The head's frame, at the top of the spine. */
export function headFrame(pose: BodyPose): Frame {
  const { extension, rotation, side } = pose.neck;
  const turn: Turn = followedBy(
    followedBy(about([0, 1, 0], -rotation), about([1, 0, 0], -extension)),
    about([0, 0, 1], side),
  );
  return within(trunkFrame(pose), [0, 53.5, -1.2], turn);
}

const flipped = (f: Frame): Frame => ({
  at: mirror(f.at),
  turn: [mirror(f.turn[0]), mirror(f.turn[1]), mirror(f.turn[2])],
});

/** Every frame of a body: where things are touched, felt and pushed. */
export interface BodyFrames {
  /** Under the ankles. */
  feet: { affected: Frame; other: Frame };
  trunk: Frame;
  head: Frame;
  affected: ArmFrames;
  other: ArmFrames;
}

export function bodyFrames(pose: BodyPose): BodyFrames {
  const t = trunkFrame(pose);
  const into = (f: ArmFrames): ArmFrames => ({
    upper: within(t, f.upper.at, f.upper.turn),
    forearm: within(t, f.forearm.at, f.forearm.turn),
    hand: within(t, f.hand.at, f.hand.turn),
  });
  const other = armFrames(pose.arms.other);
  const foot = (side: -1 | 1, l: LegPose) =>
    within(pose.root, within(legFrames(side, l).knee, [0, -SHANK, 0]).at, legFrames(side, l).knee.turn);
  return {
    feet: { affected: foot(-1, pose.legs.affected), other: foot(1, pose.legs.other) },
    trunk: t,
    head: headFrame(pose),
    affected: into(armFrames(pose.arms.affected)),
    other: into({ upper: flipped(other.upper), forearm: flipped(other.forearm), hand: flipped(other.hand) }),
  };
}

/** The whole person, every part in the room. The affected arm is the right one. */
export function body(pose: BodyPose): Part[] {
  const t = trunkFrame(pose);
  const pelvis = part("pelvis", "cloth", PELVIS, {
    joins: [
      { to: "thigh", end: [ball(-8, -3, 0, 8)] },
      { to: "other-thigh", end: [ball(8, -3, 0, 8)] },
    ],
  });
  return [
    placed(trunk(armFrames(pose.arms.affected), armFrames(pose.arms.other)), t),
    placed(head(), headFrame(pose)),
    placed(pelvis, pose.root),
    ...[...leg(-1, pose.legs.affected), ...leg(1, pose.legs.other)].map((p) => placed(p, pose.root)),
    ...arm(pose.arms.affected).map((p) => renamed(placed(p, t), "", "arm")),
    ...arm(pose.arms.other).map((p) => renamed(placed(mirrored(p), t), "other-")),
  ];
}
