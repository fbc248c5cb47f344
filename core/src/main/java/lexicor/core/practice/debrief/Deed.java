package lexicor.core.practice.debrief;

import com.fasterxml.jackson.annotation.JsonValue;
import lexicor.core.examination.Place;

/** Something that a learner did with a simulated patient, beside tapping what was felt. */
public sealed interface Deed {
    /** What is said to every patient before anything is touched. */
    enum Courtesy {
        PERMISSION("permission"),
        SPEAK_UP("speakUp"),
        BARE("bare");

        private final String id;

        Courtesy(String id) {
            this.id = id;
        }

        /** The name used in the API. */
        @JsonValue
        public String id() {
            return id;
        }
    }

    record Said(Courtesy what) implements Deed {}

    /**
     * @param kind what kind of question it was
     * @param id of the history item, precaution or warning sign
     * @param yes what was answered
     */
    record Asked(Question kind, String id, boolean yes) implements Deed {}

    /** What a question is about. */
    enum Question {
        HISTORY("history"),
        PRECAUTION("precaution"),
        WARNING("warning");

        private final String id;

        Question(String id) {
            this.id = id;
        }

        /** The name used in the API. */
        @JsonValue
        public String id() {
            return id;
        }
    }

    /**
     * A place of a test was done on one side.
     *
     * @param time how often it was done before
     */
    record Did(Place place, int time) implements Deed {}

    /** The face was looked at after the last thing that was done. */
    record Looked() implements Deed {}

    /** A blocked test was gone ahead with for a written reason. */
    record WentAhead(String test, String reason) implements Deed {}

    /** The program's own probabilities were asked for before the end. */
    record Peeked() implements Deed {}
}
