package lexicor.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.Evidence;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.Result;
import org.hipparchus.special.Erf;

/**
 * The plain alternative to the quadrature: draw the figures and the latent factors, multiply the results' probabilities,
 * average. Its cost at a wanted accuracy follows from the spread of a pilot run.
 */
final class PlainSimulation {
    private static final int PILOT = 20_000;
    /** The worked examples' tolerance on a ratio. */
    private static final double WANTED_RELATIVE_ERROR = 1e-3;

    private final CaseToWeigh given;
    private final Random random = new Random(3);

    PlainSimulation(CaseToWeigh given) {
        this.given = given;
    }

    /** Milliseconds for the ratios of all conditions to the worked examples' accuracy, from a pilot of each. */
    double millisecondsNeeded() {
        double total = 0;
        for (var candidate : given.conditions()) {
            List<Accuracy> figures = new ArrayList<>();
            List<RecordedFinding> findings = new ArrayList<>();
            for (RecordedFinding f : given.findings()) {
                if (f.evidence().get(candidate.id()) instanceof Evidence.Weighable w) {
                    figures.add(w.accuracy());
                    findings.add(f);
                }
            }
            if (!findings.isEmpty()) {
                long start = System.nanoTime();
                double variance =
                        relativeVariance(figures, findings, true) + relativeVariance(figures, findings, false);
                double milliseconds = (System.nanoTime() - start) / 1e6;
                double draws = variance / (WANTED_RELATIVE_ERROR * WANTED_RELATIVE_ERROR);
                total += milliseconds * Math.max(1, draws / PILOT);
            }
        }
        return total;
    }

    /** Variance of one draw's probability over the square of its mean. */
    private double relativeVariance(List<Accuracy> figures, List<RecordedFinding> findings, boolean present) {
        double rf = given.settings().familyOverlap();
        double rb = given.settings().generalOverlap();
        double sum = 0;
        double squares = 0;
        for (int d = 0; d < PILOT; d++) {
            double z0 = random.nextGaussian();
            Map<String, Double> own = new HashMap<>();
            double p = 1;
            for (int i = 0; i < findings.size(); i++) {
                Accuracy a = figures.get(i);
                double logit = present
                        ? a.logitSensitivity()
                                + random.nextGaussian() * Math.sqrt(a.estimate().sensitivity())
                        : -a.logitSpecificity()
                                + random.nextGaussian() * Math.sqrt(a.estimate().specificity());
                double threshold = -Math.sqrt(2) * Erf.erfcInv(2 * Logit.inverse(logit));
                double zg = own.computeIfAbsent(findings.get(i).family(), f -> random.nextGaussian());
                double x = (threshold + Math.sqrt(rb) * z0 + Math.sqrt(rf - rb) * zg) / Math.sqrt(1 - rf);
                double positive = 0.5 * Erf.erfc(-x / Math.sqrt(2));
                p *= findings.get(i).result() == Result.POSITIVE ? positive : 1 - positive;
            }
            sum += p;
            squares += p * p;
        }
        double mean = sum / PILOT;
        return (squares / PILOT - mean * mean) / (mean * mean);
    }
}
