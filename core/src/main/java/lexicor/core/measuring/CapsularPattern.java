package lexicor.core.measuring;

import java.util.Map;
import java.util.Optional;

/** Whether the passive movements of a joint are lost in the order that a stiff capsule takes them. */
public final class CapsularPattern {
    private CapsularPattern() {}

    /**
     * Whether the leading movement is short and has lost a greater share than every other. Empty unless the leading
     * movement and another were measured on both sides.
     *
     * @param lossPercent passive loss of each measured movement, in percent of the other side
     * @param leading the movement that a stiff capsule takes first
     * @param leadingLossDegrees the same movement's loss in degrees
     * @param shortDegrees a movement that lacks this much or more is short
     */
    public static Optional<Boolean> of(
            Map<String, Double> lossPercent, String leading, double leadingLossDegrees, double shortDegrees) {
        Double first = lossPercent.get(leading);
        if (first == null || lossPercent.size() < 2) {
            return Optional.empty();
        }
        boolean most = lossPercent.entrySet().stream()
                .filter(e -> !e.getKey().equals(leading))
                .allMatch(e -> e.getValue() < first);
        return Optional.of(most && leadingLossDegrees >= shortDegrees);
    }

    /**
     * {@code 100 * (other - involved) / other}, in percent; empty where the other side has no range to lose.
     */
    public static Optional<Double> lossPercent(double involved, double other) {
        return other > 0 ? Optional.of(100 * (other - involved) / other) : Optional.empty();
    }
}
