/** A ball as it is seen: a circle. */
export interface Circle {
  x: number;
  y: number;
  r: number;
}

const n = (v: number) => String(Math.round(v * 10) / 10);

/** A line through points, in the units of the picture. */
export const through = (points: readonly { x: number; y: number }[]): string =>
  points.map((p, i) => `${i === 0 ? "M" : "L"}${n(p.x)} ${n(p.y)}`).join("");

const FULL = 2 * Math.PI;
const STEPS = 72;
const DIRECTIONS = Array.from({ length: STEPS + 1 }, (_, i) => {
  const angle = (i / STEPS) * FULL;
  return { angle, x: Math.cos(angle), y: Math.sin(angle) };
});

/**
 * The outline of the skin stretched over some circles, as arcs and tangents. Around the outline the direction outwards turns
 * once; at each direction the circle that reaches furthest carries the skin, and where two reach equally far a tangent lies.
 */
export function outline(circles: readonly Circle[]): string {
  const runs: { circle: Circle; from: number }[] = [];
  let before: Circle | undefined;
  for (const { angle, x, y } of DIRECTIONS) {
    let now = circles[0] as Circle;
    let reach = Number.NEGATIVE_INFINITY;
    for (const c of circles) {
      const r = c.x * x + c.y * y + c.r;
      // The one that carries already carries on where another is as far.
      if (r > reach + 1e-9 || (r > reach - 1e-9 && c === before)) {
        reach = r;
        now = c;
      }
    }
    if (before && now !== before) {
      runs.push({ circle: now, from: tangent(before, now, angle - FULL / STEPS, angle) });
    }
    before = now;
  }
  if (runs.length === 0) {
    return before ? round(before) : "";
  }
  let d = "";
  runs.forEach((run, i) => {
    const next = runs[(i + 1) % runs.length] as (typeof runs)[0];
    const c = run.circle;
    const turned = (next.from - run.from + FULL) % FULL || FULL;
    const at = (a: number) => `${n(c.x + c.r * Math.cos(a))} ${n(c.y + c.r * Math.sin(a))}`;
    d += `${i === 0 ? "M" : "L"}${at(run.from)}`;
    if (c.r > 0.05) {
      d += `A${n(c.r)} ${n(c.r)} 0 ${turned > Math.PI ? 1 : 0} 1 ${at(next.from)}`;
    }
  });
  return `${d}Z`;
}

/** The direction in which two circles reach equally far, between two directions at which one and then the other leads. */
function tangent(a: Circle, b: Circle, from: number, to: number): number {
  // x cos + y sin = -r is one cosine of the direction, shifted by where the second lies.
  const x = b.x - a.x;
  const y = b.y - a.y;
  const far = Math.sqrt(x * x + y * y);
  const half = Math.acos(Math.max(-1, Math.min(1, (a.r - b.r) / far)));
  const towards = Math.atan2(y, x);
  const middle = (from + to) / 2;
  const near = [towards + half, towards - half].map(
    (t) => middle + Math.asin(Math.sin((t - middle) / 2)) * 2,
  );
  const [one = middle, other = middle] = near;
  return Math.abs(one - middle) < Math.abs(other - middle) ? one : other;
}

const round = (c: Circle) =>
  `M${n(c.x - c.r)} ${n(c.y)}A${n(c.r)} ${n(c.r)} 0 1 1 ${n(c.x + c.r)} ${n(c.y)}A${n(c.r)} ${n(c.r)} 0 1 1 ${n(c.x - c.r)} ${n(c.y)}Z`;
