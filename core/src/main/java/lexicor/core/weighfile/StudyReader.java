package lexicor.core.weighfile;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.document.Entry;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Pooling;
import lexicor.core.evidence.Study;

/** Reads rows of accuracy: four cells, two of them alone, or sensitivity, specificity and group sizes (method M1). */
final class StudyReader {
    private static final double MAX_CELL = 1e9;
    private static final Map<String, Boolean> HIGH_RISK = Map.of("low", false, "unclear", false, "high", true);

    private final HighBias highBias;

    StudyReader(HighBias highBias) {
        this.highBias = highBias;
    }

    /** Rows that name their condition, pooled for each. */
    Map<String, Evidence> byCondition(Entry entry, Set<String> conditions) {
        Map<String, List<Study>> rows = new LinkedHashMap<>();
        for (Entry row : entry.children("accuracy")) {
            String condition = row.text("condition");
            if (!conditions.contains(condition)) {
                throw row.problem("condition", "there is no condition " + condition);
            }
            rows.computeIfAbsent(condition, c -> new ArrayList<>()).add(study(row));
        }
        Map<String, Evidence> pooled = new LinkedHashMap<>();
        rows.forEach((condition, studies) -> pooled.put(condition, Pooling.pool(studies, highBias)));
        return pooled;
    }

    /** Rows without a condition, pooled as one. */
    Map<String, Evidence> forCondition(Entry entry, String condition) {
        List<Study> studies = entry.each("accuracy", StudyReader::study);
        return studies.isEmpty() ? Map.of() : Map.of(condition, Pooling.pool(studies, highBias));
    }

    static Study study(Entry row) {
        boolean counts = row.has("tp") | row.has("fn") | row.has("fp") | row.has("tn");
        boolean proportions =
                row.has("sensitivity") | row.has("specificity") | row.has("diseased") | row.has("healthy");
        if (counts && proportions) {
            throw row.problem(
                    "tp", "expected either tp, fn, fp, tn or sensitivity, specificity, diseased, healthy, found both");
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
        return EvidenceBase.study(
                new Figures(
                        sensitivity.getAsDouble(),
                        row.optionalNumber("specificity", 0, 1),
                        size(row, "diseased"),
                        size(row, "healthy")),
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
