import { memo, useMemo } from "react";
import type { Side } from "../api/types";
import type { Figure, Grips } from "./figure";
import { Ink } from "./Ink";
import { draw } from "./scene";

/** The picture is drawn on paper of this size, so that lines are equally heavy in all of them. */
const PAPER = { width: 300, height: 225 };

/** A figure as ink on paper, of the side that is affected. It is drawn anew only where something of it changes. */
export const FigureDrawing = memo(function FigureDrawing(props: {
  figure: Figure;
  grips: Grips;
  side: Side;
  label: string;
  /** 1 is the pose of the test, 0 where it starts. */
  moment?: number;
  className?: string;
}) {
  const { figure, grips, moment = 1 } = props;
  const drawing = useMemo(() => draw(figure, grips, PAPER, moment), [figure, grips, moment]);
  return (
    <svg
      viewBox={`0 0 ${PAPER.width} ${PAPER.height}`}
      role="img"
      aria-label={props.label}
      className={`figure ${props.className ?? ""}`}
    >
      {/* Drawn as a right arm; a left one is its mirror image. */}
      <g transform={props.side === "left" ? `translate(${PAPER.width} 0) scale(-1 1)` : undefined}>
        <Ink strokes={drawing.strokes} />
        {drawing.dots.map((p) => (
          <g key={`${p.x} ${p.y}`}>
            <circle className="figure-dot" cx={p.x} cy={p.y} r="3" />
            <circle className="figure-ring" cx={p.x} cy={p.y} r="6.5" />
          </g>
        ))}
        {drawing.arrows.map((a) => (
          <g key={a.d}>
            <path className="figure-halo" d={a.d} />
            <path className="figure-arrow" data-by={a.by} d={a.d} />
            <path className="figure-head" data-by={a.by} d={a.head} />
          </g>
        ))}
      </g>
    </svg>
  );
});
