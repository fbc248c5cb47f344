import { Suspense } from "react";
import type { Side } from "../api/types";
import { later } from "../pieces/later";
import { useFigures } from "./queries";
import { useMotion } from "./useMotion";

/** What draws comes after what it stands beside, which can be used before. */
const FigureDrawing = later(
  () => import("./FigureDrawing").then((m) => m.FigureDrawing),
  () => null,
);

/** How a test looks; nothing where the content has no figure of it. */
export function TestFigure(props: { test: string; name: string; side: Side; className?: string }) {
  const figures = useFigures();
  const { moment, play } = useMotion();
  const figure = figures?.tests.get(props.test);
  if (!figures || !figure) {
    return null;
  }
  return (
    <figure className={`relative m-0 ${props.className ?? ""}`}>
      <Suspense>
        <FigureDrawing
          figure={figure}
          grips={figures.grips}
          side={props.side}
          moment={moment}
          label={`How it looks: ${props.name}, ${props.side} side`}
          className="absolute inset-0 h-full w-full"
        />
      </Suspense>
      {figure.start && (
        <button
          type="button"
          className="absolute right-1 bottom-1 min-h-6 rounded-md border-[1.5px] border-line bg-card px-2 text-[14px] text-soft"
          onClick={play}
        >
          Move
        </button>
      )}
    </figure>
  );
}
