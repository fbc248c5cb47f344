package lexicor.core.measuring;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

/**
 * Finds trials in the values of one device as they come. A trial begins when the value leaves its resting baseline by more
 * than the threshold and ends when it comes back; the baseline is the mean of the second before, so that a zero that drifts
 * does no harm. Not safe for use by several threads.
 */
public final class TraceReader {
    /** Length of the window whose mean is the plateau. */
    public static final double PLATEAU_SECONDS = 2;

    /** A longer silence than this breaks the trial it falls into. */
    public static final double SILENCE_SECONDS = 1;

    /** Anything shorter was a knock. */
    public static final double SHORTEST_SECONDS = 1;

    private static final double BASELINE_SECONDS = 1;
    private static final double MILLIS = 1000;

    private record Sample(double seconds, double value) {}

    private final double threshold;
    private final Deque<Sample> rest = new ArrayDeque<>();
    private final List<Sample> trial = new ArrayList<>();
    private double baseline;
    private double last = Double.NaN;

    /**
     * @param threshold how far from the baseline a trial begins, in the device's unit, above 0
     */
    public TraceReader(double threshold) {
        if (!(threshold > 0)) {
            throw new IllegalArgumentException("expected a threshold above 0");
        }
        this.threshold = threshold;
    }

    /**
     * Takes the next value.
     *
     * @param millis the device's own clock, never going back
     * @return the trial that it ends, if any
     * @throws IllegalArgumentException if the clock goes back or the value is not a number
     */
    public Optional<DeviceTrial> take(double millis, double value) {
        double seconds = millis / MILLIS;
        if (!Double.isFinite(value) || !Double.isFinite(seconds) || seconds < last) {
            throw new IllegalArgumentException("expected a number and a time that does not go back");
        }
        Optional<DeviceTrial> broken = seconds - last > SILENCE_SECONDS ? lost() : Optional.empty();
        last = seconds;
        Sample sample = new Sample(seconds, value);
        if (Math.abs(value - current()) > threshold) {
            if (trial.isEmpty()) {
                baseline = current();
            }
            trial.add(sample);
            return broken;
        }
        Optional<DeviceTrial> ended = finish(true);
        rest.addLast(sample);
        while (seconds - rest.peekFirst().seconds() > BASELINE_SECONDS) {
            rest.removeFirst();
        }
        return broken.isPresent() ? broken : ended;
    }

    /** The line was lost: what was under way is an incomplete trial. */
    public Optional<DeviceTrial> lost() {
        return finish(false);
    }

    /** Whether a trial is under way. */
    public boolean isOnTrial() {
        return !trial.isEmpty();
    }

    private double current() {
        if (!trial.isEmpty()) {
            return baseline;
        }
        return rest.stream().mapToDouble(Sample::value).average().orElse(0);
    }

    private Optional<DeviceTrial> finish(boolean complete) {
        if (trial.isEmpty()) {
            return Optional.empty();
        }
        double length = trial.get(trial.size() - 1).seconds() - trial.get(0).seconds();
        double peak =
                trial.stream().mapToDouble(s -> s.value() - baseline).max().orElseThrow();
        Optional<DeviceTrial> found = length < SHORTEST_SECONDS && complete
                ? Optional.empty()
                : Optional.of(new DeviceTrial(peak, plateau(), length, baseline, complete));
        trial.clear();
        return found;
    }

    private double plateau() {
        double best = Double.NEGATIVE_INFINITY;
        double sum = 0;
        int from = 0;
        for (int to = 0; to < trial.size(); to++) {
            sum += trial.get(to).value() - baseline;
            while (trial.get(to).seconds() - trial.get(from).seconds() > PLATEAU_SECONDS) {
                sum -= trial.get(from).value() - baseline;
                from++;
            }
            boolean whole = from > 0 || to == trial.size() - 1;
            if (whole) {
                best = Math.max(best, sum / (to - from + 1));
            }
        }
        return best;
    }
}
