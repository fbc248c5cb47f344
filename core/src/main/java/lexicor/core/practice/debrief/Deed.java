package lexicor.core.practice.debrief;

import lexicor.core.examination.Place;

/** Something that a learner did with a simulated patient, beside tapping what was felt. */
public sealed interface Deed {
    /** What is said to every patient before anything is touched. */
    enum Courtesy {
        PERMISSION,
        SPEAK_UP,
        BARE
    }

    record Said(Courtesy what) implements Deed {}

    /**
     * @param kind what kind of question it was
     * @param id of the history item, precaution or warning sign
     * @param yes what was answered
     */
    record Asked(Question kind, String id, boolean yes) implements Deed {}

    enum Question {
        HISTORY,
        PRECAUTION,
        WARNING
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
