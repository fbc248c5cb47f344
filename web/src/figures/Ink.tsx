import type { Stroke } from "./scene";

/** A drawing's strokes, back to front. */
export const Ink = (props: { strokes: readonly Stroke[] }) =>
  props.strokes.map((s, i) => (
    // biome-ignore lint/suspicious/noArrayIndexKey: a drawing is drawn whole, and its strokes have no names
    <path key={i} className={`figure-${s.kind}`} data-look={s.look} d={s.d} />
  ));
