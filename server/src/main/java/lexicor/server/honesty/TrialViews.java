package lexicor.server.honesty;

import com.fasterxml.jackson.annotation.JsonValue;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import lexicor.core.catalogue.Setting;
import lexicor.core.weighing.School;

/** A trial over HTTP. */
final class TrialViews {
    private TrialViews() {}

    /** How far a trial is. */
    enum State {
        NONE,
        RUNNING,
        DONE,
        FAILED;

        @JsonValue
        String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What to try. */
    record NewTrial(String complaint, Setting setting) {}

    /**
     * The latest trial since the program was started.
     *
     * @param progress from 0 to 1
     * @param complaint the complaint's name, as it was when the trial began
     * @param clinics what came of it so far, from mild to harsh
     * @param problem why it failed, as a sentence
     */
    record TrialView(
            State state,
            double progress,
            String complaint,
            Setting setting,
            List<ClinicView> clinics,
            String problem) {}

    /**
     * A made-up clinic.
     *
     * @param patients so many were judged
     * @param ways by how the findings are weighed
     * @param points by way, what was stated and how many had it, where there are enough judgements to say
     */
    record ClinicView(String clinic, int patients, List<WayView> ways, Map<String, List<double[]>> points) {}

    /**
     * How right one way to weigh was (method M17).
     *
     * @param logLoss a patient, over all conditions judged
     * @param intercept of the calibration, 0 at best
     * @param slope of the calibration, 1 at best; below it what is stated is too sure
     * @param rightAtEighty of what was stated from 75 to 85 %, the share that was so; null where nothing was
     * @param inner the share of inner bands that hold what one who knows the clinic would state
     * @param outer the same of the new clinic's band
     */
    record WayView(
            School school,
            double logLoss,
            double brier,
            double intercept,
            double slope,
            @Schema(nullable = true) Double rightAtEighty,
            double inner,
            double outer) {}
}
