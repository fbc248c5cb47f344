package lexicor.core.weighing;

import java.util.List;
import java.util.SplittableRandom;

/**
 * The chance that each condition ranks first: the share of seeded draws in which its posttest's log-odds, drawn from
 * {@code N(logit p1, sd²)}, is the largest (method M7).
 */
final class ChanceOfFirst {
    private ChanceOfFirst() {}

    static double[] of(List<ConditionWeighing> conditions, WeighingSettings settings) {
        int n = conditions.size();
        double[] mean = conditions.stream()
                .mapToDouble(ConditionWeighing::posttestLogit)
                .toArray();
        double[] sd = conditions.stream().mapToDouble(c -> c.sd).toArray();
        int[] first = new int[n];
        SplittableRandom random = new SplittableRandom(settings.seed());
        for (int draw = 0; draw < settings.draws(); draw++) {
            int best = 0;
            double largest = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < n; i++) {
                double value = mean[i] + sd[i] * random.nextGaussian();
                if (value > largest) {
                    largest = value;
                    best = i;
                }
            }
            first[best]++;
        }
        double[] chance = new double[n];
        for (int i = 0; i < n; i++) {
            chance[i] = (double) first[i] / settings.draws();
        }
        return chance;
    }
}
