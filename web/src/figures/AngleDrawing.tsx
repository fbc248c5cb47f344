import { type PointerEvent, useMemo, useState } from "react";
import type { Side } from "../api/types";
import type { Grips, Movement } from "./figure";
import { Ink } from "./Ink";
import { draw } from "./scene";
import { figureAt, markAt, nearest, readingsOf } from "./turning";

const PAPER = { width: 220, height: 170 };
const STEP = 5;
/** The rail is as long as arms go, whatever a reading may be typed as. */
const FARTHEST = 180;

/** A joint at an angle, drawn; the mark on it is dragged along its way, or moved by the arrow keys. */
export function AngleDrawing(props: {
  movement: Movement;
  grips: Grips;
  side: Side;
  label: string;
  low: number;
  high: number;
  value: number | undefined;
  onChange: (value: number) => void;
}) {
  const { movement, grips } = props;
  const [dragged, setDragged] = useState<number>();
  const low = Math.max(0, props.low);
  const readings = useMemo(() => readingsOf(low, Math.min(FARTHEST, props.high), STEP), [low, props.high]);
  const way = useMemo(() => readings.map((r) => markAt(movement, r)), [movement, readings]);
  const shown = dragged ?? props.value;
  const drawing = useMemo(
    () => draw(figureAt(movement, shown ?? low), grips, PAPER, 1, way),
    [movement, grips, shown, low, way],
  );
  const mirrored = props.side === "left";
  const readingAt = (event: PointerEvent<HTMLDivElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const x = ((event.clientX - box.left) / box.width) * PAPER.width;
    const y = ((event.clientY - box.top) / box.height) * PAPER.height;
    return readings[nearest(drawing.room, mirrored ? PAPER.width - x : x, y)] ?? low;
  };
  const step = (by: number) => {
    const next = Math.min(props.high, Math.max(low, (props.value ?? low) + by));
    props.onChange(next);
  };
  const dot = drawing.dots[0];
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={props.label}
      aria-valuemin={low}
      aria-valuemax={props.high}
      aria-valuenow={props.value ?? low}
      aria-valuetext={props.value === undefined ? "not measured" : `${props.value} degrees`}
      className="figure angle block w-full max-w-[240px] cursor-grab touch-none"
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture?.(e.pointerId);
        setDragged(readingAt(e));
      }}
      onPointerMove={(e) => dragged !== undefined && setDragged(readingAt(e))}
      onPointerUp={() => {
        if (dragged !== undefined) {
          props.onChange(dragged);
        }
        setDragged(undefined);
      }}
      onPointerCancel={() => setDragged(undefined)}
      onKeyDown={(e) => {
        const by = { ArrowRight: STEP, ArrowUp: STEP, ArrowLeft: -STEP, ArrowDown: -STEP }[e.key];
        if (by) {
          e.preventDefault();
          step(by);
        }
      }}
    >
      <svg viewBox={`0 0 ${PAPER.width} ${PAPER.height}`} aria-hidden="true" className="block w-full">
        <g transform={mirrored ? `translate(${PAPER.width} 0) scale(-1 1)` : undefined}>
          <path className="angle-way" d={`M${drawing.room.map((p) => `${p.x} ${p.y}`).join("L")}`} />
          <Ink strokes={drawing.strokes} />
          {dot && (
            <circle className="angle-mark" data-set={shown !== undefined} cx={dot.x} cy={dot.y} r="9" />
          )}
        </g>
        <text x={PAPER.width / 2} y={PAPER.height - 4} textAnchor="middle" className="angle-value">
          {shown === undefined ? "" : `${shown}\u00b0`}
        </text>
      </svg>
    </div>
  );
}
