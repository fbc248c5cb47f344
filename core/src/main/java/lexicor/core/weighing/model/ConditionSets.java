package lexicor.core.weighing.model;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
    /** Prior, the node's weight and all shares multiplied, up to one factor; with what was left out. */
    private final Joint joint;
    /** What that is multiplied by for what was left out. */
    private final List<double[][]> changes;
    /** Null where they were not made of others by one more finding. */
    private final Grown grown;

    private final Map<Set<Explained>, ConditionSets> withFewer = new ConcurrentHashMap<>();
    private final Map<Explained, double[]> sumsWithout = new ConcurrentHashMap<>();
    private final Map<FamilyOfSets, Joint> jointByCauses = new ConcurrentHashMap<>();
    private double[] sums;
    private NearSets near;

    private record Grown(ConditionSets of, Explained by) {}

    /**
     * What stays the same with one more finding.
     *
     * @param conditions places in the case of the conditions considered
     * @param families by their findings
     * @param ratios by a family and what of it is left, what that comes to as a ratio to the whole
     */
    private record At(
            Nodes nodes,
            SetsMemory memory,
            int[] conditions,
            Map<List<Explained>, Optional<FamilyOfSets>> families,
            Map<Rest, double[][]> ratios) {
        /** Empty where there is no finding. */
        Optional<FamilyOfSets> family(List<Explained> findings) {
            return families.computeIfAbsent(
                    findings,
                    f -> f.isEmpty()
                            ? Optional.empty()
                            : Optional.of(new FamilyOfSets(memory.table(nodes, f), conditions)));
        }
    }

    private record Rest(List<Explained> family, List<Explained> left) {}

    private ConditionSets(At at, List<FamilyOfSets> families, Joint joint, List<double[][]> changes, Grown grown) {
        this.at = at;
        this.families = families;
        this.joint = joint;
        this.changes = changes;
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
        At at = new At(nodes, memory, conditions, new ConcurrentHashMap<>(), new ConcurrentHashMap<>());
        List<FamilyOfSets> families =
                byFamily.values().stream().map(f -> at.family(f).orElseThrow()).toList();
        return new ConditionSets(at, families, Joint.of(nodes, prior(pretests), families), List.of(), null);
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
        FamilyOfSets larger = at.family(findings).orElseThrow();
        changed.add(larger);
        return new ConditionSets(at, changed, joint.times(joint.ratio(larger, old)), changes, new Grown(this, further));
    }

    /** The same at a few nodes, for what is decided by a wide margin; asked where nothing was left out. */
    synchronized NearSets near() {
        if (near == null) {
            near = grown == null
                    ? NearSets.of(at.nodes, at.memory, families, joint, f -> at.family(f)
                            .orElseThrow())
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
        List<double[][]> ratios = new ArrayList<>();
        for (FamilyOfSets family : families) {
            List<Explained> left =
                    family.findings.stream().filter(f -> !leftOut.contains(f)).toList();
            if (left.size() == family.findings.size()) {
                changed.add(family);
            } else {
                ratios.add(ratio(family, left));
                at.family(left).ifPresent(changed::add);
            }
        }
        return new ConditionSets(at, changed, joint, ratios, null);
    }

    /** What a family comes to as a ratio to itself when some of it is left. */
    private double[][] ratio(FamilyOfSets family, List<Explained> left) {
        return at.ratios.computeIfAbsent(
                new Rest(family.findings, left),
                r -> joint.ratio(at.family(left).orElse(null), family));
    }

    /** {@code logit J}: that the condition is among those that are there. */
    double logit(int condition) {
        return logit(sums(), 1 << condition, 0);
    }

    /** {@code logit J} of a condition given that another is absent. */
    double logitIfAbsent(int absent, int condition) {
        return logit(sums(), 1 << condition, 1 << absent);
    }

    private synchronized double[] sums() {
        if (sums == null) {
            sums = joint.sums(changes);
        }
        return sums;
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
            List<double[][]> ratios = new ArrayList<>(changes);
            ratios.add(ratio(family, left));
            return joint.sums(ratios);
        }
        int[] causes = family.table.causes;
        Joint byCauses = jointByCauses.computeIfAbsent(family, f -> joint.by(f.causes, f.table.row.length, changes));
        FamilyOfSets own = new FamilyOfSets(family.table, causes);
        FamilyOfSets rest = left.isEmpty() ? null : new FamilyOfSets(at.memory.table(at.nodes, left), causes);
        return byCauses.sums(List.<double[][]>of(byCauses.ratio(rest, own)));
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
