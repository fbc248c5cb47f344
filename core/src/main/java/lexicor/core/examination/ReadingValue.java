package lexicor.core.examination;

import java.util.List;

/** What was recorded for one leaf of a reading. */
public sealed interface ReadingValue {
    record Flag(boolean value) implements ReadingValue {}

    record Code(String value) implements ReadingValue {}

    /** Several codes at once, in the order they were recorded; none means that there is none. */
    record Codes(List<String> values) implements ReadingValue {
        public Codes {
            values = List.copyOf(values);
        }
    }

    /** What somebody wrote. */
    record Text(String value) implements ReadingValue {}

    /** A number in the leaf's own unit. */
    record Quantity(double value) implements ReadingValue {}

    /** Whether it is a flag that is set; what was not recorded is not. */
    static boolean isYes(ReadingValue value) {
        return value instanceof Flag flag && flag.value();
    }

    /** The truth value, the code or codes, the text, or the number itself, as files and the API carry it. */
    default Object plain() {
        if (this instanceof Flag flag) {
            return flag.value();
        }
        if (this instanceof Codes codes) {
            return codes.values();
        }
        if (this instanceof Text text) {
            return text.value();
        }
        return this instanceof Code code ? code.value() : (Object) ((Quantity) this).value();
    }
}
