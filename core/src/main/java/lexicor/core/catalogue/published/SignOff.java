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
 * @param from by whom and when it was brought in with a file, the latest first; empty for one that was given here
 */
public record SignOff(State state, String by, LocalDate on, String note, String from) {
    /** Every figure starts so. */
    public static final SignOff NOT_YET_CHECKED = new SignOff(State.NOT_YET_CHECKED, "", null, "", "");

    /** What somebody who looked found. */
    public enum State {
        NOT_YET_CHECKED("not yet checked", "not yet agreed"),
        CHECKED("checked against the source", "agreed"),
        DISPUTED("disputed", "disputed");

        private final String words;
        private final String ofJudgement;

        State(String words, String ofJudgement) {
            this.words = words;
            this.ofJudgement = ofJudgement;
        }

        /** The name used in files and the API. */
        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        public String words() {
            return words;
        }

        /** @param judgement whether it is of a judgement, which has no source to be checked against */
        public String words(boolean judgement) {
            return judgement ? ofJudgement : words;
        }

        public static Optional<State> withId(String id) {
            return Arrays.stream(values()).filter(s -> s.id().equals(id)).findFirst();
        }
    }

    /** The same in the same words, wherever either of them came from. */
    public boolean saysTheSameAs(SignOff other) {
        return equals(other.broughtInBy(from));
    }

    /** The same with where it came from. */
    public SignOff broughtInBy(String whoAndWhen) {
        return new SignOff(state, by, on, note, whoAndWhen);
    }

    public boolean isChecked() {
        return state == State.CHECKED;
    }
}
