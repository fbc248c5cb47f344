package lexicor.server.practice.stations;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import lexicor.core.catalogue.Setting;
import lexicor.core.practice.station.Mark.Kind;
import lexicor.server.practice.PracticeViews.WishView;

/** What the API takes and gives for stations. */
public final class StationViews {
    private StationViews() {}

    /**
     * Something that is looked at.
     *
     * @param test the test that has to be done, where it is that
     */
    public record MarkView(Kind kind, @Schema(nullable = true) String test, int points) {}

    /**
     * A station to save.
     *
     * @param version of the one it replaces; absent for a new one
     * @param seed a fresh one where it is absent
     * @param wish a patient set by hand; absent where all is drawn
     * @param given the students who sit it
     */
    public record StationChange(
            @Schema(nullable = true) Long version,
            String name,
            String complaint,
            Setting setting,
            @Schema(nullable = true) Long seed,
            int minutes,
            @Schema(nullable = true) WishView wish,
            boolean once,
            List<MarkView> marks,
            List<String> given) {}

    /** A station as its composer sees it. */
    public record StationView(
            long id,
            long version,
            String madeBy,
            String name,
            String complaint,
            String complaintName,
            Setting setting,
            long seed,
            int minutes,
            @Schema(nullable = true) WishView wish,
            boolean once,
            List<MarkView> marks,
            List<String> given,
            int points,
            int sat,
            Instant madeAt) {}

    /**
     * A station as who sits it sees it before: what it is about, and nothing of what is looked at.
     *
     * @param patient the sitting that goes on, or the latest; absent where it was not sat yet
     * @param ended whether that one is over
     * @param mayBegin whether it can be sat, again or at all
     */
    public record StationToSit(
            long id,
            String name,
            String complaintName,
            int minutes,
            boolean once,
            int sat,
            @Schema(nullable = true) Long patient,
            boolean ended,
            boolean mayBegin) {}

    /** The students that stations can be given to, and those made so far, for a lead; and those one sits. */
    public record Stations(List<StationView> made, List<StationToSit> toSit, List<String> students) {}

    /** What was got for one mark. */
    public record MarkedView(Kind kind, String label, int points, int got, String words) {}

    /**
     * One sitting.
     *
     * @param minutes that it took
     */
    public record SittingView(
            long patient,
            String person,
            Instant endedAt,
            List<MarkedView> marked,
            int got,
            int points,
            double minutes,
            double brier,
            double programBrier) {}

    /** All sittings of a station that one may see, the latest first. */
    public record StationResults(
            long id, String name, String complaintName, int points, List<String> marks, List<SittingView> sittings) {}
}
