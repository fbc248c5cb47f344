package lexicor.core.weighing.model;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * {@code P(S | results)} over all sets S of a few conditions, by enumeration (method M17). What is asked is worked out once.
 */
final class ConditionSets {
    /** A family that asks about so much fewer sets is best added up by those before anything else. */
    private static final int FEW = 8;

    private final At at;
    private final List<FamilyOfSets> families;
    /** Prior, the node's weight and all shares multiplied, up to one factor. */
    private final Joint joint;
    /** Null where they were not made of others by one more finding. */
    private final Grown grown;

    private final Map<Set<Explained>, ConditionSets> withFewer = new ConcurrentHashMap<>();
    private final Map<Explained, double[]> sumsWithout = new ConcurrentHashMap<>();
    private final Map<FamilyOfSets, Joint> jointByCauses = new ConcurrentHashMap<>();
    private NearSets near;

    private record Grown(ConditionSets of, Explained by) {}

    /**
     * What stays the same with one more finding.
     *
     * @param conditions places in the case of the conditions considered
     * @param ratios by a family and what of it is left out, what the rest comes to as a ratio to the whole
     */
    private record At(Nodes nodes, SetsMemory memory, int[] conditions, Map<Rest, double[][]> ratios) {
        FamilyOfSets family(List<Explained> findings) {
            return new FamilyOfSets(memory.table(nodes, findings), conditions);
        }
    }

    private record Rest(List<Explained> family, List<Explained> left) {}

    private ConditionSets(At at, List<FamilyOfSets> families, Joint joint, Grown grown) {
        this.at = at;
        this.families = families;
        this.joint = joint;
        this.grown = grown;
    }

    /**
     * @param conditions places in the case of the conditions considered, rising
     * @param pretests by condition, each strictly between 0 and 1
     */
    static ConditionSets of(
            Nodes nodes, int[] conditions, List<Double> pretests, List<Explained> findings, SetsMemory memory) {
        Map<String, List<Explained>> byFamily = new LinkedHashMap<>();
        findings.forEach(f ->
                byFamily.computeIfAbsent(f.family(), k -> new ArrayList<>()).add(f));
        At at = new At(nodes, memory, conditions, new ConcurrentHashMap<>());
        List<FamilyOfSets> families = byFamily.values().stream().map(at::family).toList();
        return new ConditionSets(at, families, Joint.of(nodes, prior(pretests), families), null);
    }

    /** By set, how probable it is that exactly those conditions are there. */
    private static double[] prior(List<Double> pretests) {
        double[] prior = new double[1 << pretests.size()];
        prior[0] = 1;
        for (int c = 0; c < pretests.size(); c++) {
            double p = pretests.get(c);
            for (int others = 0; others < 1 << c; others++) {
                prior[others | 1 << c] = prior[others] * p;
                prior[others] *= 1 - p;
            }
        }
        return prior;
    }

    /** The same with one more finding. */
    ConditionSets with(Explained further) {
        List<FamilyOfSets> changed = new ArrayList<>(families);
        List<Explained> findings = new ArrayList<>();
        FamilyOfSets old = null;
        for (FamilyOfSets family : families) {
            if (family.findings.get(0).family().equals(further.family())) {
                old = family;
                findings.addAll(family.findings);
                changed.remove(family);
            }
        }
        findings.add(further);
        FamilyOfSets larger = at.family(findings);
        changed.add(larger);
        return new ConditionSets(at, changed, joint.times(joint.ratio(larger, old)), new Grown(this, further));
    }

    /** The same at a few nodes, for what is decided by a wide margin. */
    synchronized NearSets near() {
        if (near == null) {
            near = grown == null
                    ? NearSets.of(at.nodes, at.memory, at.conditions, families, joint)
                    : grown.of.near().with(grown.by);
        }
        return near;
    }

    /** The same without some of its findings. */
    ConditionSets without(Set<Explained> leftOut) {
        return leftOut.isEmpty() ? this : withFewer.computeIfAbsent(leftOut, this::leavingOut);
    }

    private ConditionSets leavingOut(Set<Explained> leftOut) {
        List<FamilyOfSets> changed = new ArrayList<>();
        Joint rest = joint;
        for (FamilyOfSets family : families) {
            List<Explained> left =
                    family.findings.stream().filter(f -> !leftOut.contains(f)).toList();
            FamilyOfSets smaller = family;
            if (left.size() < family.findings.size()) {
                smaller = left.isEmpty() ? null : at.family(left);
                rest = rest.times(ratio(family, smaller));
            }
            if (smaller != null) {
                changed.add(smaller);
            }
        }
        return new ConditionSets(at, changed, rest, null);
    }

    /** What a family comes to as a ratio to itself when some of it is left out. */
    private double[][] ratio(FamilyOfSets family, FamilyOfSets left) {
        Rest key = new Rest(family.findings, left == null ? List.of() : left.findings);
        return at.ratios.computeIfAbsent(key, r -> joint.ratio(left, family));
    }

    /** {@code logit J}: that the condition is among those that are there. */
    double logit(int condition) {
        return logit(joint.sum, 1 << condition, 0);
    }

    /** {@code logit J} of a condition given that another is absent. */
    double logitIfAbsent(int absent, int condition) {
        return logit(joint.sum, 1 << condition, 1 << absent);
    }

    /**
     * {@code logit J} without one of the findings.
     *
     * @param condition one that the finding asks about
     */
    double logitWithout(Explained finding, int condition) {
        FamilyOfSets family = familyOf(finding);
        double[] sums = sumsWithout.computeIfAbsent(finding, f -> sumsWithout(family, f));
        return logit(sums, asksAboutFew(family) ? family.causes[1 << condition] : 1 << condition, 0);
    }

    /** Whether what is left without a finding is found exactly for little. */
    boolean asksAboutFew(Explained finding) {
        return asksAboutFew(familyOf(finding));
    }

    private boolean asksAboutFew(FamilyOfSets family) {
        return family.table.row.length * FEW <= joint.sets();
    }

    private FamilyOfSets familyOf(Explained finding) {
        return families.stream()
                .filter(f -> f.findings.contains(finding))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("not a finding of these sets: " + finding.id()));
    }

    /** By set, or by set of the family's causes where those are few: they are added up before anything else then. */
    private double[] sumsWithout(FamilyOfSets family, Explained finding) {
        List<Explained> left =
                family.findings.stream().filter(f -> !f.equals(finding)).toList();
        if (!asksAboutFew(family)) {
            return joint.sums(ratio(family, left.isEmpty() ? null : at.family(left)));
        }
        int[] causes = family.table.causes;
        Joint byCauses = jointByCauses.computeIfAbsent(family, f -> joint.by(f.causes, f.table.row.length));
        FamilyOfSets own = new FamilyOfSets(family.table, causes);
        return byCauses.sums(
                byCauses.ratio(left.isEmpty() ? null : new FamilyOfSets(at.memory.table(at.nodes, left), causes), own));
    }

    /**
     * @param with the condition, as a set of it alone
     * @param absent conditions that are not there
     */
    private static double logit(double[] bySet, int with, int absent) {
        double there = 0;
        double notThere = 0;
        for (int set = 0; set < bySet.length; set++) {
            if ((set & absent) == 0) {
                if ((set & with) == 0) {
                    notThere += bySet[set];
                } else {
                    there += bySet[set];
                }
            }
        }
        return Math.log(there) - Math.log(notThere);
    }
}
