package lexicor.core.catalogue.figures;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * How a test looks: the person in the pose of the test, the examiner's hands, what is pushed and where it is felt.
 *
 * @param id the test's, or a map's
 * @param shows the parts that the picture is about; what else there is runs out of it
 * @param alone whether only the affected arm is drawn
 * @param arm the affected one
 * @param start where the test moves: how it begins
 * @param way the place whose way is drawn where the test moves
 */
public record Figure(
        String id,
        Posture posture,
        double lean,
        View view,
        List<String> shows,
        boolean alone,
        ArmPose arm,
        ArmPose other,
        NeckPose neck,
        Optional<Start> start,
        Optional<Site> way,
        List<Contact> contacts,
        List<Force> forces,
        List<Held> held,
        List<Site> feel) {

    /**
     * @param armMoves whether the arm is elsewhere then
     * @param neckMoves whether the head is
     */
    public record Start(ArmPose arm, NeckPose neck, boolean armMoves, boolean neckMoves) {}

    /**
     * A hand of the examiner.
     *
     * @param from where its forearm comes from
     * @param palm the side of the part that the palm lies on; empty where it may lie as it is best seen
     * @param off how far from the skin, cm
     */
    public record Contact(Site site, String grip, String from, String palm, boolean left, double off) {}

    /**
     * An arrow.
     *
     * @param direction where a push or a pull goes; empty for a turn
     * @param to for a turn: the pose that the arm would come to
     * @param size of the arrow, 1 as usual
     */
    public record Force(Site site, Kind kind, String direction, Optional<ArmPose> to, By by, double size) {

        /** A push ends at the skin, a pull begins there, a turn follows the part. */
        public enum Kind {
            PUSH,
            PULL,
            TURN;

            @JsonValue
            public String id() {
                return name().toLowerCase(Locale.ROOT);
            }
        }

        public enum By {
            EXAMINER,
            PATIENT;

            @JsonValue
            public String id() {
                return name().toLowerCase(Locale.ROOT);
            }
        }
    }

    /** A tool at its place. */
    public record Held(Site site, Tool tool) {
        public enum Tool {
            DYNAMOMETER,
            PAPER,
            FILAMENT,
            HAMMER,
            POINTS;

            @JsonValue
            public String id() {
                return name().toLowerCase(Locale.ROOT);
            }
        }
    }
}
