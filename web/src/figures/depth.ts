import { type Camera, type Seen, seen } from "./camera";
import type { Part } from "./parts";

type SeenBall = Seen & { r: number };

interface Silhouette {
  part: Part;
  points: SeenBall[];
  middle: number;
  box: [number, number, number, number];
}

/**
 * From back to front. Of two parts that overlap in the picture the one that is nearer where they come closest is drawn later;
 * those that do not overlap keep to the order of their middles. A ring of three (rare: locked fingers) is cut at the body, or
 * else at the furthest.
 */
export function backToFront(parts: readonly Part[], cam: Camera): Part[] {
  const all = parts.map((p) => silhouette(p, cam)).sort((a, b) => a.middle - b.middle);
  const before: number[][] = all.map(() => []);
  const waiting = all.map(() => 0);
  const draw = (first: number, second: number) => {
    before[first]?.push(second);
    waiting[second] = (waiting[second] as number) + 1;
  };
  for (let i = 0; i < all.length; i++) {
    for (let j = i + 1; j < all.length; j++) {
      const nearer = compare(all[i] as Silhouette, all[j] as Silhouette);
      if (nearer > 0) {
        draw(j, i);
      } else if (nearer < 0) {
        draw(i, j);
      }
    }
  }
  const left = new Set(all.keys());
  const drawn: Part[] = [];
  while (left.size > 0) {
    const next = nextOf(left, waiting, all);
    left.delete(next);
    for (const later of before[next] as number[]) {
      waiting[later] = (waiting[later] as number) - 1;
    }
    drawn.push((all[next] as Silhouette).part);
  }
  return drawn;
}

function nextOf(left: ReadonlySet<number>, waiting: readonly number[], all: readonly Silhouette[]): number {
  let ofBody: number | undefined;
  let furthest: number | undefined;
  for (const i of left) {
    if (waiting[i] === 0) {
      return i;
    }
    furthest ??= i;
    if (ofBody === undefined && ["skin", "cloth", "thing"].includes((all[i] as Silhouette).part.look)) {
      ofBody = i;
    }
  }
  return ofBody ?? (furthest as number);
}

function silhouette(part: Part, cam: Camera): Silhouette {
  const points = part.hulls.flatMap((hull) => {
    const balls: SeenBall[] = hull.map((b) => ({ ...seen(cam, b.c), r: b.r }));
    // Long stretches are looked at between their ends too.
    const [first, second] = balls;
    return first && second ? [...balls, ...[0.25, 0.5, 0.75].map((t) => amid(first, second, t))] : balls;
  });
  const box: Silhouette["box"] = [
    Number.POSITIVE_INFINITY,
    Number.POSITIVE_INFINITY,
    Number.NEGATIVE_INFINITY,
    Number.NEGATIVE_INFINITY,
  ];
  let near = 0;
  for (const p of points) {
    near += p.near;
    box[0] = Math.min(box[0], p.x - p.r);
    box[1] = Math.min(box[1], p.y - p.r);
    box[2] = Math.max(box[2], p.x + p.r);
    box[3] = Math.max(box[3], p.y + p.r);
  }
  return { part, points, middle: near / points.length, box };
}

const amid = (a: SeenBall, b: SeenBall, t: number): SeenBall => ({
  x: a.x + (b.x - a.x) * t,
  y: a.y + (b.y - a.y) * t,
  near: a.near + (b.near - a.near) * t,
  r: a.r + (b.r - a.r) * t,
});

/** Above 0 where the first is nearer, below where the second is, 0 where they do not touch in the picture. */
function compare(a: Silhouette, b: Silhouette): number {
  const behind = Number(b.part.behind ?? false) - Number(a.part.behind ?? false);
  if (behind !== 0) {
    return behind;
  }
  if (a.box[0] > b.box[2] || b.box[0] > a.box[2] || a.box[1] > b.box[3] || b.box[1] > a.box[3]) {
    return 0;
  }
  // Where the arm was is always behind where it is, and behind the hands that are on it now.
  const was = Number(a.part.look !== "before") - Number(b.part.look !== "before");
  if (was !== 0 && [a, b].some((s) => ["arm", "examiner", "sleeve", "tool"].includes(s.part.look))) {
    return was;
  }
  const arm = [a, b].find((s) => s.part.id.endsWith("upper-arm"));
  const trunk = [a, b].find((s) => s.part.id === "trunk");
  if (arm && trunk) {
    return (armIsBefore(arm, trunk) ? 1 : -1) * (arm === a ? 1 : -1);
  }
  let closest = Number.POSITIVE_INFINITY;
  let nearer = 0;
  for (const p of a.points) {
    for (const q of b.points) {
      const gap = Math.sqrt((p.x - q.x) ** 2 + (p.y - q.y) ** 2) - p.r - q.r;
      if (gap < closest) {
        closest = gap;
        nearer = p.near - q.near;
      }
    }
  }
  return closest < 0 ? nearer : 0;
}

/** At the shoulder both are equally near; whether the arm is before the body is told by the part of it away from the joint. */
function armIsBefore(arm: Silhouette, trunk: Silhouette): boolean {
  const joint = arm.points[0] as SeenBall;
  const away = (p: Seen) => Math.hypot(p.x - joint.x, p.y - joint.y, p.near - joint.near) > 9;
  let closest = 0;
  let before = true;
  for (const p of arm.points.filter(away)) {
    for (const q of trunk.points) {
      const gap = Math.sqrt((p.x - q.x) ** 2 + (p.y - q.y) ** 2) - p.r - q.r;
      if (gap < closest) {
        closest = gap;
        before = p.near > q.near - 2;
      }
    }
  }
  return before;
}
