import type { Side } from "../api/types";
import { tappedSites } from "../ask/hurts";
import { FigureDrawing } from "../figures/FigureDrawing";
import { useFigures } from "../figures/queries";
import { useCaseContext } from "../frame/CaseFrame";

/** The body as it was tapped on, from the front and from behind; nothing where nobody did. */
export function HurtsDrawing(props: { hurts: readonly string[] }) {
  const { hurts } = props;
  const involved = useCaseContext().view.intake.involvedSide as Side;
  const figures = useFigures();
  const tapped = (figures?.body ?? [])
    .map((map) => ({ map, sites: tappedSites(map, hurts, involved) }))
    .filter(({ sites }) => sites.length > 0);
  if (!figures || tapped.length === 0) {
    return null;
  }
  return (
    <div className="flex flex-wrap gap-4">
      {tapped.map(({ map, sites }) => (
        <figure key={map.drawn.id} className="m-0 w-[220px]">
          <FigureDrawing
            figure={{ ...map.drawn, feel: sites }}
            grips={figures.grips}
            side={involved}
            label={`Where it hurts, ${map.name.toLowerCase()}`}
            className="block w-full"
          />
          <figcaption className="text-center text-[14px] text-soft">{map.name}</figcaption>
        </figure>
      ))}
    </div>
  );
}
