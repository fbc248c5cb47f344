package lexicor.server.visits;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import lexicor.core.examination.Side;
import lexicor.server.standing.Standing.ConditionStanding;

/** What the API takes and gives for visits. */
final class VisitViews {
    private VisitViews() {}

    /**
     * A visit begun from the version of the case last seen.
     *
     * @param day of a visit whose readings are on paper; absent for today
     */
    record VisitStart(long version, @Schema(nullable = true) LocalDate day) {}

    /** The day that a visit was on. */
    record VisitDay(long version, LocalDate day) {}

    /** Opens a visit from the version of the case last seen. */
    record VisitOpening(long version) {}

    /** The visits of a case and what was measured over them. */
    record Visits(List<VisitView> visits, List<SeriesView> series) {}

    /**
     * A visit.
     *
     * @param number from 1
     * @param tests how many have something recorded
     * @param conditions where the candidates stood by this visit's findings alone
     */
    record VisitView(int number, Instant startedAt, int tests, List<ConditionStanding> conditions) {}

    /**
     * A quantity over the visits.
     *
     * @param id the measure and the quantity, or the reading
     * @param error what two measurements can differ by at the last value; absent where nobody stated it
     */
    record SeriesView(
            String id,
            String name,
            String group,
            String unit,
            Side side,
            boolean moreIsWorse,
            List<PointView> points,
            @Schema(nullable = true) Double error) {}

    /** A value at a visit. */
    record PointView(int visit, double value) {}
}
