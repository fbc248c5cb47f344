package lexicor.core.weighing.advice;

import java.util.ArrayList;
import java.util.List;
import lexicor.core.numbers.Entropy;
import lexicor.core.weighing.ConditionWeighing;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.OverlapModel;

/** What several tests not yet done would tell of one condition together (method M10, all combinations of results). */
public final class JointGain {
    private final ConditionWeighing condition;
    private final List<Item> positives;
    private double left;

    private JointGain(ConditionWeighing condition, List<Item> positives) {
        this.condition = condition;
        this.positives = positives;
    }

    /** In bits, at least 0. */
    public static double of(ConditionWeighing condition, List<Item> positives) {
        if (positives.isEmpty()) {
            return 0;
        }
        JointGain gain = new JointGain(condition, positives);
        gain.follow(condition.counted(), new ArrayList<>());
        return Math.max(0, Entropy.bits(condition.posttest()) - gain.left);
    }

    private void follow(OverlapModel joint, List<Item> results) {
        if (results.size() == positives.size()) {
            double p = condition.posttest();
            double ifPresent =
                    Math.exp(joint.logProbability(true) - condition.counted().logProbability(true));
            double ifAbsent =
                    Math.exp(joint.logProbability(false) - condition.counted().logProbability(false));
            left += (p * ifPresent + (1 - p) * ifAbsent) * Entropy.bits(condition.movedBy(results));
            return;
        }
        for (boolean positive : new boolean[] {true, false}) {
            Item item = positives.get(results.size()).read(positive);
            results.add(item);
            follow(joint.plus(item), results);
            results.remove(results.size() - 1);
        }
    }
}
