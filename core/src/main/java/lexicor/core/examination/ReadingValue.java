package lexicor.core.examination;

/** What was recorded for one leaf of a reading. */
public sealed interface ReadingValue {
    record Flag(boolean value) implements ReadingValue {}

    record Code(String value) implements ReadingValue {}

    /** A number in the leaf's own unit. */
    record Quantity(double value) implements ReadingValue {}
}
