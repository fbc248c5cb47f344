package lexicor.core.catalogue;

import java.util.Map;
import java.util.Optional;

/**
 * A candidate diagnosis.
 *
 * @param shortName its name where there is little room
 * @param pretest base rate by setting, a starting assumption until the department sets its own; strictly in (0, 1)
 * @param ruleOut probability below which it is put aside
 * @param act probability above which it is acted on
 * @param onward the usual next step, always subject to local pathways
 * @param traumaOnly whether it is only a candidate after an injury
 * @param properName whether its name begins with a proper name
 * @param mustNotMiss whether bedside tests alone never put it aside (method M11)
 */
public record Condition(
        String id,
        String name,
        Optional<String> shortName,
        String region,
        String icd10,
        Map<Setting, Double> pretest,
        double ruleOut,
        double act,
        String onward,
        boolean traumaOnly,
        boolean mustNotMiss,
        boolean properName) {
    /** The name in the middle of a sentence. */
    public String midSentence() {
        return properName || name.length() < 2 || Character.isUpperCase(name.charAt(1))
                ? name
                : Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }
}
