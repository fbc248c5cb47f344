package lexicor.core.catalogue;

import java.util.Map;

/**
 * A candidate diagnosis.
 *
 * @param pretest base rate by setting, a starting assumption until the department sets its own; strictly in (0, 1)
 * @param ruleOut probability below which it is put aside
 * @param act probability above which it is acted on
 * @param onward the usual next step, always subject to local pathways
 * @param traumaOnly whether it is only a candidate after an injury
 */
public record Condition(
        String id,
        String name,
        String region,
        String icd10,
        Map<Setting, Double> pretest,
        double ruleOut,
        double act,
        String onward,
        boolean traumaOnly) {}
