import type { AllFigures } from "./queries";
import { draw, type Stroke } from "./scene";

/** Reports are drawn where there is no browser, so the body is drawn for them once. */
const PAPER = { width: 200, height: 230 };

export interface BodyPicture {
  name: string;
  width: number;
  height: number;
  strokes: Stroke[];
  /** Where each area is, by a side, a full stop and the area. */
  places: Record<string, { x: number; y: number }>;
}

/** The views of the body with every area of both sides; the affected arm is the right one. */
export function bodyPictures({ body, grips }: Pick<AllFigures, "body" | "grips">): BodyPicture[] {
  return body.map(({ name, drawn, areas }) => {
    const sided = areas.flatMap(({ id, site }) => [
      { key: `right.${id}`, site },
      { key: `left.${id}`, site: { ...site, part: `other-${site.part}` } },
    ]);
    const whole = {
      ...drawn,
      shows: ["head", "chest", "upper-arm", "forearm", "other-upper-arm", "other-forearm"],
    };
    const { strokes, dots } = draw({ ...whole, feel: sided.map((s) => s.site) }, grips, PAPER);
    const places = Object.fromEntries(sided.map(({ key }, i) => [key, dots[i] ?? { x: 0, y: 0 }]));
    return { name, ...PAPER, strokes, places };
  });
}
