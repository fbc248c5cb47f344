package lexicor.core.weighing.explain;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.EvidenceBase.Behind;
import lexicor.core.weighing.LedgerRow;
import lexicor.core.weighing.Status;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.model.Item;

/** Reasons to trust a condition's number less than its digits suggest. The lines are working lines of ours (method M15). */
public final class Doubts {
    /** One study that carries this share of the weight or more carries most of it. */
    static final double MOST = 0.5;

    /** A study of fewer people than this, with and without the condition, is small. */
    static final double SMALL = 100;

    /** Pretests at or beyond these leave a test little room. */
    static final double LOW_PRETEST = 0.01;

    static final double HIGH_PRETEST = 0.9;

    /** A reason for doubt. */
    public sealed interface Doubt {
        /**
         * An opinion of the department's, with no study behind it, carries most of the weight.
         *
         * @param share of all weight, from {@value #MOST} to 1
         */
        record OneJudgement(String finding, double share) implements Doubt {}

        /**
         * One small study carries most of the weight.
         *
         * @param share of all weight, from {@value #MOST} to 1
         * @param people in the study; empty where the publication does not say
         */
        record OneSmallStudy(String finding, double share, OptionalDouble people) implements Doubt {}

        /** All that counts rests on studies at high risk of bias, first descriptions as a rule. */
        record FirstDescriptionsOnly(int findings) implements Doubt {}

        /** The pretest lies where even a strong finding leaves room for doubt. */
        record PretestAtTheEdge(double pretest) implements Doubt {}

        /** Two results of one family rarely go together. */
        record Contradictory(Contradiction pair) implements Doubt {}
    }

    private Doubts() {}

    /** The reasons for one condition, those about its own figures first. */
    public static List<Doubt> of(WeighedCondition condition, EvidenceBase evidence, Explanation explanation) {
        List<Doubt> doubts = new ArrayList<>();
        List<LedgerRow> counted = condition.ledger().stream()
                .filter(r -> r.status() == Status.COUNTED)
                .toList();
        double total = counted.stream().mapToDouble(LedgerRow::weight).sum();
        boolean first = !counted.isEmpty();
        for (LedgerRow row : counted) {
            List<Behind> behind = row.kind() == Item.Kind.CLUSTER
                    ? evidence.behindCluster(row.id())
                    : evidence.behind(row.id(), condition.id());
            double share = total > 0 ? row.weight() / total : 0;
            if (behind.size() == 1 && share >= MOST && behind.get(0).judgement()) {
                doubts.add(new Doubt.OneJudgement(row.id(), share));
            } else if (behind.size() == 1 && share >= MOST && isSmall(behind.get(0))) {
                doubts.add(
                        new Doubt.OneSmallStudy(row.id(), share, behind.get(0).people()));
            }
            first &= !behind.isEmpty() && behind.stream().allMatch(b -> b.highRiskOfBias() && !b.judgement());
        }
        if (first) {
            doubts.add(new Doubt.FirstDescriptionsOnly(counted.size()));
        }
        if (condition.pretest() <= LOW_PRETEST || condition.pretest() >= HIGH_PRETEST) {
            doubts.add(new Doubt.PretestAtTheEdge(condition.pretest()));
        }
        explanation.contradictions(condition.id()).forEach(c -> doubts.add(new Doubt.Contradictory(c)));
        return List.copyOf(doubts);
    }

    private static boolean isSmall(Behind study) {
        return study.people().isEmpty() || study.people().getAsDouble() < SMALL;
    }
}
