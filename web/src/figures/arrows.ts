import type { BodyPose } from "./body";
import { type Camera, type Seen, seen } from "./camera";
import type { Figure, Force, Site } from "./figure";
import { blend, bodyPose } from "./pose";
import { along, direction, onSkin, type Sites, sitesOf } from "./sites";
import { add, minus, times } from "./space";

/** An arrow as points in the picture, its head at the last. */
export interface Arrow {
  points: Seen[];
  by: Force["by"] | "motion";
}

/** How long an arrow is, in centimetres: on a person, and in a close-up. */
const LENGTH = 13;
const LENGTH_NEAR = 6.5;

/** A push ends at the skin, a pull begins there, a turn follows the part to the pose that it would come to. */
export function forceArrow(force: Force, figure: Figure, sites: Sites, cam: Camera): Arrow {
  if (force.to) {
    return { points: path(bodyPose(figure), bodyPose(figure, force.to), force.site, cam), by: force.by };
  }
  const site = sites(force.site.part);
  const { c, r } = along(site, force.site.at / 100);
  const towards = direction(force.direction, site, cam);
  const line = times(towards, (figure.alone ? LENGTH_NEAR : LENGTH) * force.size);
  const skin = force.site.side
    ? onSkin(force.site, site, direction(force.site.side, site, cam), 0.6)
    : undefined;
  if (force.kind === "push") {
    const tip = skin ?? minus(c, times(towards, r + 0.8));
    return { points: [seen(cam, minus(tip, line)), seen(cam, tip)], by: force.by };
  }
  const tail = skin ?? add(c, times(towards, r + 0.8));
  return { points: [seen(cam, tail), seen(cam, add(tail, line))], by: force.by };
}

/** The way of a place while the body goes from one pose to another. */
export function path(from: BodyPose, to: BodyPose, site: Site, cam: Camera): Seen[] {
  const steps = 14;
  return Array.from({ length: steps + 1 }, (_, i) => {
    const stretch = sitesOf({ ...blend(from, to, i / steps), root: to.root })(site.part);
    const at = site.side
      ? onSkin(site, stretch, direction(site.side, stretch, cam), 2)
      : along(stretch, site.at / 100).c;
    return seen(cam, at);
  });
}
