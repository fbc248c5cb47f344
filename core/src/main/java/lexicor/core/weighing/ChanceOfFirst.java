package lexicor.core.weighing;

import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.DoubleStream;
import lexicor.core.weighing.input.WeighingSettings;

/**
 * The chance that each condition ranks first: the share of seeded draws in which its posttest's log-odds, drawn from
 * {@code N(logit p1, sd²)}, is the largest (method M7).
 */
final class ChanceOfFirst {
    /** A department weighs with one seed; the draws of a few sizes are kept, since drawing takes longer than the rest. */
    private static final int KEPT = 16;

    private static final Map<Drawn, double[]> STANDARD = new ConcurrentHashMap<>();

    private record Drawn(long seed, int draws, int conditions) {}

    private ChanceOfFirst() {}

    static double[] of(List<ConditionWeighing> conditions, WeighingSettings settings) {
        int n = conditions.size();
        if (n == 0) {
            return new double[0];
        }
        double[] mean = conditions.stream()
                .mapToDouble(ConditionWeighing::posttestLogit)
                .toArray();
        double[] sd = conditions.stream().mapToDouble(c -> c.spread().average()).toArray();
        int[] first = new int[n];
        double[] standard = standard(new Drawn(settings.seed(), settings.draws(), n));
        for (int draw = 0; draw < settings.draws(); draw++) {
            int best = 0;
            double largest = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < n; i++) {
                double value = mean[i] + sd[i] * standard[draw * n + i];
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

    /** Standard normal draws, one a condition, draw by draw. */
    private static double[] standard(Drawn drawn) {
        if (STANDARD.size() > KEPT) {
            STANDARD.clear();
        }
        return STANDARD.computeIfAbsent(drawn, d -> {
            SplittableRandom random = new SplittableRandom(d.seed());
            return DoubleStream.generate(random::nextGaussian)
                    .limit((long) d.draws() * d.conditions())
                    .toArray();
        });
    }
}
