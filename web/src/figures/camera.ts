import { across, cross, dot, type Vec } from "./space";

/** Where the onlooker stands: turned about the upright (0 before, 90 at the person's left), raised, and the picture rolled. */
export interface Camera {
  toward: Vec;
  right: Vec;
  up: Vec;
}

const radians = (d: number) => (d * Math.PI) / 180;

export function camera(turn: number, raise: number, roll = 0): Camera {
  const a = radians(turn);
  const b = radians(raise);
  const toward: Vec = [Math.sin(a) * Math.cos(b), Math.sin(b), Math.cos(a) * Math.cos(b)];
  const level: Vec = [Math.cos(a), 0, -Math.sin(a)];
  return rolled(toward, level, cross(toward, level), roll);
}

/** A camera from two directions: where the onlooker is, and what is up in the picture. */
export function looking(toward: Vec, up: Vec, roll = 0): Camera {
  const upright = across(up, toward);
  return rolled(toward, cross(upright, toward), upright, roll);
}

function rolled(toward: Vec, right: Vec, up: Vec, roll: number): Camera {
  const c = Math.cos(radians(roll));
  const s = Math.sin(radians(roll));
  const mix = (a: Vec, b: Vec, p: number, q: number): Vec => [
    a[0] * p + b[0] * q,
    a[1] * p + b[1] * q,
    a[2] * p + b[2] * q,
  ];
  return { toward, right: mix(right, up, c, s), up: mix(up, right, c, -s) };
}

export interface Seen {
  x: number;
  y: number;
  /** Nearer to the onlooker is more. */
  near: number;
}

/** In the picture: x to the right and y down, in centimetres. */
export const seen = (cam: Camera, a: Vec): Seen => ({
  x: dot(a, cam.right),
  y: -dot(a, cam.up),
  near: dot(a, cam.toward),
});
