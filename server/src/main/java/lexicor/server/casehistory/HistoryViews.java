package lexicor.server.casehistory;

import com.fasterxml.jackson.annotation.JsonValue;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import lexicor.server.cases.CaseViews.FindingView;
import lexicor.server.cases.CaseViews.PlaceReadings;
import lexicor.server.history.Revised;
import lexicor.server.standing.Standing.ConditionStanding;

/** What the API takes and gives for a case's history. */
final class HistoryViews {
    private HistoryViews() {}

    /** What can happen to a case. */
    enum Kind {
        TAP,
        TAKEN_BACK,
        MEASURED,
        CHANGED,
        WENT_AHEAD,
        OPENED,
        EXPORTED,
        BROUGHT_IN;

        @JsonValue
        String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        static Kind withId(String id) {
            return valueOf(id.toUpperCase(Locale.ROOT).replace('-', '_'));
        }
    }

    /**
     * Something that happened to a case.
     *
     * @param who absent from before there were accounts
     * @param what a heading: the test and side, or what was changed
     * @param tap the tap it is about; absent where it is about none
     * @param visit at which it was; absent where that is not the matter
     * @param broughtIn whether it came in with a file, by whoever brought that in
     * @param canBringBack whether it replaced a reading that is not what stands now
     */
    record Happened(
            Instant at,
            @Schema(nullable = true) String who,
            Kind kind,
            String what,
            List<Revised.Line> lines,
            @Schema(nullable = true) UUID tap,
            @Schema(nullable = true) Integer visit,
            boolean canBringBack,
            boolean broughtIn) {}

    /** How a visit stood right after a tap. */
    record Then(
            Instant at,
            int visit,
            List<PlaceReadings> readings,
            List<FindingView> findings,
            List<ConditionStanding> conditions) {}

    /** The tap to bring back what it replaced of, and the id of the new one. */
    record BringBack(UUID tap, UUID tapId) {}
}
