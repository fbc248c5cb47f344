package lexicor.server.content;

import com.fasterxml.jackson.annotation.JsonValue;
import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;

/**
 * One field of an entry as a form shows it.
 *
 * @param name as the packs write it
 * @param label what it is called
 * @param hint what it is for, or what may stand in it; may be empty
 * @param needed whether an entry has to have it
 * @param vocabulary what is chosen from; empty where it is typed
 * @param low the lowest number that may stand in it; absent where there is none
 * @param parts the fields of one of a list, or of what belongs to a name
 */
public record FieldForm(
        String name,
        String label,
        String hint,
        Type type,
        boolean needed,
        String vocabulary,
        @Schema(nullable = true) Double low,
        @Schema(nullable = true) Double high,
        @ArraySchema(schema = @Schema(ref = "#/components/schemas/FieldForm")) List<FieldForm> parts) {

    /** What a field holds. */
    public enum Type {
        /** The name in files and links; made from the entry's name. */
        ID,
        TEXT,
        /** A text of more than a line. */
        LONG,
        /** Texts, one a line. */
        LINES,
        FLAG,
        NUMBER,
        WHOLE,
        /** A probability, strictly between 0 and 1. */
        SHARE,
        CHOICE,
        /** One of those there are, or a new one. */
        CHOICE_OR_NEW,
        CHOICES,
        CHOICES_OR_NEW,
        /** A list of parts. */
        LIST,
        /** Parts that stand together. */
        FIELDS,
        /** Parts by what is chosen; one part without a name is the value itself. */
        BY_CHOICE,
        /** The same by a name that is typed. */
        BY_NAME,
        /** When a criterion is positive. */
        RULE,
        /** What a case definition asks for. */
        DEFINITION,
        /** What a test's readings are called: two texts for what can be there or not, one for a number. */
        WORDS,
        /** Where a rung leads: to another rung, or to an end. */
        STEP;

        /** The name used in the API. */
        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    static FieldForm field(Type type, String name, String label) {
        return new FieldForm(name, label, "", type, true, "", null, null, List.of());
    }

    FieldForm optional() {
        return new FieldForm(name, label, hint, type, false, vocabulary, low, high, parts);
    }

    FieldForm hint(String words) {
        return new FieldForm(name, label, words, type, needed, vocabulary, low, high, parts);
    }

    FieldForm from(String words) {
        return new FieldForm(name, label, hint, type, needed, words, low, high, parts);
    }

    FieldForm within(double lowest, double highest) {
        return new FieldForm(name, label, hint, type, needed, vocabulary, lowest, highest, parts);
    }

    FieldForm with(FieldForm... fields) {
        return new FieldForm(name, label, hint, type, needed, vocabulary, low, high, List.of(fields));
    }
}
