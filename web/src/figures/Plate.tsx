import { type ReactNode, useMemo } from "react";
import type { Side } from "../api/types";
import type { Figure, Grips, Site } from "./figure";
import { Ink } from "./Ink";
import { namesBeside } from "./plate";
import { draw } from "./scene";

/** A place on a plate. */
export interface PlateItem {
  key: string;
  site: Site;
  /** What stands beside the drawing. */
  name: ReactNode;
  /** The same as a sentence. */
  label: string;
  on: boolean;
}

/** Room that a name takes. */
const NAME_PX = 34;
const DOT_PX = 5;
/** A dot is tapped as far round it as this. */
const REACH_PX = 13;
/** How much of the width the names take at each edge. */
const NAMES = 0.32;

/** A region drawn with its places: each a dot, and a line from it to its name at the edge. Either is tapped. */
export function Plate(props: {
  drawn: Figure;
  grips: Grips;
  side: Side;
  title: string;
  width: number;
  height: number;
  items: PlateItem[];
  onPress: (key: string) => void;
}) {
  const { drawn, grips, items, width, height } = props;
  const left = props.side === "left";
  const names = Math.round(width * NAMES);
  const paper = width - 2 * names;
  const sites = items.map((i) => i.site);
  // biome-ignore lint/correctness/useExhaustiveDependencies: as many places of one map are always the same
  const drawing = useMemo(
    () => draw({ ...drawn, feel: sites }, grips, { width: paper, height }),
    [drawn, grips, paper, height, sites.length],
  );
  const spots = drawing.dots.map((d) => ({ x: names + (left ? paper - d.x : d.x), y: d.y }));
  const beside = namesBeside(spots, width, height, NAME_PX);
  return (
    <figure className="m-0 flex-none" style={{ width }}>
      <figcaption className="text-center text-[14px] text-soft">{props.title}</figcaption>
      <div className="relative" style={{ width, height }}>
        <svg
          viewBox={`0 0 ${width} ${height}`}
          width={width}
          height={height}
          aria-hidden="true"
          className="figure plate absolute inset-0"
        >
          <svg aria-hidden="true" x={names} width={paper} height={height} viewBox={`0 0 ${paper} ${height}`}>
            <g transform={left ? `translate(${paper} 0) scale(-1 1)` : undefined}>
              <Ink strokes={drawing.strokes} />
            </g>
          </svg>
          {items.map((item, i) => {
            const spot = spots[i];
            const name = beside[i];
            const x = name?.edge === "left" ? names - 2 : width - names + 2;
            return (
              spot &&
              name && (
                // The name is the control; its dot is the same for whoever points at the drawing.
                // biome-ignore lint/a11y/noStaticElementInteractions: the button beside it does the same
                <g
                  key={item.key}
                  className="plate-spot"
                  data-on={item.on}
                  onMouseDown={() => props.onPress(item.key)}
                >
                  <path className="plate-line" d={`M${spot.x} ${spot.y}L${x} ${name.y}`} />
                  <circle className="plate-dot" cx={spot.x} cy={spot.y} r={DOT_PX} />
                  <circle className="plate-reach" cx={spot.x} cy={spot.y} r={REACH_PX} />
                </g>
              )
            );
          })}
        </svg>
        {items.map((item, i) => {
          const name = beside[i];
          return (
            name && (
              <button
                key={item.key}
                type="button"
                className="plate-name"
                data-edge={name.edge}
                data-on={item.on}
                aria-pressed={item.on}
                aria-label={item.label}
                style={{ top: name.y, width: names }}
                onClick={() => props.onPress(item.key)}
              >
                {item.name}
              </button>
            )
          );
        })}
      </div>
    </figure>
  );
}
