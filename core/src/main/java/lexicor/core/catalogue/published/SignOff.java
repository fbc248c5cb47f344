package lexicor.core.catalogue.published;

import com.fasterxml.jackson.annotation.JsonValue;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * How far a figure has been checked against its source.
 *
 * @param by who looked; empty where nobody has
 * @param on when; null where nobody has
 * @param note what is wrong with it where it is disputed; empty otherwise allowed
 */
public record SignOff(State state, String by, LocalDate on, String note) {
    /** Every figure starts so. */
    public static final SignOff NOT_YET_CHECKED = new SignOff(State.NOT_YET_CHECKED, "", null, "");

    /** What somebody who looked found. */
    public enum State {
        NOT_YET_CHECKED("not yet checked"),
        CHECKED("checked against the source"),
        DISPUTED("disputed");

        private final String words;

        State(String words) {
            this.words = words;
        }

        /** The name used in files and the API. */
        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        public String words() {
            return words;
        }

        public static Optional<State> withId(String id) {
            return Arrays.stream(values()).filter(s -> s.id().equals(id)).findFirst();
        }
    }

    public boolean isChecked() {
        return state == State.CHECKED;
    }
}
