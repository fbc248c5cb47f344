package lexicor.server.evidence;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.HowOften;
import lexicor.core.catalogue.published.JudgedSign;
import lexicor.core.catalogue.published.SignOff;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.HighBias;

/** What the API takes and gives for evidence and clusters. */
final class EvidenceViews {
    private EvidenceViews() {}

    /** All pairs that have a row, and all published clusters. */
    record EvidenceIndex(List<PairLine> pairs, List<ClusterLine> clusters) {}

    /**
     * A criterion and a condition with at least one row.
     *
     * @param test absent for an item of the history
     * @param rows how many there are, judgements among them
     * @param judgements how many of them are opinions of the department's, with no study and no people
     * @param people with and without the condition in the studies used, as far as their sizes are known
     * @param method study, univariate or bivariate; absent where nothing can be weighed
     * @param status weighable by studies, judged (weighed by a judgement in words), left-out, unchecked, sensitivity-only, or none
     * @param judged a judgement of the sign, whether or not studies go before it; absent where there is none
     * @param ours how many of the rows are the department's own, added or changed
     * @param unchecked how many of the rows nobody has checked against their source
     * @param disputed how many are disputed
     */
    record PairLine(
            String criterion,
            String name,
            @Schema(nullable = true) String test,
            String condition,
            String conditionName,
            int rows,
            int judgements,
            int ours,
            int unchecked,
            int disputed,
            double people,
            @Schema(allowableValues = {"weighable", "judged", "left-out", "unchecked", "sensitivity-only", "none"})
                    String status,
            @Schema(nullable = true) JudgementView judged,
            @Schema(nullable = true) Accuracy.Method method,
            @Schema(nullable = true) RatioView positive,
            @Schema(nullable = true) RatioView negative) {}

    /**
     * A judgement in words (method M24).
     *
     * @param with how often it is there in those who have the condition
     * @param without how often in those who come with the same complaint and have not
     * @param defining whether the sign is the condition
     * @param by who judged it; empty for what came with the program
     */
    record JudgementView(HowOften with, HowOften without, boolean defining, String because, String by) {
        static JudgementView of(JudgedSign sign) {
            return new JudgementView(sign.with(), sign.without(), sign.defining(), sign.because(), sign.by());
        }
    }

    /** A likelihood ratio with its 95 % interval. */
    record RatioView(double value, double low, double high) {}

    /** A proportion with its 95 % interval. */
    record ShareView(double value, double low, double high) {}

    /**
     * Everything known of a pair.
     *
     * @param highBias how studies at high risk of bias are taken here
     * @param studies as printed
     * @param pooled absent where nothing can be weighed
     * @param withoutHighBias the same without those studies; absent where there are none of them or nothing is left
     */
    record PairView(
            PairLine pair,
            HighBias highBias,
            List<StudyView> studies,
            @Schema(nullable = true) PooledView pooled,
            @Schema(nullable = true) PooledView withoutHighBias) {}

    /**
     * A row as printed, and its share of the weight.
     *
     * @param specificity absent where nobody without the condition was examined
     * @param diseased absent where not known: taken as 30, or half of all
     * @param people all of them, where it is not known how many had the condition; absent where it is, and where nothing is known
     * @param fingerprint names its content, for a change or a check
     * @param from shipped, changed or added
     * @param shipped what a changed one covers
     * @param used whether it is pooled
     */
    record StudyView(
            String source,
            int year,
            AccuracyRow.Kind kind,
            ShareView sensitivity,
            @Schema(nullable = true) ShareView specificity,
            @Schema(nullable = true) Double diseased,
            @Schema(nullable = true) Double healthy,
            @Schema(nullable = true) Double people,
            String referenceStandard,
            String population,
            String bias,
            String confidence,
            String fingerprint,
            CheckView check,
            String note,
            @Schema(allowableValues = {"shipped", "changed", "added"}) String from,
            @Schema(nullable = true) ShippedFigure shipped,
            boolean used,
            double sensitivityShare,
            double specificityShare) {}

    /** A row as it came with the program, under one of the department's. */
    record ShippedFigure(
            String source,
            int year,
            double sensitivity,
            @Schema(nullable = true) Double specificity,
            @Schema(nullable = true) Double diseased,
            @Schema(nullable = true) Double healthy,
            String bias) {}

