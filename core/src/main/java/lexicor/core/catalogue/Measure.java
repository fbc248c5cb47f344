package lexicor.core.catalogue;

import java.util.List;
import java.util.Optional;

/**
 * Something that is measured on both sides.
 *
 * @param regions of the body in whose complaints it is offered
 * @param feeds the tests whose readings its values are; empty where it decides no criterion
 * @param readings the quantities taken, in order
 * @param possible values outside are refused
 * @param usual values outside are asked about once
 * @param moreIsWorse whether a larger value is the poorer one
 * @param ratioTo the measure that this one's mean is divided by; the ratio goes to the test fed
 */
public record Measure(
        String id,
        String name,
        MeasureGroup group,
        List<String> regions,
        List<Feeds> feeds,
        List<ReadingLeaf> readings,
        Bounds possible,
        Bounds usual,
        boolean moreIsWorse,
        Optional<String> ratioTo) {

    /**
     * The test that a value is a reading of.
     *
     * @param at the place of the test; empty where it has one set of readings
     */
    public record Feeds(String test, String at) {}

    /** A closed range, in the unit of the readings. */
    public record Bounds(double low, double high) {
        public boolean contains(double value) {
            return value >= low && value <= high;
        }
    }
}
