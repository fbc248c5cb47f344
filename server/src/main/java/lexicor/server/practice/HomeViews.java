package lexicor.server.practice;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.Setting;
import lexicor.core.practice.hunches.Hunches;
import lexicor.server.practice.PracticeViews.PatientLine;

/** What the API gives for the home of whoever practises. */
public final class HomeViews {
    private HomeViews() {}

    /**
     * The patient of the day, the same for everybody.
     *
     * @param patient one's own, where it was begun; absent until then
     */
    public record TodayView(
            LocalDate day,
            String complaint,
            String complaintName,
            Setting setting,
            long seed,
            @Schema(nullable = true) PatientLine patient) {}

    /** A complaint to practise on. */
    public record ComplaintChoice(String id, String name, String region) {}

    /**
     * @param open patients that are not over
     * @param ended the latest of those that are
     * @param hunches one's own over all of them
     * @param students those whose practice is open to whoever asks
     */
    public record HomeView(
            TodayView today,
            List<ComplaintChoice> complaints,
            List<PatientLine> open,
            List<PatientLine> ended,
            HunchesView hunches,
            List<StudentLine> students) {}

    /** A student as a lead sees them. */
    public record StudentLine(
            String name,
            int patients,
            @Schema(nullable = true) Double brier,
            @Schema(nullable = true) Double programBrier) {}

    /**
     * Somebody's hunches.
     *
     * @param names of conditions, by id, as they are told
     */
    public record HunchesView(String owner, Hunches hunches, Map<String, String> names) {}
}