    /**
     * A pooled value.
     *
     * @param studies how many are pooled
     * @param judgements how many opinions of the department's are pooled with them
     * @param people in the studies, as far as their sizes are known
     * @param newClinicSensitivity 95 % prediction interval
     * @param tau variances between studies and their covariance
     * @param confidenceRegion in ROC space; empty with fewer than four studies
     * @param predictionRegion in ROC space; empty with fewer than four studies
     */
    record PooledView(
            Accuracy.Method method,
            int studies,
            int judgements,
            double people,
            ShareView sensitivity,
            ShareView specificity,
            ShareView newClinicSensitivity,
            ShareView newClinicSpecificity,
            RatioView positive,
            RatioView negative,
            RatioView newClinicPositive,
            RatioView newClinicNegative,
            List<Double> tau,
            List<RocPointView> confidenceRegion,
            List<RocPointView> predictionRegion) {}

    record RocPointView(double sensitivity, double specificity) {}

    /**
     * A published cluster.
     *
     * @param atLeast positives, or points, that make it positive; absent for one that has a ratio for each count, and for a rule
     * @param points how many can be reached; absent where positives are counted
     * @param rule what it asks for in words; absent where positives or points are counted
     * @param designed whether it is the department's own and was never studied as a whole
     * @param fingerprint names its content, for a check against its source
     * @param figures its own, as weighed; absent where none were published
     * @param predicted what its members' figures would give under the department's overlaps; absent where a member has none
     */
    record ClusterLine(
            String id,
            String name,
            String condition,
            String conditionName,
            List<MemberView> members,
            @Schema(nullable = true) Double atLeast,
            @Schema(nullable = true) Double points,
            @Schema(nullable = true) String rule,
            List<Double> ratioByCount,
            String source,
            String caution,
            boolean designed,
            String fingerprint,
            CheckView check,
            @Schema(nullable = true) WorthView figures,
            @Schema(nullable = true) WorthView predicted,
            boolean rulesInOnly,
            List<String> warnings) {}

    /**
     * How far a figure has been checked against its source.
     *
     * @param words of the state; a judgement is agreed, not checked against a source
     * @param on absent where nobody has
     * @param from by whom and when it was brought in with a file; empty for one that was given here
     */
    record CheckView(
            SignOff.State state,
            String words,
            String by,
            @Schema(nullable = true) LocalDate on,
            String note,
            String from) {
        static CheckView of(SignOff signOff, boolean judgement) {
            return new CheckView(
                    signOff.state(),
                    signOff.state().words(judgement),
                    signOff.by(),
                    signOff.on(),
                    signOff.note(),
                    signOff.from());
        }
    }

    /** A rule of the workbench to be kept as the department's. */
    record NewCluster(
            String name,
            DesignRequest design,
            int atLeast,
            @Schema(nullable = true) String why,
            @Schema(nullable = true) Boolean sure) {}

    record MemberView(String criterion, String name, String family) {}

    record WorthView(double sensitivity, double specificity, double lrPositive, double lrNegative) {}

    /**
     * Criteria with figures for one condition, to be counted together.
     *
     * @param points what each earns, by criterion; those not named earn one
     */
    record DesignRequest(
            String condition,
            List<String> criteria,
            @Schema(nullable = true) Map<String, Integer> points,
            double familyOverlap,
            double generalOverlap) {
        int pointsOf(String criterion) {
            return points == null ? 1 : points.getOrDefault(criterion, 1);
        }

        /** Whether it is a score, and not a plain count. */
        boolean isScore() {
            return criteria.stream().anyMatch(c -> pointsOf(c) != 1);
        }
    }

    /** What every threshold would be worth, and the same as if no two tests had anything in common. */
    record DesignView(List<MemberFigures> members, int most, List<RuleView> rules) {}

    record MemberFigures(String criterion, String name, String family, double sensitivity, double specificity) {}

    /** A line in points or positives, and where it would lead from three base rates. */
    record RuleView(int atLeast, WorthView worth, WorthView independent, List<FromBaseRate> fromBaseRates) {}

    /** The posttest probabilities from a pretest. */
    record FromBaseRate(double pretest, double ifPositive, double ifNegative) {}
}
