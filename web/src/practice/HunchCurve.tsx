import { CalibrationPlot } from "../pieces/CalibrationPlot";
import type { HunchesOf } from "./queries";

/** How often it was so what somebody said, with the sentence that says it. */
export function HunchCurve(props: { of: HunchesOf }) {
  const { tenths, sentence, patients } = props.of.hunches;
  return (
    <figure className="m-0 max-w-[380px]">
      <CalibrationPlot bins={tenths.map((t) => ({ ...t, of: t.hunches }))} none="No hunches yet" />
      <figcaption className="text-[17px] leading-snug">
        {sentence}
        {patients > 0 && (
          <span className="block text-[15px] text-soft">
            {patients === 1 ? "1 patient" : `${patients} patients`}, {props.of.hunches.hunches} hunches. Brier
            score {props.of.hunches.brier.toFixed(3)}, the program's{" "}
            {props.of.hunches.programBrier.toFixed(3)}; 0 is best.
          </span>
        )}
      </figcaption>
    </figure>
  );
}
