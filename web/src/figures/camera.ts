import { across, cross, dot, type Vec } from "./space";

/** Where the onlooker stands: turned about the upright (0 before, 90 at the person's left), and raised. */
export interface Camera {
  toward: Vec;
  right: Vec;
  up: Vec;
}

const radians = (d: number) => (d * Math.PI) / 180;

export function camera(turn: number, raise: number): Camera {
  const a = radians(turn);
  const b = radians(raise);
  const toward: Vec = [Math.sin(a) * Math.cos(b), Math.sin(b), Math.cos(a) * Math.cos(b)];
  const right: Vec = [Math.cos(a), 0, -Math.sin(a)];
  return { toward, right, up: cross(toward, right) };
}

/** A camera from two directions: where the onlooker is, and what is up in the picture. */
export function looking(toward: Vec, up: Vec): Camera {
  const upright = across(up, toward);
  return { toward, right: cross(upright, toward), up: upright };
}

/** Whether a line on the skin lies on the side that is seen. */
export const faces = (cam: Camera, mark: { facing: Vec }) => dot(mark.facing, cam.toward) > 0.2;

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
