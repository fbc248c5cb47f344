import type { ArmPose } from "./figure";
import { hand } from "./hand";
import { ball, chain, type Part, part, placed } from "./parts";
import { about, cross, type Frame, followedBy, type Turn, type Vec, within } from "./space";

export const UPPER_ARM = 28.5;
export const FOREARM = 25;
/** The centre of the right shoulder joint in the trunk's frame, with the arm at the side. */
const SHOULDER: Vec = [-17.2, 45.5, 0];

/** Frames of an arm: of the upper arm x to the front, y to the elbow, z to the body; of the forearm and the hand x to the thumb, y to the fingers, z to the palm. */
export interface ArmFrames {
  upper: Frame;
  forearm: Frame;
  hand: Frame;
}

const HANGING: Turn = [
  [0, 0, 1],
  [0, -1, 0],
  [1, 0, 0],
];

/** The frames of a right arm in the trunk's frame. */
export function armFrames(pose: ArmPose): ArmFrames {
  const plane = (pose.plane * Math.PI) / 180;
  const toward: Vec = [-Math.cos(plane), 0, Math.sin(plane)];
  // The shoulder blade follows a raised arm, which lifts the joint and brings it nearer to the neck.
  const raised = Math.max(0, pose.elevation - 60) / 120;
  const shrug = (pose.shrug * Math.PI) / 180;
  const forward = (pose.protraction * Math.PI) / 180;
  const at: Vec = [
    SHOULDER[0] + 3.2 * raised,
    SHOULDER[1] + 3.4 * raised + 15 * Math.sin(shrug),
    SHOULDER[2] + 15 * Math.sin(forward),
  ];
  const turned = followedBy(HANGING, about([0, 1, 0], -pose.external));
  const upper: Frame = {
    at,
    turn:
      pose.elevation === 0 ? turned : followedBy(turned, about(cross([0, -1, 0], toward), pose.elevation)),
  };
  const bent = within(upper, [0, UPPER_ARM, 0], about([0, 0, 1], -pose.elbow));
  const forearm: Frame = { at: bent.at, turn: followedBy(about([0, 1, 0], pose.supination), bent.turn) };
  const bentWrist = followedBy(about([1, 0, 0], -pose.extension), about([0, 0, 1], -pose.radial));
  return { upper, forearm, hand: within(forearm, [0, FOREARM, 0], bentWrist) };
}

const UPPER_BALLS = [
  ball(0, 0, 0.2, 5.2),
  ball(0.2, 5, -0.4, 5.1),
  ball(0.4, 12, 0, 4.7),
  ball(0.3, 18, 0, 4.2),
  ball(0, 24, 0, 3.75),
  ball(0, UPPER_ARM, 0, 3.6),
];

/** The wider way of the forearm turns with the hand from the elbow to the wrist. */
const FOREARM_SHAPE: [number, number, number][] = [
  [0, 0, 3.6],
  [4, 0.3, 3.9],
  [9, 0.7, 3.45],
  [14, 0.9, 2.75],
  [18.5, 1, 2.15],
  [22, 1.1, 1.8],
  [FOREARM, 1.25, 1.62],
];
const FOREARM_PAIRS = FOREARM_SHAPE.map(([y, half, r]) => [ball(half, y, 0, r), ball(-half, y, 0, r)]);
const FOREARM_HULLS = FOREARM_PAIRS.slice(1).map((b, i) => [...(FOREARM_PAIRS[i] ?? []), ...b]);

/** A right arm in the trunk's frame. */
export function arm(pose: ArmPose): Part[] {
  const frames = armFrames(pose);
  const upper = part("upper-arm", "skin", chain(UPPER_BALLS), {
    joins: [
      { to: "trunk", end: [ball(0, 0, 0.2, 5), ball(0, 3, 0, 4.9)] },
      { to: "forearm", end: [ball(0, 23, 0, 3.7), ball(0, UPPER_ARM, 0, 3.5)] },
    ],
  });
  const lower = part("forearm", "skin", FOREARM_HULLS, {
    joins: [
      { to: "upper-arm", end: [ball(0, 0, 0, 3.5), ball(0, 4.5, 0, 3.8)] },
      {
        to: "palm",
        end: [
          ball(1.1, 23.2, 0, 1.65),
          ball(-1.1, 23.2, 0, 1.65),
          ball(1.3, FOREARM, 0, 1.55),
          ball(-1.3, FOREARM, 0, 1.55),
        ],
      },
    ],
  });
  return [
    placed(upper, frames.upper),
    placed(lower, frames.forearm),
    ...hand(pose.hand).map((p) => placed(p, frames.hand)),
  ];
}
