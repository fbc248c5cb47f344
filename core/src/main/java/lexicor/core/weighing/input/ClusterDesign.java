package lexicor.core.weighing.input;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lexicor.core.numbers.Logit;
import lexicor.core.numbers.NormalTable;
import lexicor.core.weighing.model.Nodes;

/**
 * What a k-of-n rule would be worth (method M12): {@code P(at least k positive | D)} under the joint likelihood's model,
 * by the Poisson-binomial recursion at each quadrature node.
 */
public final class ClusterDesign {
    /**
     * A finding of the rule.
     *
     * @param sensitivity strictly between 0 and 1
     * @param specificity strictly between 0 and 1
     */
    public record Member(String id, String family, double sensitivity, double specificity) {}

    /** One threshold's accuracy. */
    public record Rule(int atLeast, double sensitivity, double specificity, double lrPositive, double lrNegative) {}

    private ClusterDesign() {}

    /** The rules for every threshold from 1 to the number of members. */
    public static List<Rule> rules(List<Member> members, double familyOverlap, double generalOverlap) {
        Nodes nodes = Nodes.of(familyOverlap, generalOverlap, members.size());
        double[] ifPresent = counts(nodes, members, true);
        double[] ifAbsent = counts(nodes, members, false);
        List<Rule> rules = new ArrayList<>();
        double sensitivity = 0;
        double falsePositive = 0;
        double missed = 1;
        double specificity = 1;
        for (int k = members.size(); k >= 1; k--) {
            sensitivity += ifPresent[k];
            falsePositive += ifAbsent[k];
            missed = below(ifPresent, k);
            specificity = below(ifAbsent, k);
            rules.add(0, new Rule(k, sensitivity, specificity, sensitivity / falsePositive, missed / specificity));
        }
        return List.copyOf(rules);
    }

    private static double below(double[] counts, int k) {
        double sum = 0;
        for (int i = 0; i < k; i++) {
            sum += counts[i];
        }
        return sum;
    }

    private static double[] counts(Nodes nodes, List<Member> members, boolean present) {
        Map<String, List<Double>> byFamily = new LinkedHashMap<>();
        members.forEach(m ->
                byFamily.computeIfAbsent(m.family(), f -> new ArrayList<>()).add(threshold(m, present)));
        double[] total = new double[members.size() + 1];
        for (int i = 0; i < nodes.outer; i++) {
            double[] atNode = {1};
            for (List<Double> family : byFamily.values()) {
                atNode = convolve(atNode, familyCounts(nodes, family, i));
            }
            for (int k = 0; k < atNode.length; k++) {
                total[k] += nodes.outerWeight[i] * atNode[k];
            }
        }
        return total;
    }

    /** {@code Φ^-1} of the chance of a positive. */
    private static double threshold(Member m, boolean present) {
        return NormalTable.probit(present ? Logit.of(m.sensitivity()) : -Logit.of(m.specificity()));
    }

    private static double[] familyCounts(Nodes general, List<Double> thresholds, int outer) {
        Nodes nodes = general.forFamilyOf(thresholds.size());
        double[] total = new double[thresholds.size() + 1];
        for (int j = 0; j < nodes.inner; j++) {
            double[] atNode = {1};
            for (double threshold : thresholds) {
                double p = NormalTable.cdf(threshold * nodes.scale + nodes.shift[outer * nodes.inner + j]);
                atNode = convolve(atNode, new double[] {1 - p, p});
            }
            for (int k = 0; k < atNode.length; k++) {
                total[k] += nodes.innerWeight[j] * atNode[k];
            }
        }
        return total;
    }

    private static double[] convolve(double[] a, double[] b) {
        double[] sum = new double[a.length + b.length - 1];
        for (int i = 0; i < a.length; i++) {
            for (int j = 0; j < b.length; j++) {
                sum[i + j] += a[i] * b[j];
            }
        }
        return sum;
    }
}
