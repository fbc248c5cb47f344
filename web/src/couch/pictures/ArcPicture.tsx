import { type PointerEvent, useState } from "react";
import type { Changes, Leaves, Side } from "../../api/types";
import { sideName } from "../../pieces/format";

const POINTS = [
  ["arc.startDeg", "Pain starts"],
  ["arc.worstDeg", "Worst"],
  ["arc.endDeg", "Pain stops"],
] as const;

const SAID: Record<string, string> = {
  "arc.startDeg": "pain starts",
  "arc.worstDeg": "it is worst",
  "arc.endDeg": "pain stops",
};

const HEIGHT = 166;
const CENTRE = 150;
const RADIUS = 120;
const STEP = 5;
const TOP = 180;

function point(angle: number, radius = RADIUS): [number, number] {
  const turn = (angle * Math.PI) / 180;
  return [CENTRE - radius * Math.cos(turn), CENTRE + 6 - radius * Math.sin(turn)];
}

/** The angle of a tap on the half circle, to 5 degrees. */
export function angleAt(x: number, y: number): number {
  const turn = Math.atan2(CENTRE + 6 - y, CENTRE - x) * (180 / Math.PI);
  const inside = Math.min(TOP, Math.max(0, turn < -90 ? TOP : turn));
  return Math.round(inside / STEP) * STEP;
}

/** The point that a tap sets: the first that is not set yet, then the nearest one. */
export function pointFor(angle: number, leaves: Leaves): string {
  const [unset] = POINTS.filter(([leaf]) => leaves[leaf] === undefined);
  const distance = (leaf: string) => Math.abs((leaves[leaf] as number) - angle);
  return (unset ?? [...POINTS].sort(([a], [b]) => distance(a) - distance(b))[0] ?? POINTS[0])[0];
}

/**
 * The painful part of the way up: tap where pain starts, is worst and stops, or drag a line to where it should be. The numbers
 * beside it say and take the same.
 */
export function ArcPicture(props: { side: Side; leaves: Leaves; onChange: (changes: Changes) => void }) {
  const { leaves } = props;
  const [dragged, setDragged] = useState<{ leaf: string; angle: number }>();
  const angleOf = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    return angleAt(
      ((event.clientX - box.left) / box.width) * 300,
      ((event.clientY - box.top) / box.height) * HEIGHT,
    );
  };
  const value = (leaf: string) =>
    dragged?.leaf === leaf ? dragged.angle : (leaves[leaf] as number | undefined);
  const start = value("arc.startDeg");
  const end = value("arc.endDeg");
  const [next] = POINTS.filter(([leaf]) => leaves[leaf] === undefined);
  return (
    <figure className="m-0 w-[190px] max-w-full shrink-0">
      <svg
        viewBox={`0 0 300 ${HEIGHT}`}
        className="block w-full cursor-crosshair touch-none"
        onPointerDown={(e) => {
          const angle = angleOf(e);
          e.currentTarget.setPointerCapture?.(e.pointerId);
          setDragged({ leaf: pointFor(angle, leaves), angle });
        }}
        onPointerMove={(e) => dragged && setDragged({ ...dragged, angle: angleOf(e) })}
        onPointerUp={() => {
          if (dragged) {
            props.onChange({ [dragged.leaf]: dragged.angle });
          }
          setDragged(undefined);
        }}
        onPointerCancel={() => setDragged(undefined)}
      >
        <title>{`Way up of the ${props.side} arm, 0 degrees on the left to 180 on the right`}</title>
        <path d={sector(0, TOP)} fill="var(--panel)" stroke="var(--edge)" strokeWidth="1.5" />
        {start !== undefined && end !== undefined && end > start && (
          <path d={sector(start, end)} fill="var(--amber-wash)" stroke="var(--amber)" strokeWidth="1.5" />
        )}
        {[0, 30, 60, 90, 120, 150, 180].map((a) => {
          const [x, y] = point(a, RADIUS + 13);
          return (
            <text key={a} x={x} y={y + 4} textAnchor="middle" fontSize="17" fill="var(--soft)">
              {a}
            </text>
          );
        })}
        {POINTS.map(([leaf, name]) => {
          const angle = value(leaf);
          if (angle === undefined) {
            return null;
          }
          const [x, y] = point(angle);
          return (
            <g key={leaf}>
              <line
                x1={CENTRE}
                y1={CENTRE + 6}
                x2={x}
                y2={y}
                stroke="var(--ink)"
                strokeWidth={leaf === "arc.worstDeg" ? 4 : 2}
              />
              <circle cx={x} cy={y} r="7" fill="var(--ink)">
                <title>{`${name} at ${angle} degrees`}</title>
              </circle>
            </g>
          );
        })}
      </svg>
      <figcaption className="text-[14px] leading-tight text-soft">
        {sideName(props.side)}: {next ? `tap where ${SAID[next[0]]}` : "drag a line to move it"}
      </figcaption>
    </figure>
  );
}

function sector(from: number, to: number): string {
  const [x1, y1] = point(from);
  const [x2, y2] = point(to);
  return `M${CENTRE} ${CENTRE + 6}L${x1} ${y1}A${RADIUS} ${RADIUS} 0 0 1 ${x2} ${y2}Z`;
}
