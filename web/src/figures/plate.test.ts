import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { namesBeside } from "./plate";

const WIDTH = 360;
const HEIGHT = 300;
const EACH = 34;
/** As many as there is room for at both edges. */
const MOST = 2 * Math.floor(HEIGHT / EACH);

const spots = fc.array(
  fc.record({
    x: fc.double({ min: 0, max: WIDTH, noNaN: true }),
    y: fc.double({ min: 0, max: HEIGHT, noNaN: true }),
  }),
  { minLength: 1, maxLength: MOST },
);

describe("The names beside a drawing", () => {
  it("stand one for each place, within the height, none over another, and in the order of their places", () => {
    fc.assert(
      fc.property(spots, (all) => {
        const names = namesBeside(all, WIDTH, HEIGHT, EACH);
        expect(names).toHaveLength(all.length);
        for (const edge of ["left", "right"] as const) {
          const here = names
            .map((n, i) => ({ ...n, spot: all[i]?.y ?? 0 }))
            .filter((n) => n.edge === edge)
            .sort((a, b) => a.y - b.y);
          for (const [i, n] of here.entries()) {
            expect(n.y).toBeGreaterThanOrEqual(EACH / 2 - 1e-6);
            expect(n.y).toBeLessThanOrEqual(HEIGHT - EACH / 2 + 1e-6);
            const before = here[i - 1];
            if (before) {
              expect(n.y - before.y).toBeGreaterThanOrEqual(EACH - 1e-6);
              expect(n.spot).toBeGreaterThanOrEqual(before.spot);
            }
          }
        }
      }),
    );
  });

  it("stand at the side of their place, and at its height, where there is room", () => {
    expect(
      namesBeside(
        [
          { x: 100, y: 200 },
          { x: 300, y: 80 },
        ],
        WIDTH,
        HEIGHT,
        EACH,
      ),
    ).toEqual([
      { edge: "left", y: 200 },
      { edge: "right", y: 80 },
    ]);
  });
});
