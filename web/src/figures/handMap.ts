import { type Camera, faces, looking, seen } from "./camera";
import type { HandPose } from "./figure";
import { FINGERS, fingerFrames, hand } from "./hand";
import { outline, through } from "./outline";
import { type Ball, ball, type Hull } from "./parts";
import type { Frame } from "./space";

/** An open hand with a little forearm, laid flat to be tapped on. */
const straight = { mcp: 2, pip: 3, dip: 2, spread: 14 };
const OPEN: HandPose = {
  index: straight,
  middle: straight,
  ring: straight,
  little: straight,
  thumb: { radial: 52, palmar: 8, towards: 10, mcp: 4, ip: 2 },
};

export interface Region {
  d: string;
  /** Where its key stands. */
  at: [number, number];
}

export interface HandView {
  /** What is drawn and not tapped: the palm and the forearm, and the lines of the hand. */
  palm: string;
  marks: string;
  fingers: Record<string, Region>;
}

const SCALE = 5.4;
/** The middle of the hand lies here, in the picture's units. */
const MIDDLE: [number, number] = [42, 108];
/** The same from behind, where the thumb is at the other side. */
const MIDDLE_BEHIND: [number, number] = [54, 108];

const PALM_SIDE = looking([0, 0, 1], [0, 1, 0]);
const BACK = looking([0, 0, -1], [0, 1, 0]);
const FOREARM: Hull = [
  ball(1.2, 0, 0, 1.6),
  ball(-1.2, 0, 0, 1.6),
  ball(1.15, -3.4, 0, 1.75),
  ball(-1.15, -3.4, 0, 1.75),
];

const spot = (b: Ball, cam: Camera) => {
  const p = seen(cam, b.c);
  const middle = cam === BACK ? MIDDLE_BEHIND : MIDDLE;
  return { x: middle[0] + p.x * SCALE, y: middle[1] + p.y * SCALE, r: b.r * SCALE };
};
const path = (hulls: readonly Hull[], cam: Camera) =>
  hulls.map((h) => outline(h.map((b) => spot(b, cam)))).join("");

function middleOf(balls: readonly Ball[], cam: Camera): [number, number] {
  const spots = balls.map((b) => spot(b, cam));
  return [
    Math.round(spots.reduce((sum, s) => sum + s.x, 0) / spots.length),
    Math.round(spots.reduce((sum, s) => sum + s.y, 0) / spots.length),
  ];
}

function view(cam: Camera): HandView {
  const parts = hand(OPEN);
  const palm = parts.find((p) => p.id === "palm");
  const fingers = Object.fromEntries(
    [...FINGERS, "thumb" as const].map((name) => {
      const part = parts.find((p) => p.id === name);
      const hulls = part?.hulls ?? [];
      return [name, { d: path(hulls, cam), at: middleOf(hulls.flat(), cam) }];
    }),
  );
  const marks = parts
    .flatMap((p) => p.marks)
    .filter((m) => faces(cam, m))
    .map((m) => through(m.points.map((p) => spot({ c: p, r: 0 }, cam))))
    .join("");
  return { palm: path([...(palm?.hulls ?? []), FOREARM], cam), marks, fingers };
}

const region = (hulls: Hull[], cam: Camera): Region => ({
  d: path(hulls, cam),
  at: middleOf(hulls.flat(), cam),
});

/** A right hand, its palm. */
export const PALM_VIEW = view(PALM_SIDE);
/** The same hand from behind. */
export const BACK_VIEW = view(BACK);

/** Stretches of skin that are no finger. */
export const SKIN = {
  thenar: region([[ball(1.1, 2.2, 0, 1.1), ball(1.9, 5.2, 0, 1.15)]], PALM_SIDE),
  elsewhere: region([[ball(1.2, -1.4, 0, 1.2), ball(-1.2, -1.4, 0, 1.2)]], PALM_SIDE),
  web: region([[ball(1.5, 4.2, 0, 1), ball(2.35, 7.2, 0, 1)]], BACK),
  ulnarBack: region([[ball(-1.5, 2.8, 0, 1.1), ball(-1.9, 6.2, 0, 1.1)]], BACK),
};

/** The size of one hand's picture. */
export const HAND_PAPER = { width: 98, height: 120 };

/** The middle line of the ring finger in the palm's picture, from the knuckle to the tip, drawn on at both ends. */
export const RING_AXIS = ((): { from: [number, number]; to: [number, number] } => {
  const bones = fingerFrames("ring", OPEN);
  const root = spot({ c: (bones[0] as Frame).at, r: 0 }, PALM_SIDE);
  const tip = spot({ c: (bones[3] as Frame).at, r: 0 }, PALM_SIDE);
  const x = tip.x - root.x;
  const y = tip.y - root.y;
  return { from: [root.x - x, root.y - y], to: [tip.x + x, tip.y + y] };
})();
