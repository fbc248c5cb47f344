package lexicor.server.catalogue;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.TestSet;
import lexicor.core.examination.pads.Pad;
import lexicor.core.planning.Stage;
import lexicor.core.weighing.input.Suspicion;

/** The catalogue as the browser needs it. */
public record CatalogueView(
        List<TestView> tests,
        List<ConditionView> conditions,
        List<ComplaintView> complaints,
        List<HistoryItemView> history,
        List<WarningView> warnings,
        List<TestSet> sets,
        List<ChoiceView<String>> precautions,
        List<ChoiceView<AgeBand>> ageBands,
        List<ChoiceView<Setting>> settings,
        List<ChoiceView<Suspicion>> suspicions,
        RegrowthNotesView regrowth) {

    /** What is offered to say which nerve was tapped, from where it was measured, and how the limb lay. */
    public record RegrowthNotesView(
            String test, List<String> nerves, List<String> landmarks, List<String> limbPositions) {}

    /**
     * A test with what there is to tap, one board for each of its places.
     *
     * @param informs conditions for which the packs have figures, or a cluster, that use the test
     */
    public record TestView(
            String id,
            String name,
            String shortName,
            List<String> aliases,
            String region,
            String kind,
            Stage stage,
            String family,
            String position,
            double minutes,
            int provocation,
            @Schema(nullable = true) Integer holdSeconds,
            boolean bothSides,
            List<String> steps,
            List<CriterionView> criteria,
            List<BoardView> boards,
            List<String> unreliableIf,
            List<String> watchFor,
            List<String> contraindications,
            List<String> after,
            List<VariantView> variants,
            List<NoteView> notes,
            List<String> informs) {}

    /** An observation that can be ticked for the record and weighs nothing. */
    public record NoteView(String id, String label) {}

    /** A school's own way to do a test, with the position and hold time that it then has. */
    public record VariantView(
            String name, String note, String position, @Schema(nullable = true) Integer holdSeconds) {}

    public record CriterionView(String id, String label, String at) {}

    public record BoardView(String at, String label, List<PadView> pads, List<DialView> dials) {}

    /** A pad and the leaves it sets: truth values, codes, several codes that are added or taken out, and numbers. */
    public record PadView(String id, String label, String hint, Pad.Group group, Map<String, Object> sets) {}

    public record DialView(
            String leaf,
            String label,
            String unit,
            double low,
            double high,
            double step,
            List<Double> quick,
            boolean decides) {}

    public record ConditionView(
            String id,
            String name,
            String shortName,
            String region,
            Map<String, Double> baseRates,
            double ruleOut,
            double act,
            String onward,
            boolean traumaOnly,
            boolean mustNotMiss) {}

    /** @param baseRates for this complaint by condition and setting, in place of the condition's own */
    public record ComplaintView(
            String id,
            String name,
            List<String> regions,
            List<String> candidates,
            Map<String, Map<String, Double>> baseRates,
            boolean injury,
            List<String> hurts) {}

    public record HistoryItemView(
            String id,
            String ask,
            boolean finding,
            boolean fromAgeBand,
            boolean injury,
            Map<String, Integer> notches,
            List<String> informs) {}

    public record WarningView(String id, String when, String message, boolean discreet) {}

    /**
     * One of a fixed list.
     *
     * @param factor what a notch of suspicion multiplies the odds by; absent elsewhere
     */
    public record ChoiceView<T>(T id, String label, @Schema(nullable = true) Double factor) {}
}
