import { type Arrow, forceArrow, path } from "./arrows";
import { body } from "./body";
import { type Camera, camera, faces, looking, type Seen, seen } from "./camera";
import { backToFront } from "./depth";
import { examinersHand } from "./examiner";
import type { Figure, Grips } from "./figure";
import { outline, through } from "./outline";
import { type Hull, type Look, type Part, renamed } from "./parts";
import { blend, bodyPose } from "./pose";
import { POSTURES } from "./postures";
import { direction, onSkin, type Sites, sitesOf } from "./sites";
import { tool } from "./tools";

/** What is put on paper, in order, in the units of the picture. */
export interface Stroke {
  kind: "line" | "fill" | "mark";
  look: Look;
  d: string;
}

export interface Drawing {
  strokes: Stroke[];
  arrows: { by: Arrow["by"]; d: string; head: string }[];
  dots: { x: number; y: number }[];
  /** Where the places that room was kept for are on the paper. */
  room: { x: number; y: number }[];
}

export interface Canvas {
  width: number;
  height: number;
}

const WRIST = { part: "wrist", at: 50, across: 0, side: "" };
const NOSE = { part: "nose", at: 50, across: 0, side: "" };
const MARGIN = 10;
/** From how many units of the picture a centimetre nails and creases are drawn. */
const FINE_FROM = 5;
const n = (v: number) => Math.round(v * 10) / 10;

export function cameraOf(figure: Figure, sites: Sites): Camera {
  const { turn, raise, closeup } = figure.view;
  const before = camera(turn, raise);
  if (!closeup) {
    return before;
  }
  const site = sites(closeup.of);
  return looking(direction(closeup.side, site, before), direction(closeup.up, site, before));
}

/**
 * A figure at a moment: 1 is the pose of the test, 0 where it starts.
 *
 * @param room places that have to be on the paper too, so that a figure that moves keeps its size
 */
export function draw(
  figure: Figure,
  grips: Grips,
  canvas: Canvas,
  moment = 1,
  room: readonly Seen[] = [],
): Drawing {
  const end = bodyPose(figure);
  const { start } = figure;
  const before = start ? bodyPose(figure, start.arm, start.neck) : undefined;
  const sites = sitesOf(end);
  const cam = cameraOf(figure, sites);
  const people = body(before && moment < 1 ? { ...blend(before, end, moment), root: end.root } : end);
  const moved = (p: Part) => (start?.armMoves && p.look === "arm") || (start?.neckMoves && p.id === "head");
  const shadows =
    before && moment === 1
      ? body(before)
          .filter(moved)
          .map((p) => renamed(p, "before-", "before"))
      : [];
  const parts = [
    ...(figure.alone
      ? people.filter((p) => p.look === "arm")
      : [...POSTURES[figure.posture].things, ...people]),
    ...shadows,
    // While the arm is on its way nobody holds it in the place where it ends.
    ...(moment === 1 ? figure.contacts.flatMap((c, i) => examinersHand(c, i, grips, sites, cam)) : []),
    ...figure.held.map((h) => tool(h, sites, cam)),
  ];
  const arrows = figure.forces.map((f) => forceArrow(f, figure, sites, cam));
  if (before) {
    arrows.push({
      points: path(before, end, figure.way ?? (start?.armMoves ? WRIST : NOSE), cam),
      by: "motion",
    });
  }
  const dots = figure.feel.map((f) => {
    const site = sites(f.part);
    return seen(cam, onSkin(f, site, direction(f.side || "near", site, cam)));
  });
  const wanted = parts.filter((p) => shown(p, figure)).flatMap((p) => p.hulls);
  const ends = figure.shows
    .flatMap((name) => ENDS[name] ?? [])
    .flatMap(([id, from, to]) => people.find((p) => p.id === id)?.hulls.slice(from, to) ?? []);
  const fit = fitter([...wanted, ...ends], [...arrows.flatMap((a) => a.points), ...room], dots, cam, canvas);
  const strokes = inked(backToFront(parts, cam), cam, fit);
  return {
    strokes,
    arrows: arrows.map((a) => ({ by: a.by, ...arrowPath(a.points.map(fit.point)) })),
    dots: dots.map(fit.point),
    room: room.map(fit.point),
  };
}

/** Stretches of a part that a picture may be about: which of its hulls. */
const ENDS: Record<string, [string, number, number][]> = {
  "wrist-end": [["forearm", 4, 6]],
  "elbow-end": [["forearm", 0, 2]],
  "forearm-start": [["forearm", 0, 3]],
  "upper-arm-end": [["upper-arm", 3, 4]],
  chest: [["trunk", 1, 14]],
  "chest-top": [["trunk", 2, 14]],
  "shoulder-end": [["upper-arm", 0, 3]],
};

