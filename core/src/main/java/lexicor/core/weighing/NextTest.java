package lexicor.core.weighing;

import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Supplier;

/**
 * What a test not yet done would tell (method M10).
 *
 * <p>What it would show is worked out when it is first asked for, since of many tests few are shown. For one thread.
 */
public final class NextTest {
    private final String id;
    private final double gain;
    private final Map<String, Double> gains;
    private final OptionalDouble gainPerMinute;
    private final Supplier<Map<String, Double>> positive;
    private final Supplier<Map<String, Double>> negative;
    private Map<String, Double> ifPositive;
    private Map<String, Double> ifNegative;

    /**
     * @param gains by condition, its weight included
     * @param minutes how long it takes; 0 where not known
     */
    NextTest(
            String id,
            Map<String, Double> gains,
            double minutes,
            Supplier<Map<String, Double>> positive,
            Supplier<Map<String, Double>> negative) {
        this.id = id;
        this.gains = gains;
        gain = gains.values().stream().mapToDouble(g -> g).sum();
        gainPerMinute = minutes > 0 ? OptionalDouble.of(gain / minutes) : OptionalDouble.empty();
        this.positive = positive;
        this.negative = negative;
    }

    public String id() {
        return id;
    }

    /** Expected loss of uncertainty in bits, over all conditions by their weight; at least 0. */
    public double gain() {
        return gain;
    }

    /** The part of the gain that is about one condition. */
    public double gainFor(String condition) {
        return gains.getOrDefault(condition, 0.0);
    }

    /** Empty where the minutes are not known. */
    public OptionalDouble gainPerMinute() {
        return gainPerMinute;
    }

    /** Every condition's probability were it positive. */
    public Map<String, Double> ifPositive() {
        if (ifPositive == null) {
            ifPositive = positive.get();
        }
        return ifPositive;
    }

    /** Every condition's probability were it negative. */
    public Map<String, Double> ifNegative() {
        if (ifNegative == null) {
            ifNegative = negative.get();
        }
        return ifNegative;
    }
}
