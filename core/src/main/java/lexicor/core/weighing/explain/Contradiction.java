package lexicor.core.weighing.explain;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import lexicor.core.weighing.input.Families;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.Nodes;
import lexicor.core.weighing.model.OverlapModel;

/**
 * A positive and a negative of one family that rarely go together, whether the condition is there or not: one of the two
 * may not be what it seems (method M15).
 *
 * @param chance the probability of the two results together, the larger one of condition present and absent
 */
public record Contradiction(String positive, String negative, double chance) {
    /** Two results that go together less often than this contradict each other; a working line of ours. */
    public static final double BEYOND_CHANCE = 0.05;

    static List<Contradiction> among(Nodes nodes, List<Item> items, Families families) {
        List<Contradiction> found = new ArrayList<>();
        for (Item positive : items) {
            for (Item negative : items) {
                boolean pair = positive.positive
                        && !negative.positive
                        && positive.family.equals(negative.family)
                        && families.sameNerve(positive.id, negative.id)
                        && positive.logAlone > 0
                        && negative.logAlone < 0;
                if (pair) {
                    OverlapModel both = OverlapModel.of(nodes, List.of(positive, negative));
                    double chance = Math.exp(Math.max(both.logProbability(true), both.logProbability(false)));
                    if (chance < BEYOND_CHANCE) {
                        found.add(new Contradiction(positive.id, negative.id, chance));
                    }
                }
            }
        }
        found.sort(Comparator.comparingDouble(Contradiction::chance));
        return List.copyOf(found);
    }
}
