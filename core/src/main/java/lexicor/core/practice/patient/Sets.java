package lexicor.core.practice.patient;

import java.util.Arrays;

/**
 * Which of the candidates patients have: none, one or two, each as often as its base rate says. Candidates are bits of a set.
 *
 * <p>Odds of single candidates multiply, and are fitted until every candidate is in as many sets as its base rate asks for
 * (iterative proportional fitting; base rates add up to less than two).
 */
final class Sets {
    private static final int ROUNDS = 400;

    /** The sets that can be. */
    final int[] sets;
    /** How often each of them is; they add up to 1. */
    final double[] chance;

    private final int candidates;

    Sets(double[] baseRates) {
        if (Arrays.stream(baseRates).sum() >= 2) {
            throw new IllegalArgumentException(
                    "base rates that add up to 2 or more leave no room for patients with none");
        }
        candidates = baseRates.length;
        sets = sets(candidates);
        double[] odds = Arrays.stream(baseRates).map(p -> p / (1 - p)).toArray();
        double[] found = chances(odds);
        for (int round = 0; round < ROUNDS; round++) {
            double[] shares = shares(found);
            for (int c = 0; c < candidates; c++) {
                odds[c] *= baseRates[c] / shares[c];
            }
            found = chances(odds);
        }
        chance = found;
    }

    private static int[] sets(int n) {
        int[] sets = new int[1 + n + n * (n - 1) / 2];
        int at = 1;
        for (int a = 0; a < n; a++) {
            sets[at++] = 1 << a;
            for (int b = 0; b < a; b++) {
                sets[at++] = 1 << a | 1 << b;
            }
        }
        return sets;
    }

    private double[] chances(double[] odds) {
        double[] chances = new double[sets.length];
        double total = 0;
        for (int i = 0; i < sets.length; i++) {
            chances[i] = 1;
            for (int c = 0; c < candidates; c++) {
                chances[i] *= has(sets[i], c) ? odds[c] : 1;
            }
            total += chances[i];
        }
        for (int i = 0; i < sets.length; i++) {
            chances[i] /= total;
        }
        return chances;
    }

    private double[] shares(double[] chances) {
        double[] shares = new double[candidates];
        for (int i = 0; i < sets.length; i++) {
            for (int c = 0; c < candidates; c++) {
                shares[c] += has(sets[i], c) ? chances[i] : 0;
            }
        }
        return shares;
    }

    /** How often none of what is in the set but the candidate itself turns a reading positive, among those with it or without it. */
    double silent(int candidate, boolean with, double[] activation) {
        double silent = 0;
        double share = 0;
        for (int i = 0; i < sets.length; i++) {
            if (has(sets[i], candidate) == with) {
                share += chance[i];
                double others = chance[i];
                for (int d = 0; d < candidates; d++) {
                    others *= d != candidate && has(sets[i], d) ? 1 - activation[d] : 1;
                }
                silent += others;
            }
        }
        return silent / share;
    }

    static boolean has(int set, int candidate) {
        return (set >> candidate & 1) == 1;
    }
}
