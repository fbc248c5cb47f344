package lexicor.core.honesty;

import java.util.ArrayList;
import java.util.List;

/** How right one way to weigh was: each judgement of a condition in a patient beside what was so. */
public final class Scores {
    /**
     * One judgement.
     *
     * @param patient whose
     * @param stated the probability stated
     * @param is whether the condition is there
     * @param inner whether the inner band holds what one who knows the clinic exactly would state
     * @param outer the same of the outer band
     */
    record Judgement(int patient, double stated, boolean is, boolean inner, boolean outer) {}

    /** A place of the calibration plot: of those stated about so, how many had it. */
    record Place(double stated, double had, int judgements) {}

    private static final int FEWEST = 20;

    private final List<Judgement> judgements = new ArrayList<>();
    private int patients;

    void add(Judgement judgement) {
        judgements.add(judgement);
        patients = Math.max(patients, judgement.patient + 1);
    }

    private static double loss(Judgement j) {
        double p = Math.min(1 - 1e-6, Math.max(1e-6, j.stated));
        return -Math.log(j.is ? p : 1 - p);
    }

    private double[] lossByPatient() {
        double[] loss = new double[patients];
        judgements.forEach(j -> loss[j.patient] += loss(j));
        return loss;
    }

    /** Log loss a patient, over all that was judged. */
    public double logLoss() {
        return judgements.stream().mapToDouble(Scores::loss).sum() / patients;
    }

    /** What another way loses more a patient, and 1.96 standard errors of that. */
    public double[] savedAgainst(Scores other) {
        double[] own = lossByPatient();
        double[] others = other.lossByPatient();
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < own.length; i++) {
            double saved = others[i] - own[i];
            sum += saved;
            squares += saved * saved;
        }
        double mean = sum / own.length;
        return new double[] {mean, 1.96 * Math.sqrt((squares / own.length - mean * mean) / own.length)};
    }

    /** The mean square of what was stated less what was so. */
    public double brier() {
        return judgements.stream()
                .mapToDouble(j -> Math.pow(j.stated - (j.is ? 1 : 0), 2))
                .average()
                .orElse(0);
    }

    /** Intercept and slope of the logistic regression of what is so on the log-odds stated, by Newton's method; 0 and 1 at best. */
    public double[] calibration() {
        double intercept = 0;
        double slope = 1;
        for (int step = 0; step < 100; step++) {
            double g0 = 0;
            double g1 = 0;
            double h00 = 0;
            double h01 = 0;
            double h11 = 0;
            for (Judgement j : judgements) {
                double p = Math.min(1 - 1e-6, Math.max(1e-6, j.stated));
                double x = Math.log(p / (1 - p));
                double fitted = 1 / (1 + Math.exp(-intercept - slope * x));
                double residual = (j.is ? 1 : 0) - fitted;
                double weight = fitted * (1 - fitted);
                g0 += residual;
                g1 += residual * x;
                h00 += weight;
                h01 += weight * x;
                h11 += weight * x * x;
            }
            double determinant = h00 * h11 - h01 * h01;
            // Small steps, since with stated extremes Newton's own can be far too long.
            intercept += Math.max(-0.2, Math.min(0.2, (h11 * g0 - h01 * g1) / determinant));
            slope += Math.max(-0.2, Math.min(0.2, (h00 * g1 - h01 * g0) / determinant));
        }
        return new double[] {intercept, slope};
    }

    /** Of those stated from 75 to 85 %, how many had it; NaN without any. */
    public double rightAtEighty() {
        return place(0.75, 0.85).had;
    }

    private Place place(double from, double to) {
        List<Judgement> some = judgements.stream()
                .filter(j -> j.stated >= from && j.stated < to)
                .toList();
        return new Place(
                some.stream().mapToDouble(Judgement::stated).average().orElse(Double.NaN),
                some.stream().mapToDouble(j -> j.is ? 1 : 0).average().orElse(Double.NaN),
                some.size());
    }

    /** Ten places from nothing to all. */
    List<Place> places() {
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            places.add(place(i / 10.0, i == 9 ? 1.01 : (i + 1) / 10.0));
        }
        return places;
    }

    /** The places of the plot that have enough judgements to say: what was stated, and how many had it. */
    public List<double[]> points() {
        return places().stream()
                .filter(p -> p.judgements >= FEWEST)
                .map(p -> new double[] {p.stated, p.had})
                .toList();
    }

    /** How often a band holds what one who knows the clinic exactly would state. */
    public double coverage(boolean outer) {
        return judgements.stream()
                .mapToDouble(j -> (outer ? j.outer : j.inner) ? 1 : 0)
                .average()
                .orElse(0);
    }

    public int judgements() {
        return judgements.size();
    }

    /** All of several, patients told apart. */
    static Scores together(List<Scores> several) {
        Scores all = new Scores();
        for (Scores one : several) {
            int before = all.patients;
            one.judgements.forEach(j -> all.add(new Judgement(before + j.patient, j.stated, j.is, j.inner, j.outer)));
            all.patients = before + one.patients;
        }
        return all;
    }
}
