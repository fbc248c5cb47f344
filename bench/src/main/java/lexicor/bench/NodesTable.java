package lexicor.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.ToDoubleBiFunction;
import lexicor.core.numbers.GaussHermite;
import lexicor.core.numbers.Logit;
import lexicor.core.numbers.NormalTable;

/**
 * {@code lexicor bench nodes}: how many nodes keep a posttest within the promise of method M4, by both overlaps and the number
 * of findings: for the general factor the findings altogether, for a family's own those of the family beside them. Prints the table
 * that the core reads. Tried are made-up tests in one family, in a few, and each in its own, with results as the model itself gives
 * them.
 */
final class NodesTable {
    /** A fifth of what is promised, so that there is room between the places tried. */
    private static final double WITHIN = 2e-7;

    private static final int REFERENCE = 201;
    private static final int[] LADDER = {7, 9, 11, 13, 15, 21, 27, 35, 45, 61, 81, 101, 121, 151, 181, REFERENCE};
    /** A family of one is integrated in closed form; from here on its nodes say the same once it is joined by another. */
    private static final int LEAST_INNER = 21;

    private static final double[] FAMILY = {0.1, 0.2, 0.3, 0.45, 0.6, 0.75, 0.9};
    private static final double[] GENERAL = {0, 0.05, 0.1, 0.2, 0.3, 0.45, 0.5};
    private static final int[] FINDINGS = {2, 5, 10, 16, 24, 32, 40};
    /** How many of them a family may have. */
    private static final int[] OF_FAMILY = {5, 10, 20, 40};

    private static final int TRIED = 120;
    private static final double PRETEST_LOGIT = -0.8;

    private final double family;
    private final double general;

    private NodesTable(double family, double general) {
        this.family = family;
        this.general = general;
    }

    static void print() {
        System.out.println("family,general,findings,outer,inner of 5,inner of 10,inner of 20,inner of 40");
        for (double family : FAMILY) {
            for (double general : GENERAL) {
                if (general <= family) {
                    NodesTable at = new NodesTable(family, general);
                    for (int n : FINDINGS) {
                        int outer = at.outer(n);
                        StringBuilder inner = new StringBuilder();
                        int most = 0;
                        for (int of : OF_FAMILY) {
                            // A larger family calls for no fewer, whatever the cases tried say.
                            most = Math.max(most, at.inner(n, Math.min(of, n), outer));
                            inner.append(',').append(most);
                        }
                        System.out.printf(Locale.ROOT, "%s,%s,%d,%d%s%n", family, general, n, outer, inner);
                    }
                }
            }
        }
    }

    private int outer(int findings) {
        // The other dimension is fine enough not to matter, and coarse enough to be done with today.
        int inner = family > 0.7 ? REFERENCE : 101;
        return general == 0
                ? 1
                : needed(
                        LADDER[0],
                        made(findings, new int[] {1, 2, 4, findings}),
                        (made, nodes) -> posttest(made, nodes, inner));
    }

    /** Beside no more nodes for the general factor than there are: a finer sum over it would smooth a coarse one inside. */
    private int inner(int findings, int ofFamily, int outer) {
        int families = (findings + ofFamily - 1) / ofFamily;
        return family == general
                ? 1
                : needed(
                        LEAST_INNER,
                        made(findings, new int[] {families}),
                        (made, nodes) -> posttest(made, outer, nodes));
    }

    private int needed(int least, List<Made> all, ToDoubleBiFunction<Made, Integer> posttest) {
        double[] best = new double[all.size()];
        for (int i = 0; i < best.length; i++) {
            best[i] = posttest.applyAsDouble(all.get(i), REFERENCE);
        }
        int from = Arrays.binarySearch(LADDER, least);
        for (int i = 0; i < best.length && LADDER[from] < REFERENCE; i++) {
            while (LADDER[from] < REFERENCE
                    && Math.abs(posttest.applyAsDouble(all.get(i), LADDER[from]) - best[i]) > WITHIN) {
                from++;
            }
        }
        return LADDER[from];
    }

    private double posttest(Made made, int outer, int inner) {
        GaussHermite z0 = GaussHermite.of(general > 0 ? outer : 1);
        GaussHermite zg = GaussHermite.of(family > general ? inner : 1);
        double log = Math.log(made.probability(made.ifPresent, this, z0, zg))
                - Math.log(made.probability(made.ifAbsent, this, z0, zg));
        return Logit.inverse(PRETEST_LOGIT + log);
    }

    private List<Made> made(int findings, int[] families) {
        Random random = new Random(findings);
        List<Made> made = new ArrayList<>();
        for (int i = 0; i < TRIED; i++) {
            made.add(new Made(findings, Math.min(findings, families[i % families.length]), random, this));
        }
        return made;
    }

    /** Tests with thresholds under presence and absence, and results that a patient of the model shows. */
    private static final class Made {
        private final int families;
        private final double[] ifPresent;
        private final double[] ifAbsent;
        private final boolean[] positive;

        Made(int findings, int families, Random random, NodesTable at) {
            this.families = families;
            ifPresent = new double[findings];
            ifAbsent = new double[findings];
            positive = new boolean[findings];
            boolean present = random.nextBoolean();
            double z0 = random.nextGaussian();
            double[] own =
                    random.doubles(families).map(u -> random.nextGaussian()).toArray();
            for (int i = 0; i < findings; i++) {
                double sensitivity = 0.3 + 0.65 * random.nextDouble();
                double least = Math.max(1.05 - sensitivity, 0.4);
                double specificity = least + (0.97 - least) * random.nextDouble();
                ifPresent[i] = NormalTable.probit(Logit.of(sensitivity));
                ifAbsent[i] = NormalTable.probit(-Logit.of(specificity));
                positive[i] = (present ? ifPresent[i] : ifAbsent[i])
                                + Math.sqrt(at.general) * z0
                                + Math.sqrt(at.family - at.general) * own[i % families]
                                + Math.sqrt(1 - at.family) * random.nextGaussian()
                        > 0;
            }
        }

        double probability(double[] thresholds, NodesTable at, GaussHermite z0, GaussHermite zg) {
            double[] outerWeight = z0.weights();
            double[] innerWeight = zg.weights();
            double scale = 1 / Math.sqrt(1 - at.family);
            double total = 0;
            for (int i = 0; i < outerWeight.length; i++) {
                double product = outerWeight[i];
                for (int f = 0; f < families; f++) {
                    double share = 0;
                    for (int j = 0; j < innerWeight.length; j++) {
                        double shift = Math.sqrt(at.general) * z0.at(i) + Math.sqrt(at.family - at.general) * zg.at(j);
                        double p = innerWeight[j];
                        for (int k = f; k < thresholds.length; k += families) {
                            double x = (thresholds[k] + shift) * scale;
                            p *= NormalTable.cdf(positive[k] ? x : -x);
                        }
                        share += p;
                    }
                    product *= share;
                }
                total += product;
            }
            return total;
        }
    }
}
