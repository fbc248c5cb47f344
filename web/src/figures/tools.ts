import type { Camera } from "./camera";
import type { Held } from "./figure";
import { type Ball, ball, type Hull, type Part, part, placed } from "./parts";
import { direction, onSkin, type Sites } from "./sites";
import { across, cross, type Frame, type Vec } from "./space";

/** A plate between four corners. */
const plate = (x: [number, number], y: [number, number], r = 0.08): Hull =>
  x.flatMap((a) => y.map((b) => ball(a, b, 0, r)));
const rod = (from: Vec, to: Vec, r: number): Hull => [{ c: from, r } as Ball, { c: to, r }];

/** Tools in a frame of their own: y away from the skin, x along the part's thumb side, z along the part. */
const TOOLS: Record<Held["tool"], Hull[]> = {
  // A handle in the fist, the gauge above it.
  dynamometer: [
    rod([-5.5, 1.2, 4.4], [5.5, 1.2, 4.4], 0.7),
    plate([3.2, 8], [-1.5, 4]).map((b) => ({ ...b, c: [b.c[0], b.c[1], 4.4] })),
  ],
  paper: [plate([-9, 3], [-3.5, 3.5])],
  filament: [rod([0, 0, 0], [0, 4.2, 0], 0.1), rod([0, 4.2, 0], [0, 13, 2.5], 0.55)],
  hammer: [rod([0, 0.4, 0], [0, 2.4, 0], 1.1), rod([-1.6, 1.6, 0], [-18, 6, 0], 0.45)],
  points: [
    rod([0, 0, -0.7], [0, 5, -0.2], 0.14),
    rod([0, 0, 0.7], [0, 5, 0.2], 0.14),
    rod([0, 5, 0], [0, 12, 0], 0.6),
  ],
};

/** A tool held to the skin or in the hand. */
export function tool(held: Held, sites: Sites, cam: Camera): Part {
  const site = sites(held.site.part);
  const away = direction(held.site.side || "palmar", site, cam);
  const x = across(site.directions.radial ?? site.directions.lateral ?? cam.right, away);
  const frame: Frame = { at: onSkin(held.site, site, away), turn: [x, away, cross(x, away)] };
  return placed(part(`tool-${held.tool}`, "tool", TOOLS[held.tool]), frame);
}
