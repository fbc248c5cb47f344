package lexicor.core.weighing.model;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * {@code P(S | results)} over all sets S of a few conditions, by enumeration (method M17). What is asked is worked out once.
 */
final class ConditionSets implements Remembered {
    /** A family that asks about so much fewer sets is summed up exactly sooner than nearly. */
    private static final int FEW = 8;
    /** With fewer findings the general factor is too wide for three nodes. */
    private static final int MANY = 15;

    private final Nodes nodes;
    private final SetsMemory memory;
    /** Places in the case of the conditions considered. */
    private final int[] conditions;

    private final List<FamilyOfSets> families;
    /** By set: prior, the node's weight and all shares multiplied, up to one factor. */
    private final Bands joint;

    private final Map<FamilyOfSets, Bands> jointByCauses = new ConcurrentHashMap<>();
    private final Map<Explained, double[]> weightsWithout = new ConcurrentHashMap<>();
    private final Map<Explained, ConditionSets> withFewer = new ConcurrentHashMap<>();
    private final Map<FamilyOfSets, double[]> nearlyWithout = new ConcurrentHashMap<>();

    private ConditionSets(Nodes nodes, SetsMemory memory, int[] conditions, List<FamilyOfSets> families, Bands joint) {
        this.nodes = nodes;
        this.memory = memory;
        this.conditions = conditions;
        this.families = families;
        this.joint = joint;
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
        List<FamilyTable> tables =
                byFamily.values().stream().map(m -> memory.table(nodes, m)).toList();
        JointOfSets joint = new JointOfSets(nodes, conditions, pretests);
        joint.multiply(tables);
        List<FamilyOfSets> families =
                tables.stream().map(t -> new FamilyOfSets(t, conditions)).toList();
        return new ConditionSets(nodes, memory, conditions, families, joint.ofAll());
    }

    /** The same with one more finding. */
    ConditionSets with(Explained further) {
        for (int f = 0; f < families.size(); f++) {
            List<Explained> members = families.get(f).findings;
            if (members.get(0).family().equals(further.family())) {
                List<Explained> more = new ArrayList<>(members);
                more.add(further);
                FamilyOfSets larger = family(more);
                List<FamilyOfSets> changed = new ArrayList<>(families);
                FamilyOfSets old = changed.set(f, larger);
                return times(larger.row, Factor.of(larger.ratioTo(old, joint, nodes.outer), nodes.outer), changed);
            }
        }
        FamilyOfSets own = family(List.of(further));
        List<FamilyOfSets> more = new ArrayList<>(families);
        more.add(own);
        return times(own.row, Factor.of(own.table.share(joint, joint.each(), own.row), nodes.outer), more);
    }

    @Override
    public int numbers() {
        // What is left out one by one is kept with it.
        return 8 * joint.rows * nodes.outer;
    }

    /** The same without one of its findings. */
    ConditionSets without(Explained finding) {
        return withFewer.computeIfAbsent(finding, this::leavingOut);
    }

    private ConditionSets leavingOut(Explained finding) {
        int f = familyOf(finding);
        FamilyOfSets old = families.get(f);
        List<Explained> rest = new ArrayList<>(old.findings);
        rest.remove(finding);
        List<FamilyOfSets> changed = new ArrayList<>(families);
        if (rest.isEmpty()) {
            changed.remove(f);
        } else {
            changed.set(f, family(rest));
        }
        Factor ratio = old.table.ratioWithout(old.findings.indexOf(finding), joint, old.row);
        return times(old.row, ratio, changed);
    }

    private FamilyOfSets family(List<Explained> members) {
        return new FamilyOfSets(memory.table(nodes, members), conditions);
    }

    private ConditionSets times(int[] row, Factor factor, List<FamilyOfSets> changed) {
        return new ConditionSets(nodes, memory, conditions, List.copyOf(changed), joint.times(row, factor));
    }

    private int familyOf(Explained finding) {
        for (int f = 0; f < families.size(); f++) {
            if (families.get(f).findings.contains(finding)) {
                return f;
            }
        }
        throw new IllegalArgumentException("not a finding of these sets: " + finding.id());
    }

    /** Whether a family asks about so few sets that they are best added up before anything else. */
    private boolean asksAboutFew(FamilyOfSets family) {
        return family.rowByCauses.length * FEW <= joint.rows;
    }

    /** By which of the family's causes are there, how probable that is without one of its findings. */
    private double[] weightsWithout(FamilyOfSets family, int index) {
        double[] without = new double[family.rowByCauses.length];
        if (asksAboutFew(family)) {
            Bands byCauses = jointByCauses.computeIfAbsent(family, f -> joint.by(f.causes, f.rowByCauses.length));
            Factor ratio = family.table.ratioWithout(index, byCauses, family.rowByCauses);
            for (int causes = 0; causes < without.length; causes++) {
                without[causes] = byCauses.sumWith(causes, ratio, family.rowByCauses[causes]);
            }
        } else {
            Factor ratio = family.table.ratioWithout(index, joint, family.row);
            for (int set = 0; set < joint.rows; set++) {
                without[family.causes[set]] += joint.sumWith(set, ratio, family.row[set]);
            }
        }
        return without;
    }

    /** The same of each of its findings, nearly: by which causes are there, then by finding. */
    private double[] nearlyWithout(FamilyOfSets family) {
        ThreeNodes near = joint.near();
        int count = family.findings.size();
        double[] ratio = family.table.ratiosWithout(near, family.row);
        double[] without = new double[family.rowByCauses.length * count];
        for (int set = 0; set < joint.rows; set++) {
            int origin = family.row[set] * nodes.outer * count;
            near.addSums(set, ratio, count, origin, without, family.causes[set] * count);
        }
        return without;
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
        FamilyOfSets family = families.get(familyOf(finding));
        double[] without =
                weightsWithout.computeIfAbsent(finding, f -> weightsWithout(family, family.findings.indexOf(f)));
        return logit(without, family.causes[1 << condition], 0);
    }

    /** The same, within a few hundredths where many conditions have a say in one of many findings: for less. */
    double logitNearlyWithout(Explained finding, int condition) {
        FamilyOfSets family = families.get(familyOf(finding));
        int all = families.stream().mapToInt(f -> f.findings.size()).sum();
        if (all < MANY || asksAboutFew(family)) {
            return logitWithout(finding, condition);
        }
        double[] without = nearlyWithout.computeIfAbsent(family, this::nearlyWithout);
        int count = family.findings.size();
        return logit(without, count, family.findings.indexOf(finding), family.causes[1 << condition], 0);
    }

    private static double logit(double[] bySet, int with, int absent) {
        return logit(bySet, 1, 0, with, absent);
    }

    /**
     * @param count how many numbers stand side by side for each set
     * @param which of them it is about
     * @param with the condition, as a set of it alone
     * @param absent conditions that are not there
     */
    private static double logit(double[] bySet, int count, int which, int with, int absent) {
        double there = 0;
        double notThere = 0;
        for (int set = 0, k = which; k < bySet.length; set++, k += count) {
            if ((set & absent) == 0) {
                if ((set & with) == 0) {
                    notThere += bySet[k];
                } else {
                    there += bySet[k];
                }
            }
        }
        return Math.log(there) - Math.log(notThere);
    }
}
