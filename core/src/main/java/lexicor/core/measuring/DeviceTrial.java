package lexicor.core.measuring;

/**
 * A trial found in what a device sent, less the baseline.
 *
 * @param peak largest value
 * @param plateau largest mean over any {@link TraceReader#PLATEAU_SECONDS} of the trial, or over all of a shorter one
 * @param seconds from its first to its last value
 * @param baseline mean at rest before it, already taken off
 * @param complete false where the line was lost within it
 */
public record DeviceTrial(double peak, double plateau, double seconds, double baseline, boolean complete) {}
