export interface Spot {
  x: number;
  y: number;
}

/** Where the name of a spot stands: at one edge of the plate, and how far down its middle is. */
export interface Naming {
  edge: "left" | "right";
  y: number;
}

/**
 * Names beside a drawing, at the nearer edge as far as both edges hold about as many, in the order of their spots from above, so
 * that no two of the lines to them cross much. A name stands as near to its spot as the others let it.
 */
export function namesBeside(spots: readonly Spot[], width: number, height: number, each: number): Naming[] {
  const order = spots.map((_, i) => i).sort((a, b) => at(spots, a).x - at(spots, b).x);
  const natural = order.filter((i) => at(spots, i).x < width / 2).length;
  const most = Math.max(1, Math.floor(height / each));
  const onLeft = Math.min(Math.max(natural, spots.length - most), most, spots.length);
  const left = order.slice(0, onLeft);
  const right = order.slice(onLeft);
  const names: Naming[] = [];
  for (const [edge, group] of [
    ["left", left],
    ["right", right],
  ] as const) {
    const sorted = [...group].sort((a, b) => at(spots, a).y - at(spots, b).y);
    const ys = apart(
      sorted.map((i) => at(spots, i).y),
      height,
      each,
    );
    sorted.forEach((i, k) => {
      names[i] = { edge, y: ys[k] ?? 0 };
    });
  }
  return names;
}

const at = (spots: readonly Spot[], i: number) => spots[i] as Spot;

/** The middles moved so far apart that each has its room within the height. */
function apart(ys: number[], height: number, each: number): number[] {
  const room = Math.min(each, height / Math.max(1, ys.length));
  const moved: number[] = [];
  for (const y of ys) {
    moved.push(Math.max(y, (moved.at(-1) ?? -room / 2) + room, room / 2));
  }
  let limit = height - room / 2;
  for (let i = moved.length - 1; i >= 0; i--) {
    moved[i] = Math.min(moved[i] as number, limit);
    limit = (moved[i] as number) - room;
  }
  return moved;
}
