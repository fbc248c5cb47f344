import type { Seen } from "./camera";
import { seen } from "./camera";
import type { Figure, Movement } from "./figure";
import { bodyPose } from "./pose";
import { cameraOf } from "./scene";
import { direction, onSkin, sitesOf } from "./sites";

/** The movement with its joint at a reading, the place that shows it marked. */
export const figureAt = (movement: Movement, degrees: number): Figure => ({
  ...movement.drawn,
  arm: { ...movement.drawn.arm, [movement.angle]: movement.opposite ? -degrees : degrees },
  feel: [movement.mark],
});

/** Where the mark of the movement is seen at a reading. */
export function markAt(movement: Movement, degrees: number): Seen {
  const figure = figureAt(movement, degrees);
  const sites = sitesOf(bodyPose(figure));
  const cam = cameraOf(figure, sites);
  const site = sites(movement.mark.part);
  return seen(cam, onSkin(movement.mark, site, direction(movement.mark.side || "near", site, cam)));
}

/** The readings that a drag can set, in steps. */
export function readingsOf(low: number, high: number, step: number): number[] {
  const first = Math.ceil(low / step) * step;
  const count = Math.floor((high - first) / step) + 1;
  return Array.from({ length: Math.max(0, count) }, (_, i) => first + i * step);
}

/** The place nearest to a point. */
export function nearest(places: readonly { x: number; y: number }[], x: number, y: number): number {
  const far = (p: { x: number; y: number }) => (p.x - x) ** 2 + (p.y - y) ** 2;
  return places.reduce((best, p, i) => (far(p) < far(places[best] ?? p) ? i : best), 0);
}
