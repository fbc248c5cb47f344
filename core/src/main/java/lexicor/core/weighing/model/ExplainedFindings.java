package lexicor.core.weighing.model;

import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Findings that several conditions can turn positive, and how probable each condition is given them (method M17).
 *
 * <p>Built up finding by finding, then asked; what is asked is worked out once.
 */
public final class ExplainedFindings {
    private static final double LEAST_BACKGROUND = 0.001;

    private final double familyOverlap;
    private final double generalOverlap;
    private final List<Double> pretests;
    private final Map<String, Explained> findings = new LinkedHashMap<>();
    private final Map<Set<String>, ConditionSets> setsWithout = new HashMap<>();
    private final SetsMemory memory;
    private ConditionSets all;

    /**
     * A condition that turns a finding positive.
     *
     * @param activation how often it does where nothing else would (lambda)
     * @param logSpecificity {@code ln Sp} of its figures; NaN where nobody has published any
     */
    public record Cause(double activation, double logSpecificity) {
        public static Cause withFigures(double activation, double logSpecificity) {
            return new Cause(activation, logSpecificity);
        }

        public static Cause assumed(double activation) {
            return new Cause(activation, Double.NaN);
        }

        public boolean hasFigures() {
            return !Double.isNaN(logSpecificity);
        }
    }

    /**
     * @param pretests of the conditions, each strictly between 0 and 1
     * @param memory what was worked out before for the same case
     */
    public ExplainedFindings(double familyOverlap, double generalOverlap, double[] pretests, SetsMemory memory) {
        this.memory = memory;
        this.familyOverlap = familyOverlap;
        this.generalOverlap = generalOverlap;
        this.pretests = Arrays.stream(pretests).boxed().toList();
    }

    /**
     * @param causes by the condition's place among the pretests; at least one has figures
     */
    public void add(String id, String family, boolean positive, Map<Integer, Cause> causes) {
        double[] logMissed = new double[pretests.size()];
        causes.forEach((c, cause) -> logMissed[c] = Math.log1p(-cause.activation));
        int set = causes.keySet().stream().reduce(0, (others, c) -> others | 1 << c);
        findings.put(id, new Explained(id, family, positive, logSilent(causes), logMissed, set));
    }

    /**
     * {@code ln(1 - b)}: people without the condition had the others at base rate, so that what those turn positive is taken out of
     * the background; with several figures, the mean of what each says.
     */
    private double logSilent(Map<Integer, Cause> causes) {
        double sum = 0;
        int figures = 0;
        for (Map.Entry<Integer, Cause> with : causes.entrySet()) {
            if (!with.getValue().hasFigures()) {
                continue;
            }
            figures++;
            sum += with.getValue().logSpecificity;
            for (Map.Entry<Integer, Cause> other : causes.entrySet()) {
                if (!other.getKey().equals(with.getKey())) {
                    sum -= Math.log1p(-pretests.get(other.getKey()) * other.getValue().activation);
                }
            }
        }
        double background = -Math.expm1(sum / figures);
        return Math.log1p(-Math.min(1 - LEAST_BACKGROUND, Math.max(LEAST_BACKGROUND, background)));
    }

    /** {@code logit J}: that the condition is among those that are there, some findings left out. */
    public double logit(int condition, Set<String> leftOut) {
        return sets(leftOut).logit(condition);
    }

    /** The same with one finding more left out. */
    public double logitWithout(String finding, int condition, Set<String> leftOut) {
        return sets(leftOut).logitWithout(findings.get(finding), condition);
    }

    /** {@code logit J} given that another condition is absent. */
    public double logitIfAbsent(int absent, int condition, Set<String> leftOut) {
        return sets(leftOut).logitIfAbsent(absent, condition);
    }

    /** By how much a condition turns a finding positive; 0 for one that does not. */
    public double activation(String finding, int condition) {
        return Optional.ofNullable(findings.get(finding))
                .map(f -> -Math.expm1(f.logMissed()[condition]))
                .orElse(0.0);
    }

    private ConditionSets sets(Set<String> leftOut) {
        if (leftOut.isEmpty()) {
            if (all == null) {
                all = memory.sets(
                        Nodes.of(
                                familyOverlap,
                                generalOverlap,
                                findings.values().stream()
                                        .map(Explained::family)
                                        .toList()),
                        pretests,
                        List.copyOf(findings.values()));
            }
            return all;
        }
        Set<String> key = Set.copyOf(leftOut);
        ConditionSets known = setsWithout.get(key);
        if (known == null) {
            // One more than what was left out before, as a rule.
            String one = leftOut.stream().reduce((a, b) -> b).orElseThrow();
            Set<String> others = new LinkedHashSet<>(leftOut);
            others.remove(one);
            known = sets(others).without(findings.get(one));
            setsWithout.put(key, known);
        }
        return known;
    }
}
