package lexicor.core.weighing;

import java.util.Map;
import java.util.OptionalDouble;

/**
 * What a test not yet done would tell (method M10).
 *
 * @param gain expected loss of uncertainty in bits, over all conditions by their weight; at least 0
 * @param gainPerMinute empty where the minutes are not known
 * @param ifPositive every condition's probability were it positive
 * @param ifNegative every condition's probability were it negative
 */
public record NextTest(
        String id,
        double gain,
        OptionalDouble gainPerMinute,
        Map<String, Double> ifPositive,
        Map<String, Double> ifNegative) {}
