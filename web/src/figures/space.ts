/** A point or direction in centimetres: to the person's left, up, and to the front. */
export type Vec = readonly [number, number, number];

/** A rotation, as what it makes of the three directions. */
export type Turn = readonly [Vec, Vec, Vec];

export const AS_IS: Turn = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];

export const add = (a: Vec, b: Vec): Vec => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const minus = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const times = (a: Vec, by: number): Vec => [a[0] * by, a[1] * by, a[2] * by];
export const dot = (a: Vec, b: Vec) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const long = (a: Vec) => Math.sqrt(dot(a, a));
export const unit = (a: Vec): Vec => times(a, 1 / (long(a) || 1));
export const between = (a: Vec, b: Vec, at: number): Vec => add(times(a, 1 - at), times(b, at));
export const mirror = (a: Vec): Vec => [-a[0], a[1], a[2]];

/** What is left of a direction once its share along another is taken away; some other direction where nothing is left. */
export function across(a: Vec, axis: Vec): Vec {
  const rest = minus(a, times(axis, dot(a, axis)));
  return long(rest) > 0.05 ? unit(rest) : unit(cross(axis, Math.abs(axis[1]) < 0.9 ? [0, 1, 0] : [0, 0, 1]));
}

export const apply = (turn: Turn, a: Vec): Vec =>
  add(add(times(turn[0], a[0]), times(turn[1], a[1])), times(turn[2], a[2]));
export const followedBy = (first: Turn, second: Turn): Turn => [
  apply(second, first[0]),
  apply(second, first[1]),
  apply(second, first[2]),
];

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** A turn about an axis, counter-clockwise where the axis points at the onlooker (Rodrigues). */
export function about(axis: Vec, degrees: number): Turn {
  const k = unit(axis);
  const c = Math.cos(radians(degrees));
  const s = Math.sin(radians(degrees));
  const turned = (a: Vec) => add(add(times(a, c), times(cross(k, a), s)), times(k, dot(k, a) * (1 - c)));
  return [turned(AS_IS[0]), turned(AS_IS[1]), turned(AS_IS[2])];
}

/** A place with its own directions: where a part begins, and how it is turned. */
export interface Frame {
  at: Vec;
  turn: Turn;
}

export const place = (frame: Frame, a: Vec): Vec => add(frame.at, apply(frame.turn, a));
export const within = (frame: Frame, at: Vec, turn: Turn = AS_IS): Frame => ({
  at: place(frame, at),
  turn: followedBy(turn, frame.turn),
});
