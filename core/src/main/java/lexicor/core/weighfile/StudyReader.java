package lexicor.core.weighfile;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.catalogue.published.HowOften;
import lexicor.core.document.Entry;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Judgements;
import lexicor.core.evidence.Pooling;
import lexicor.core.evidence.Study;

/** Reads rows of accuracy: four cells, two of them alone, or sensitivity, specificity and group sizes (method M1). */
final class StudyReader {
    private static final double MAX_CELL = 1e9;
    private static final Map<String, HowOften> HOW_OFTEN =
            Arrays.stream(HowOften.values()).collect(Collectors.toMap(HowOften::words, Function.identity()));
    private static final Map<String, Boolean> HIGH_RISK = Map.of("low", false, "unclear", false, "high", true);

    private final HighBias highBias;
    private final Judgements judgements;

    StudyReader(HighBias highBias, Judgements judgements) {
        this.highBias = highBias;
        this.judgements = judgements;
    }

    /** Rows that name their condition, pooled for each; a judgement where there is no study to weigh with (method M24). */
    Map<String, Evidence> byCondition(Entry entry, Set<String> conditions) {
        Map<String, List<Study>> rows = new LinkedHashMap<>();
        Map<String, Evidence> judged = new LinkedHashMap<>();
        for (Entry row : entry.children("accuracy")) {
            String condition = row.text("condition");
            if (!conditions.contains(condition)) {
                throw row.problem("condition", "there is no condition " + condition);
            }
            if (!row.has("judged")) {
                rows.computeIfAbsent(condition, c -> new ArrayList<>()).add(study(row));
            } else if (judged.put(condition, judged(row)) != null) {
                throw row.problem("judged", "expected one judgement for " + condition);
            }
        }
        Map<String, Evidence> pooled = new LinkedHashMap<>();
        rows.forEach((condition, studies) -> pooled.put(condition, Pooling.pool(studies, highBias)));
        judged.forEach((condition, judgement) ->
                pooled.merge(condition, judgement, (a, b) -> a instanceof Evidence.Weighable ? a : b));
        return pooled;
    }

    private Evidence judged(Entry row) {
        Entry words = row.child("judged");
        HowOften with = words.oneOf("with", HOW_OFTEN);
        HowOften without = words.oneOf("without", HOW_OFTEN);
        words.done();
        row.done();
        return judgements == Judgements.LEFT_OUT
                ? new Evidence.LeftOut()
                : new Evidence.Weighable(Accuracy.judged(with.share(), without.share()));
    }

    /** Rows without a condition, pooled as one. */
    Map<String, Evidence> forCondition(Entry entry, String condition) {
        List<Study> studies = entry.each("accuracy", StudyReader::study);
        return studies.isEmpty() ? Map.of() : Map.of(condition, Pooling.pool(studies, highBias));
    }

    static Study study(Entry row) {
        boolean counts = row.has("tp") | row.has("fn") | row.has("fp") | row.has("tn");
        boolean proportions = row.has("sensitivity")
                | row.has("specificity")
                | row.has("diseased")
                | row.has("healthy")
                | row.has("people");
        if (counts && proportions) {
            throw row.problem(
                    "tp", "expected either tp, fn, fp, tn or sensitivity, specificity and group sizes, found both");
        }
        boolean highRisk = row.oneOf("bias", HIGH_RISK, false);
        Study study = counts ? fromCounts(row, highRisk) : fromProportions(row, highRisk);
        row.done();
        return study;
    }

    private static Study fromCounts(Entry row, boolean highRisk) {
        double tp = row.number("tp", 0, MAX_CELL);
        double fn = row.number("fn", 0, MAX_CELL);
        if (tp + fn == 0) {
            throw row.problem("tp", "expected at least one person with the condition (tp + fn above 0)");
        }
        if (!row.has("fp") && !row.has("tn")) {
            // Nobody without the condition: a sensitivity alone (method M1).
            return new Study.SensitivityOnly(tp, fn, highRisk, false);
        }
        double fp = row.number("fp", 0, MAX_CELL);
        double tn = row.number("tn", 0, MAX_CELL);
        if (fp + tn == 0) {
            throw row.problem("tn", "expected at least one person without the condition (fp + tn above 0)");
        }
        return new Study.TwoByTwo(tp, fn, fp, tn, highRisk, false);
    }

    private static Study fromProportions(Entry row, boolean highRisk) {
        OptionalDouble sensitivity = row.optionalNumber("sensitivity", 0, 1);
        if (sensitivity.isEmpty()) {
            throw row.problem(
                    "sensitivity",
                    row.has("specificity")
                            ? "missing; a specificity alone gives no likelihood ratio"
                            : "missing; expected tp, fn, fp, tn or sensitivity, specificity, diseased, healthy");
        }
        OptionalDouble people = size(row, "people");
        OptionalDouble diseased = size(row, "diseased");
        OptionalDouble healthy = size(row, "healthy");
        if (people.isPresent() && diseased.orElse(0) + healthy.orElse(0) > people.getAsDouble()) {
            throw row.problem("people", "expected at least as many as diseased and healthy together");
        }
        return EvidenceBase.study(
                new Figures(
                        sensitivity.getAsDouble(), row.optionalNumber("specificity", 0, 1), diseased, healthy, people),
                highRisk);
    }

    private static OptionalDouble size(Entry row, String field) {
        OptionalDouble size = row.optionalNumber(field, 0, MAX_CELL);
        if (size.isPresent() && size.getAsDouble() == 0) {
            throw row.problem(field, "expected a group of more than 0 people");
        }
        return size;
    }
}
