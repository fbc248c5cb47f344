package lexicor.core.weighing.model;

import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.stream.Collectors;

/**
 * Findings that several conditions can turn positive, and how probable each condition is given them (method M17).
 *
 * <p>Built up finding by finding, then asked; what is asked is worked out once.
 */
public final class ExplainedFindings {
    private static final double LEAST_BACKGROUND = 0.001;

    private final double familyOverlap;
    private final double generalOverlap;
    private final int[] conditions;
    private final List<Double> pretests;
    private final Map<String, Map<Integer, Cause>> byFinding = new HashMap<>();
    private final Map<String, Explained> findings = new LinkedHashMap<>();
    private final SetsMemory memory;
    private ConditionSets all;

    /**
     * A condition that changes how often a finding is positive.
     *
     * @param activation how often it turns it positive where nothing else would (lambda)
     * @param spared how much rarer it makes it (rho), from above 0 to 1; 1 where it does not
     * @param logSpecificity {@code ln Sp} of its figures; NaN where nobody has published any
     */
    public record Cause(double activation, double spared, double logSpecificity) {
        public static Cause assumed(double activation) {
            return new Cause(activation, 1, Double.NaN);
        }

        public boolean hasFigures() {
            return !Double.isNaN(logSpecificity);
        }
    }

    /**
     * @param conditions places in the case of the conditions considered, rising
     * @param pretests of those, each strictly between 0 and 1
     * @param memory what was worked out before for the same case
     */
    public ExplainedFindings(
            double familyOverlap, double generalOverlap, int[] conditions, double[] pretests, SetsMemory memory) {
        this.memory = memory;
        this.familyOverlap = familyOverlap;
        this.generalOverlap = generalOverlap;
        this.conditions = conditions;
        this.pretests = Arrays.stream(pretests).boxed().toList();
    }

    /**
     * @param causes by the condition's place among those considered; at least one has figures
     */
    public void add(String id, String family, boolean positive, SortedMap<Integer, Cause> causes) {
        int[] places = causes.keySet().stream().mapToInt(c -> conditions[c]).toArray();
        double[] logMissed = causes.values().stream()
                .mapToDouble(c -> Math.log1p(-c.activation))
                .toArray();
        double[] logSpared =
                causes.values().stream().mapToDouble(c -> Math.log(c.spared)).toArray();
        findings.put(id, new Explained(id, family, positive, logSilent(causes), places, logMissed, logSpared));
        byFinding.put(id, causes);
    }

    /**
     * {@code ln(1 - b)}: people without the condition had the others at base rate, so that what those turn positive is taken out of
     * the background, and what they make rarer is put back; with several figures, the mean of what each says.
     */
    private double logSilent(Map<Integer, Cause> causes) {
        double sum = 0;
        int figures = 0;
        for (Map.Entry<Integer, Cause> with : causes.entrySet()) {
            if (!with.getValue().hasFigures()) {
                continue;
            }
            figures++;
            double rarer = 1;
            for (Map.Entry<Integer, Cause> other : causes.entrySet()) {
                if (!other.getKey().equals(with.getKey())) {
                    double pretest = pretests.get(other.getKey());
                    sum -= Math.log1p(-pretest * other.getValue().activation);
                    rarer *= 1 - pretest * (1 - other.getValue().spared);
                }
            }
            double logSpecificity = with.getValue().logSpecificity;
            sum += rarer < 1
                    ? Math.log(Math.max(LEAST_BACKGROUND, 1 + Math.expm1(logSpecificity) / rarer))
                    : logSpecificity;
        }
        double background = -Math.expm1(sum / figures);
        return Math.log1p(-Math.min(1 - LEAST_BACKGROUND, Math.max(LEAST_BACKGROUND, background)));
    }

    /** {@code logit J}: that the condition is among those that are there, some findings left out. */
    public double logit(int condition, Set<String> leftOut) {
        return without(leftOut).logit(condition);
    }

    /** The same with one finding more left out, which the condition is a cause of. */
    public double logitWithout(String finding, int condition, Set<String> leftOut) {
        return without(leftOut).logitWithout(findings.get(finding), condition);
    }

    /** {@code logit J} given that another condition is absent. */
    public double logitIfAbsent(int absent, int condition, Set<String> leftOut) {
        return without(leftOut).logitIfAbsent(absent, condition);
    }

    /**
     * {@code ln} of a condition's odds with and without some of the findings that it is a cause of, others left out: nearly, for much
     * less than exactly.
     *
     * @return by finding, each within {@link #nearlyWithin} of what is exact, and where it is large within that share of it
     */
    public Map<String, Double> nearlyAdded(Collection<String> some, int condition, Set<String> leftOut) {
        NearSets rest = sets().near();
        for (String finding : leftOut) {
            rest = rest.without(findings.get(finding));
        }
        List<Explained> asked = some.stream().map(findings::get).toList();
        double[] nearly = rest.logAdded(asked, condition);
        Map<String, Double> added = new HashMap<>();
        for (int f = 0; f < nearly.length; f++) {
            added.put(asked.get(f).id(), nearly[f]);
        }
        return added;
    }

    /**
     * By how much {@link #nearlyAdded} may be out, the more the more findings are left out. In some ten thousand made-up cases it was
     * out by 0.011 at most; findings that overlap more than usual were out by four times that now and then, so that it says nothing of
     * those.
     */
    public double nearlyWithin(Set<String> leftOut) {
        boolean usual = familyOverlap <= 0.45 && generalOverlap <= 0.2;
        return usual ? 0.03 * (1 + leftOut.size()) : Double.POSITIVE_INFINITY;
    }

    /** By how much a condition turns a finding positive; 0 for one that does not. */
    public double activation(String finding, int condition) {
        return Optional.ofNullable(byFinding.get(finding))
                .map(causes -> causes.get(condition))
                .map(Cause::activation)
                .orElse(0.0);
    }

    private ConditionSets without(Set<String> leftOut) {
        return sets().without(leftOut.stream().map(findings::get).collect(Collectors.toSet()));
    }

    private ConditionSets sets() {
        if (all == null) {
            all = memory.sets(
                    Nodes.of(familyOverlap, generalOverlap, findings.size()),
                    conditions,
                    pretests,
                    List.copyOf(findings.values()));
        }
        return all;
    }
}
