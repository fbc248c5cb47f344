import { type ArmFrames, FOREARM, UPPER_ARM } from "./arm";
import { type BodyPose, bodyFrames } from "./body";
import type { Camera } from "./camera";
import type { HandPose, Site } from "./figure";
import { type Finger, fingerFrames } from "./hand";
import { add, dot, type Frame, minus, place, times, unit, type Vec, within } from "./space";

/** A stretch of a part that can be touched: its middle line, how thick and how wide it is at both ends, its own directions. */
export interface Stretch {
  from: Vec;
  to: Vec;
  r: [number, number];
  /** Half its width from the thumb side to the little finger side, where that is not its thickness. */
  wide?: [number, number];
  directions: Record<string, Vec>;
}

/** The six directions of a frame, each way by its word. */
const wordsOf =
  (x: [string, string], y: [string, string], z: [string, string]) =>
  (f: Frame): Record<string, Vec> =>
    Object.fromEntries(
      [x, y, z].flatMap(([word, opposite], i) => {
        const way = f.turn[i] as Vec;
        return [
          [word, way],
          [opposite, times(way, -1)],
        ];
      }),
    );
const ALONG: [string, string] = ["distal", "proximal"];
const armWords = wordsOf(["anterior", "posterior"], ALONG, ["medial", "lateral"]);
const handWords = wordsOf(["radial", "ulnar"], ALONG, ["palmar", "dorsal"]);
const bodyWords = wordsOf(["in", "out"], ["up", "down"], ["front", "back"]);

/** One side of a body, with the words for its directions. */
interface BodySide {
  arm: ArmFrames;
  foot: Frame;
  hand: HandPose;
  words: Record<string, Vec>;
  /** A point of this side in the trunk's frame, told of the right. */
  at: (x: number, y: number, z: number) => Vec;
}

const onTrunk = (side: BodySide, from: Vec, to: Vec, r: number): Stretch => ({
  from,
  to,
  r: [r, r],
  directions: side.words,
});

/** Along the middle line of a limb, between two points of its frame. */
function onLimb(
  side: BodySide,
  frame: Frame,
  [from, to]: [number, number],
  r: [number, number],
  words: Record<string, Vec>,
  wide?: [number, number],
): Stretch {
  return {
    from: place(frame, [0, from, 0]),
    to: place(frame, [0, to, 0]),
    r,
    directions: { ...side.words, ...armWords(side.arm.upper), ...words },
    ...(wide ? { wide } : {}),
  };
}

const FOREARM_WORDS = (side: BodySide) => handWords(side.arm.forearm);

/** The parts that there are two of. */
const SIDED: Record<string, (side: BodySide) => Stretch> = {
  "upper-arm": (s) => onLimb(s, s.arm.upper, [0, UPPER_ARM], [5, 3.7], {}),
  elbow: (s) => onLimb(s, s.arm.forearm, [-1, 6], [3.6, 3.8], FOREARM_WORDS(s)),
  forearm: (s) => onLimb(s, s.arm.forearm, [0, FOREARM], [3.9, 1.7], FOREARM_WORDS(s), [3.9, 2.9]),
  wrist: (s) =>
    onLimb(s, s.arm.forearm, [FOREARM - 3, FOREARM + 1], [1.75, 1.6], FOREARM_WORDS(s), [2.9, 2.75]),
  hand: (s) => onLimb(s, s.arm.hand, [0.5, 8.6], [1.6, 1.2], handWords(s.arm.hand), [2.9, 3.6]),
  shoulder: (s) => onTrunk(s, s.arm.upper.at, add(s.arm.upper.at, times(s.words.up as Vec, 1)), 5),
  clavicle: (s) => onTrunk(s, s.at(-2, 47.6, 4.4), s.at(-14, 48.6, 2.5), 1),
  acromion: (s) => onTrunk(s, s.at(-13.5, 48.6, -2.6), s.at(-16.2, 49, 1.6), 1),
  "scapular-spine": (s) => onTrunk(s, s.at(-6.2, 43.5, -8), s.at(-14.2, 47.3, -5), 1),
  "scapular-border": (s) => onTrunk(s, s.at(-5.8, 45, -8), s.at(-7.8, 31, -8.4), 1),
  trapezius: (s) => onTrunk(s, s.at(-4, 52.5, -2), s.at(-11, 49.3, -2), 2.4),
  scapula: (s) => onTrunk(s, s.at(-8, 44, -4.5), s.at(-8, 32, -5), 4.5),
  chest: (s) => onTrunk(s, s.at(-9, 42, 3), s.at(-8, 30, 3), 6),
  "neck-side": (s) => onTrunk(s, s.at(-3.8, 58, -1), s.at(-4, 52, -1), 1.5),
  sole: (s) => onTrunk(s, place(s.foot, [-2, -4, -2]), place(s.foot, [-2, -4, 9]), 1),
};

