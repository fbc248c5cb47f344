package lexicor.core.practice.patient;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.SplittableRandom;
import lexicor.core.numbers.Logit;
import lexicor.core.numbers.NormalTable;

/**
 * Chance by name: what is drawn about one thing does not depend on what else is asked, or in what order. The same seed gives the same.
 *
 * @param seed of the patient
 */
record Draws(long seed) {
    private static final long FNV_OFFSET = 0xcbf29ce484222325L;
    private static final long FNV_PRIME = 0x100000001b3L;

    /** The same seed is somebody else in another world. */
    static Draws in(String world, long seed) {
        return new Draws(new Draws(seed).about(world).nextLong());
    }

    private SplittableRandom about(String what) {
        long hash = FNV_OFFSET;
        for (byte b : what.getBytes(StandardCharsets.UTF_8)) {
            hash = (hash ^ b & 0xff) * FNV_PRIME;
        }
        return new SplittableRandom(new SplittableRandom(seed).nextLong() ^ hash);
    }

    /** Evenly between 0 and 1. */
    double uniform(String what) {
        return about(what).nextDouble();
    }

    boolean happens(String what, double chance) {
        return uniform(what) < chance;
    }

    /** Standard normal. */
    double normal(String what) {
        double u = Math.min(1 - 1e-15, Math.max(1e-15, uniform(what)));
        return NormalTable.probit(Logit.of(u));
    }

    double between(String what, double low, double high) {
        return low + uniform(what) * (high - low);
    }

    <T> T one(String what, List<T> of) {
        return of.get(about(what).nextInt(of.size()));
    }

    /** The place of one, as often as its weight says. */
    int weighted(String what, double[] weights) {
        double total = 0;
        for (double w : weights) {
            total += w;
        }
        double left = uniform(what) * total;
        for (int i = 0; i < weights.length; i++) {
            left -= weights[i];
            if (left < 0) {
                return i;
            }
        }
        return weights.length - 1;
    }
}
