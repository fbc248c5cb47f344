package lexicor.server.measures;

import com.fasterxml.jackson.annotation.JsonValue;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.MeasureGroup;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Side;
import lexicor.core.measuring.Looseness;
import lexicor.server.cases.CaseViews.Examination;

/** What the API takes and gives for measures. */
public final class MeasureViews {
    private MeasureViews() {}

    /**
     * Values of one side of a measure.
     *
     * @param tapId made by the sender, for the reading that they go to; the same one sent twice changes nothing
     * @param changes by item: a list of trials for a reading, a single value for what is noted beside it, null to clear
     * @param sure whether unusual values were asked about and are meant
     */
    public record NewMeasure(
            UUID tapId,
            String measure,
            Side side,
            Map<String, Object> changes,
            @Schema(nullable = true) Boolean sure) {}

    /**
     * What was measured at the current visit.
     *
     * @param deficitPercent a side that is weaker by this much or more is marked
     * @param shortDegrees a movement that lacks this much or more is short
     * @param headStartPercent by how much the dominant side is taken to be stronger
     * @param externalToInternal external to internal rotation of the involved side; absent without both
     * @param capsular what the passive losses read like; absent while too few were measured
     * @param looseness of the shoulder; absent where the complaint is elsewhere
     * @param labral what the labral panel is made of; absent where the complaint is elsewhere
     * @param regrowth of a nerve over all visits, by side; a side without readings is absent
     * @param examination with the readings and outcomes that follow
     */
    public record Measures(
            List<MeasureView> measures,
            double deficitPercent,
            double shortDegrees,
            double headStartPercent,
            @Schema(nullable = true) Double externalToInternal,
            @Schema(nullable = true) String capsular,
            @Schema(nullable = true) LoosenessView looseness,
            @Schema(nullable = true) LabralView labral,
            List<RegrowthView> regrowth,
            Examination examination) {}

    /**
     * One measure on both sides.
     *
     * @param feeds the places of tests that its values are readings of
     * @param criteria those that its values decide; empty where it decides none
     * @param notes what can be noted beside the readings
     * @param indexPercent involved side to other side; absent without both
     * @param fairIndexPercent the same without the dominant side's head start; absent where none is taken
     * @param deficit whether the involved side is marked as weaker; absent without both
     * @param pattern what the values read like together; absent while it cannot be told
     * @param suggests what the pattern suggests
     * @param changes against the last visit
     */
    public record MeasureView(
            String id,
            String name,
            MeasureGroup group,
            List<Measure.Feeds> feeds,
            List<String> criteria,
            List<ItemView> items,
            List<String> notes,
            boolean moreIsWorse,
            SideView involved,
            SideView other,
            @Schema(nullable = true) Double indexPercent,
            @Schema(nullable = true) Double fairIndexPercent,
            @Schema(nullable = true) Boolean deficit,
            @Schema(nullable = true) String pattern,
            @Schema(nullable = true) String suggests,
            List<ChangeView> changes) {}

    /**
     * A quantity of a measure.
     *
     * @param item its name in changes
     * @param low the least possible value
     * @param usualLow below this it is asked about once
     * @param trials how many are taken
     */
    public record ItemView(
            String item,
            String label,
            String unit,
            double low,
            double high,
            double usualLow,
            double usualHigh,
            int trials) {}

    /**
     * One side of a measure.
     *
     * @param values by item
     * @param notes what was noted, by name
     * @param torqueNm of the mean force; absent without a lever
     * @param dropPercent by how much the mean is below the measure it is compared with; absent without both
     */
    public record SideView(
            Map<String, TrialsView> values,
            Map<String, Object> notes,
            @Schema(nullable = true) Double torqueNm,
            @Schema(nullable = true) Double dropPercent) {}

    /**
     * The trials of one side.
     *
     * @param variationPercent coefficient of variation
     * @param uneven whether they vary so much that another try may be fairer
     */
    public record TrialsView(List<Double> trials, double mean, double best, double variationPercent, boolean uneven) {}

    /**
     * A quantity now against the last visit.
     *
     * @param error what two measurements can differ by, in the quantity's unit; absent where it is not known
     * @param from where the error comes from; absent where it is not known
     * @param exceeds whether the change is larger than that; absent where it is not known
     */
    public record ChangeView(
            String item,
            Side side,
            double before,
            double now,
            @Schema(nullable = true) Double error,
            @Schema(nullable = true) ErrorFrom from,
            @Schema(nullable = true) Boolean exceeds) {}

    /** Where the error of a measurement comes from. */
    public enum ErrorFrom {
        /** The department states it. */
        STATED,
        /** Its examiners were found to differ by as much in one patient. */
        TWO_EXAMINERS,
        /** The spread of the trials alone. */
        TRIALS;

        /** The name used in the API. */
        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** The tests of the labral panel, and the published clusters that they are members of. */
    public record LabralView(List<String> tests, List<String> clusters) {}

    /**
     * How loose the shoulder is by direction.
     *
     * @param general the score for looseness of all joints; absent where it was not taken
     */
    public record LoosenessView(
            List<DirectionView> directions, @Schema(nullable = true) Double general, String sentence) {}

    /**
     * One direction.
     *
     * @param state looser, both-sides, firm or not-tested
     * @param readings what was found on both sides, test by test
     */
    public record DirectionView(String name, Looseness state, String words, List<DirectionReading> readings) {}

    /** One test for a direction; an absent amount was not measured. */
    public record DirectionReading(
            String test,
            String name,
            String unit,
            @Schema(nullable = true) Double involved,
            @Schema(nullable = true) Double other,
            @Schema(nullable = true) String endPoint,
            Outcome outcome) {}

    /**
     * The advancing tapping point of one side.
     *
     * @param sentence its pace with the interval; absent with fewer than three days
     * @param measuredDifferently whether the notes of the days say another nerve, landmark or position of the limb
     */
    public record RegrowthView(
            Side side,
            List<RegrowthPoint> points,
            @Schema(nullable = true) String sentence,
            boolean measuredDifferently) {}

    /**
     * The last distance recorded on a day.
     *
     * @param distanceMm from the landmark
     * @param how the nerve, the landmark and how the limb lay, as noted; absent where none of it was
     */
    public record RegrowthPoint(LocalDate day, double distanceMm, @Schema(nullable = true) String how) {}
}
