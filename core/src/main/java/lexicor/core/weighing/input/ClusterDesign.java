package lexicor.core.weighing.input;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lexicor.core.numbers.Logit;
import lexicor.core.numbers.NormalTable;
import lexicor.core.weighing.model.Nodes;

/**
 * What a k-of-n rule, or a score, would be worth (method M12): {@code P(at least k points | D)} under the joint likelihood's model, by the
 * Poisson-binomial recursion over points at each quadrature node.
 */
public final class ClusterDesign {
    /**
     * A finding of the rule.
     *
     * @param sensitivity strictly between 0 and 1
     * @param specificity strictly between 0 and 1
     * @param points that a positive earns, 1 or more
     */
    public record Member(String id, String family, double sensitivity, double specificity, int points) {
        /** One that counts once. */
        public Member(String id, String family, double sensitivity, double specificity) {
            this(id, family, sensitivity, specificity, 1);
        }
    }

    /**
     * One line's accuracy.
     *
     * @param atLeast so many points, of members that count once so many positives
     */
    public record Rule(int atLeast, double sensitivity, double specificity, double lrPositive, double lrNegative) {}

    /** A member as one of the hypotheses has it. */
    private record Earner(double threshold, int points) {}

    private ClusterDesign() {}

    /** The rules for every line that can be reached exactly, the lowest first; of members that count once, from 1 to their number. */
    public static List<Rule> rules(List<Member> members, double familyOverlap, double generalOverlap) {
        Nodes nodes = Nodes.of(familyOverlap, generalOverlap, members.size());
        double[] ifPresent = counts(nodes, members, true);
        double[] ifAbsent = counts(nodes, members, false);
        List<Rule> rules = new ArrayList<>();
        double sensitivity = 0;
        double falsePositive = 0;
        double missed = 1;
        double specificity = 1;
        for (int k = ifPresent.length - 1; k >= 1; k--) {
            if (ifPresent[k] == 0) {
                continue;
            }
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
        Map<String, List<Earner>> byFamily = new LinkedHashMap<>();
        members.forEach(m -> byFamily.computeIfAbsent(m.family(), f -> new ArrayList<>())
                .add(new Earner(threshold(m, present), m.points())));
        double[] total = new double[members.stream().mapToInt(Member::points).sum() + 1];
        for (int i = 0; i < nodes.outer; i++) {
            double[] atNode = {1};
            for (List<Earner> family : byFamily.values()) {
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

    /** By points, how probable so many are from one family at a node of the general factor. */
    private static double[] familyCounts(Nodes general, List<Earner> members, int outer) {
        Nodes nodes = general.forFamilyOf(members.size());
        double[] total = new double[members.stream().mapToInt(Earner::points).sum() + 1];
        for (int j = 0; j < nodes.inner; j++) {
            double[] atNode = {1};
            for (Earner m : members) {
                double p = NormalTable.cdf(m.threshold * nodes.scale + nodes.shift[outer * nodes.inner + j]);
                double[] earned = new double[m.points() + 1];
                earned[0] = 1 - p;
                earned[m.points()] = p;
                atNode = convolve(atNode, earned);
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
