package lexicor.server.honesty;

import com.fasterxml.jackson.annotation.JsonValue;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import lexicor.core.catalogue.Setting;
import lexicor.core.honesty.Estimate;
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
     * A figure of a few hundred made-up patients.
     *
     * @param within 1.96 standard errors; null where there are too few patients to say
     */
    record EstimateView(double value, @Schema(nullable = true) Double within) {
        static EstimateView of(Estimate e) {
            boolean isKnown = Double.isFinite(e.value()) && Double.isFinite(e.within());
            return new EstimateView(isKnown ? e.value() : 0, isKnown ? e.within() : null);
        }
    }

    /**
     * How right one way to weigh was (method M17).
     *
     * @param logLoss a patient, over all conditions judged
     * @param saved of it over weighing each condition by itself
     * @param intercept of the calibration, 0 at best
     * @param slope of the calibration, 1 at best; below it what is stated is too sure
     * @param rightAtEighty of what was stated from 75 to 85 %, so many were so
     * @param statedAtEighty so many were stated
     * @param inner the share of inner bands that hold what one who knows the clinic would state
     * @param outer the same of the new clinic's band
     */
    record WayView(
            School school,
            EstimateView logLoss,
            EstimateView saved,
            EstimateView brier,
            EstimateView intercept,
            EstimateView slope,
            int rightAtEighty,
            int statedAtEighty,
            EstimateView inner,
            EstimateView outer) {}
}
