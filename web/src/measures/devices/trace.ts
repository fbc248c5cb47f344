/** A value as a device sent it. */
export interface Sample {
  device: string;
  /** The device's own clock. */
  millis: number;
  value: number;
}

/** How much of the curve is in sight. */
export const SHOWN_MILLIS = 12_000;

/** The curve with one more value; what is out of sight is let go, and a clock that begins anew begins a new curve. */
export function withSample(curve: Sample[], sample: Sample): Sample[] {
  const last = curve.at(-1);
  if (last && (last.device !== sample.device || sample.millis < last.millis)) {
    return [sample];
  }
  return [...curve.filter((s) => s.millis > sample.millis - SHOWN_MILLIS), sample];
}
