package lexicor.core.practice.debrief;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Optional;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.examination.Place;

/**
 * Something that could have been done otherwise, as a sentence.
 *
 * @param place where on the couch it was; empty where it was nowhere in particular
 */
public record Point(Kind kind, String words, Optional<Place> place) {
    /** What a point is about, in the order they are told. */
    public enum Kind {
        /** A warning sign that nobody asked for, or after which the examination went on. */
        WARNING("warning"),
        /** A test that must not be done as things are. */
        BLOCKED("blocked"),
        /** A test that could hurt and could tell next to nothing. */
        FOR_NOTHING("forNothing"),
        /** Recorded otherwise than it was felt. */
        READING("reading"),
        /** Pain that was there to be seen, and was not looked for. */
        FACE("face"),
        /** What comes before what. */
        ORDER("order"),
        /** What a probability was taken from. */
        JUDGEMENT("judgement");

        private final String id;

        Kind(String id) {
            this.id = id;
        }

        /** The name used in the API. */
        @JsonValue
        public String id() {
            return id;
        }
    }

    static Point of(Kind kind, String words) {
        return new Point(kind, words, Optional.empty());
    }

    /** Of a test as a whole: at the first of its places, on the side that is troubled. */
    static Point of(Kind kind, String words, ClinicalTest test, Encounter encounter) {
        String first = test.places().iterator().next();
        return at(
                kind,
                words,
                new Place(test.id(), first, encounter.patient().person().involved()));
    }

    static Point at(Kind kind, String words, Place place) {
        return new Point(kind, words, Optional.of(place));
    }
}