function shown(p: Part, figure: Figure): boolean {
  if (p.look === "tool") {
    return true;
  }
  if (p.id.startsWith("examiner-")) {
    return !/-(sleeve|forearm)$/.test(p.id);
  }
  return figure.shows.includes(p.look === "before" ? p.id.slice("before-".length) : p.id);
}

interface Fit {
  scale: number;
  point: (p: Seen) => { x: number; y: number };
}

/** Everything wanted stands in the picture, as large as it can. */
function fitter(
  hulls: readonly Hull[],
  points: readonly Seen[],
  dots: readonly Seen[],
  cam: Camera,
  canvas: Canvas,
): Fit {
  const circles = [
    ...hulls.flat().map((b) => ({ ...seen(cam, b.c), r: b.r })),
    ...points.map((p) => ({ ...p, r: 1.5 })),
    ...dots.map((p) => ({ ...p, r: 2 })),
  ];
  const left = Math.min(...circles.map((c) => c.x - c.r));
  const right = Math.max(...circles.map((c) => c.x + c.r));
  const top = Math.min(...circles.map((c) => c.y - c.r));
  const bottom = Math.max(...circles.map((c) => c.y + c.r));
  const scale = Math.min(
    (canvas.width - 2 * MARGIN) / (right - left),
    (canvas.height - 2 * MARGIN) / (bottom - top),
  );
  const x0 = canvas.width / 2 - ((left + right) / 2) * scale;
  const y0 = canvas.height / 2 - ((top + bottom) / 2) * scale;
  return { scale, point: (p) => ({ x: n(x0 + p.x * scale), y: n(y0 + p.y * scale) }) };
}

/** Each part: its outline, then the ends of what it runs into, then its skin; so that joints have no line. */
function inked(parts: readonly Part[], cam: Camera, fit: Fit): Stroke[] {
  const done = new Map<string, Part>();
  const strokes: Stroke[] = [];
  const path = (hulls: Part["hulls"]) =>
    hulls
      .filter((h) => h.length > 0)
      .map((h) =>
        outline(
          h.map((b) => {
            const p = seen(cam, b.c);
            return { ...fit.point(p), r: b.r * fit.scale };
          }),
        ),
      )
      .join("");
  for (const part of parts) {
    const d = path(part.hulls);
    const ink = (kind: Stroke["kind"], look: Look, drawn: string) => strokes.push({ kind, look, d: drawn });
    ink("line", part.look, d);
    for (const { to } of part.joins) {
      const other = done.get(to);
      const end = other?.joins.find((j) => j.to === part.id)?.end;
      if (other && end && end.length > 0) {
        ink("fill", other.look, path([end]));
      }
    }
    ink("fill", part.look, d);
    const marks = part.marks.filter((m) => faces(cam, m) && (!m.fine || fit.scale > FINE_FROM));
    if (marks.length > 0) {
      const lines = marks.map((m) => through(m.points.map((p) => fit.point(seen(cam, p)))));
      ink("mark", part.look, lines.join(""));
    }
    done.set(part.id, part);
  }
  return strokes;
}

/** How long the head of an arrow is, and half of how wide. */
const HEAD = 10;
const HEAD_HALF = 5.5;

/** A line through the points, and its head. */
function arrowPath(points: { x: number; y: number }[]): { d: string; head: string } {
  const tip = points[points.length - 1] as { x: number; y: number };
  // The head points along the last stretch of the way that is long enough to have a direction.
  const back =
    [...points].reverse().find((p) => Math.hypot(p.x - tip.x, p.y - tip.y) > 7) ??
    (points[0] as { x: number; y: number });
  const length = Math.hypot(tip.x - back.x, tip.y - back.y) || 1;
  const ux = (tip.x - back.x) / length;
  const uy = (tip.y - back.y) / length;
  const base = { x: tip.x - ux * HEAD, y: tip.y - uy * HEAD };
  const line = [
    ...points.slice(0, -1).filter((p) => Math.hypot(p.x - tip.x, p.y - tip.y) > HEAD * 0.8),
    base,
  ];
  const across = { x: -uy * HEAD_HALF, y: ux * HEAD_HALF };
  const corners = [
    tip,
    { x: base.x + across.x, y: base.y + across.y },
    { x: base.x - across.x, y: base.y - across.y },
  ];
  const head = `${through(corners)}Z`;
  return { d: through(line), head };
}