const BONES: Record<string, readonly string[]> = {
  thumb: ["metacarpal", "proximal", "distal"],
  index: ["proximal", "middle", "distal"],
  middle: ["proximal", "middle", "distal"],
  ring: ["proximal", "middle", "distal"],
  little: ["proximal", "middle", "distal"],
};

/** A bone of a finger, as "index-middle". */
function digit(side: BodySide, name: string): Stretch | undefined {
  const [finger = "", bone = ""] = name.split("-");
  const i = BONES[finger]?.indexOf(bone) ?? -1;
  if (i < 0) {
    return undefined;
  }
  const frames = fingerFrames(finger as Finger | "thumb", side.hand);
  const here = frames[i] as Frame;
  const frame = within(side.arm.hand, here.at, here.turn);
  const r = finger === "thumb" ? 1.15 : 0.9;
  return {
    from: frame.at,
    to: place(side.arm.hand, (frames[i + 1] as Frame).at),
    r: [r * 1.05, r * 0.9],
    directions: { ...side.words, ...armWords(side.arm.upper), ...handWords(frame) },
  };
}

/** The parts that there is one of. */
const SINGLE: Record<string, (t: Frame, h: Frame) => [Vec, Vec, number]> = {
  head: (_, h) => [place(h, [0, 9, 0]), place(h, [0, 18, 0]), 8],
  nose: (_, h) => [place(h, [0, 12, 10]), place(h, [0, 12, 12]), 1],
  chin: (_, h) => [place(h, [0, 8, 5]), place(h, [0, 8, 6]), 2.4],
  neck: (t, h) => [place(t, [0, 52, -2]), place(h, [0, 8, -2]), 4.6],
  trunk: (t) => [place(t, [0, 12, 0]), place(t, [0, 44, 0]), 9],
};

/** Finds the parts of a body in a pose by name; those of the other side carry "other-" before it. */
export type Sites = (part: string) => Stretch;

export function sitesOf(pose: BodyPose): Sites {
  const frames = bodyFrames(pose);
  const t = frames.trunk;
  const words = bodyWords(t);
  const affected: BodySide = {
    arm: frames.affected,
    foot: frames.feet.affected,
    hand: pose.arms.affected.hand,
    words,
    at: (x, y, z) => place(t, [x, y, z]),
  };
  const other: BodySide = {
    arm: frames.other,
    foot: frames.feet.other,
    hand: pose.arms.other.hand,
    words: { ...words, in: words.out as Vec, out: words.in as Vec },
    at: (x, y, z) => place(t, [-x, y, z]),
  };
  return (part) => {
    const single = SINGLE[part];
    if (single) {
      const [from, to, r] = single(t, frames.head);
      return { from, to, r: [r, r], directions: words };
    }
    const [side, name] = part.startsWith("other-") ? [other, part.slice("other-".length)] : [affected, part];
    const found = SIDED[name]?.(side) ?? digit(side, name);
    if (!found) {
      throw new Error(`a figure has no part "${part}"`);
    }
    return found;
  };
}

/** A direction from words, of the part itself or of the body; words joined by + meet in the middle. */
export function direction(words: string, own: Stretch, cam: Camera): Vec {
  return unit(
    words.split("+").reduce<Vec>(
      (sum, word) => {
        const one =
          word === "near" ? cam.toward : word === "far" ? times(cam.toward, -1) : own.directions[word];
        if (!one) {
          throw new Error(`no direction "${word}"`);
        }
        return add(sum, one);
      },
      [0, 0, 0],
    ),
  );
}

/** The middle of a stretch at a share of its length, and how thick it is there. */
export const along = (s: Stretch, at: number) => ({
  c: add(times(s.from, 1 - at), times(s.to, at)),
  r: s.r[0] * (1 - at) + s.r[1] * at,
  axis: unit(minus(s.to, s.from)),
});

/** The point on the skin: at a share of the length, some way across to the thumb side, on the side that is named. */
export function onSkin(site: Site, s: Stretch, towards: Vec, beyond = 0): Vec {
  const at = site.at / 100;
  const { c, r } = along(s, at);
  if (!s.wide) {
    return add(c, times(towards, r + beyond));
  }
  const wide = s.wide[0] * (1 - at) + s.wide[1] * at;
  const across = s.directions.radial as Vec;
  const share = site.across / 100;
  const w = dot(towards, across) / wide;
  const t = Math.sqrt(Math.max(0, 1 - dot(towards, across) ** 2)) / r;
  const depth = (1 / Math.sqrt(w * w + t * t)) * Math.sqrt(1 - 0.7 * share * share);
  return add(add(c, times(across, wide * share)), times(towards, depth + beyond));
}
