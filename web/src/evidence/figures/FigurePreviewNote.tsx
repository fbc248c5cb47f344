import type { FigurePreview } from "../../api/types";
import { ErrorNote } from "../../pieces/ErrorNote";

/** What a figure being typed comes to, and what may not be right with it. */
export function FigurePreviewNote(props: { preview: FigurePreview | undefined; error: Error | null }) {
  const { preview } = props;
  if (props.error) {
    return <ErrorNote error={props.error} />;
  }
  return (
    <div role="status" className="min-h-12 text-[16px]">
      {preview && (
        <>
          Sensitivity <b>{interval(preview.sensitivity, preview.sensitivityLow, preview.sensitivityHigh)}</b>
          {preview.specificity !== undefined && (
            <>
              , specificity{" "}
              <b>
                {interval(preview.specificity, preview.specificityLow ?? 0, preview.specificityHigh ?? 1)}
              </b>
            </>
          )}
          {preview.counts && (
            <span className="text-soft">
              ; with it {preview.counts.tp} positive, {preview.counts.fn} negative; without{" "}
              {preview.counts.fp} positive, {preview.counts.tn} negative
            </span>
          )}
          {preview.warnings.map((w) => (
            <span key={w} className="mt-1 block border-l-4 border-amber pl-3">
              {w}
            </span>
          ))}
        </>
      )}
    </div>
  );
}

function interval(value: number, low: number, high: number): string {
  return `${value.toFixed(3)} (${low.toFixed(2)} to ${high.toFixed(2)})`;
}
