package lexicor.server.standing;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;

/** A case weighed in full: the standing and, for every condition, its ledger and what each school says. */
public record Weighed(
        Standing standing,
        Map<String, List<LedgerRowView>> ledgers,
        List<SchoolView> schools,
        Method method,
        BiasView bias) {

    /** A school's probabilities by condition; {@code hasSay} is false for clusters while none is decided. */
    public record SchoolView(String id, String name, boolean hasSay, Map<String, Double> probabilities) {}

    /** How it was weighed. */
    public record Method(String school, double familyOverlap, double generalOverlap, String highBias) {}

    /**
     * What the ways to take studies at high risk of bias would make of the case.
     *
     * @param department the department's choice
     * @param ofCase the case's own; absent where it has none
     * @param changesOrder whether the order of conditions depends on the way
     */
    public record BiasView(
            String department,
            @Schema(nullable = true) String ofCase,
            boolean changesOrder,
            List<BiasResult> results) {}

    /** The conditions in order under one way. */
    public record BiasResult(String highBias, List<BiasPlace> order) {}

    /** A condition's place under one way. */
    public record BiasPlace(String condition, String name, double pretest, double posttest) {}

    /**
     * A finding or cluster and what it did for the condition.
     *
     * @param reason why the finding came out as it did
     * @param sentence what became of it, in plain words
     */
    public record LedgerRowView(
            String id,
            String kind,
            String name,
            String family,
            String result,
            String reason,
            @Schema(nullable = true) Double lrAlone,
            @Schema(nullable = true) Double lrLow,
            @Schema(nullable = true) Double lrHigh,
            @Schema(nullable = true) Double lrAdded,
            String status,
            String sentence,
            @Schema(nullable = true) String pooling,
            List<SourceView> sources) {}

    /** A study behind a figure, as printed. */
    public record SourceView(
            String source,
            int year,
            String kind,
            @Schema(nullable = true) Double sensitivity,
            @Schema(nullable = true) Double specificity,
            @Schema(nullable = true) Double diseased,
            @Schema(nullable = true) Double healthy,
            String population,
            String bias,
            String confidence,
            String signOff,
            String note) {}
}
