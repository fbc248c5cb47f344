package lexicor.core.weighing.model;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
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
    private final double[] pretests;
    private final Map<String, Explained> findings = new LinkedHashMap<>();
    private final Map<Set<String>, ConditionSets> setsWithout = new HashMap<>();
    private final FamilyMemory memory;
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
    public ExplainedFindings(double familyOverlap, double generalOverlap, double[] pretests, FamilyMemory memory) {
        this.memory = memory;
        this.familyOverlap = familyOverlap;
        this.generalOverlap = generalOverlap;
        this.pretests = pretests.clone();
    }

    /**
     * @param causes by the condition's place among the pretests; at least one has figures
     */
    public void add(String id, String family, boolean positive, Map<Integer, Cause> causes) {
        double[] logMissed = new double[pretests.length];
        causes.forEach((c, cause) -> logMissed[c] = Math.log1p(-cause.activation));
        findings.put(id, new Explained(id, family, positive, logSilent(causes), logMissed));
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
                    sum -= Math.log1p(-pretests[other.getKey()] * other.getValue().activation);
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
        if (!leftOut.isEmpty()) {
            return setsWithout.computeIfAbsent(Set.copyOf(leftOut), this::make);
        }
        if (all == null) {
            all = make(leftOut);
        }
        return all;
    }

    private ConditionSets make(Set<String> leftOut) {
        List<Explained> rest = new ArrayList<>();
        findings.values().stream().filter(f -> !leftOut.contains(f.id())).forEach(rest::add);
        Nodes nodes = Nodes.of(
                familyOverlap,
                generalOverlap,
                findings.values().stream().map(Explained::family).toList());
        return ConditionSets.of(nodes, pretests, rest, memory);
    }
}
