package lexicor.core.examination;

/** What was recorded for one leaf of a reading. */
public sealed interface ReadingValue {
    record Flag(boolean value) implements ReadingValue {}

    record Code(String value) implements ReadingValue {}

    /** A number in the leaf's own unit. */
    record Quantity(double value) implements ReadingValue {}

    /** The truth value, the code, or the number itself, as files and the API carry it. */
    default Object plain() {
        if (this instanceof Flag flag) {
            return flag.value();
        }
        return this instanceof Code code ? code.value() : (Object) ((Quantity) this).value();
    }
}
