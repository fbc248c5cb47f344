package lexicor.server.devices;

import java.util.Random;

/**
 * What a stand-in measures: rest, a rise, a held plateau that tires a little, release, and so on, with noise and a zero that
 * drifts. The same seed gives the same values.
 */
final class SimulatedSignal {
    static final double STEP_SECONDS = 0.05;
    static final double REST_SECONDS = 2;
    static final double HOLD_SECONDS = 7;
    static final double CYCLE_SECONDS = REST_SECONDS + HOLD_SECONDS;

    private static final double RISE_SECONDS = 0.6;
    private static final double TIRING_PER_SECOND = 0.006;
    private static final double UNLIKE_TRIALS = 0.04;

    private final Random random;
    private final double target;
    private final double noise;
    private final double driftPerSecond;
    private double strength;
    private int cycle = -1;

    /**
     * @param target plateau that the trials vary around
     * @param noise standard deviation of a value
     * @param driftPerSecond how fast the zero wanders
     */
    SimulatedSignal(long seed, double target, double noise, double driftPerSecond) {
        this.random = new Random(seed);
        this.target = target;
        this.noise = noise;
        this.driftPerSecond = driftPerSecond;
    }

    /** The value at a time; times must be asked for in order. */
    double at(double seconds) {
        int now = (int) (seconds / CYCLE_SECONDS);
        if (now != cycle) {
            cycle = now;
            strength = target * (1 + UNLIKE_TRIALS * random.nextGaussian());
        }
        return held(seconds % CYCLE_SECONDS - REST_SECONDS) + driftPerSecond * seconds + noise * random.nextGaussian();
    }

    private double held(double since) {
        if (since <= 0) {
            return 0;
        }
        double left = HOLD_SECONDS - since;
        double rise = Math.min(1, Math.min(since, left) / RISE_SECONDS);
        return strength * rise * (1 - TIRING_PER_SECOND * since);
    }
}
