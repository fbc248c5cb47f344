package lexicor.core.honesty;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

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

    /** Of so many, how many were right. */
    public record Counted(int right, int of) {}

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

    private double[] byPatient(ToDoubleFunction<Judgement> what) {
        double[] sums = new double[patients];
        judgements.forEach(j -> sums[j.patient] += what.applyAsDouble(j));
        return sums;
    }

    /** Log loss a patient, over all that was judged. */
    public Estimate logLoss() {
        return Estimate.mean(byPatient(Scores::loss));
    }

    /** What another way loses more a patient. */
    public Estimate savedAgainst(Scores other) {
        double[] saved = other.byPatient(Scores::loss);
        double[] own = byPatient(Scores::loss);
        for (int i = 0; i < own.length; i++) {
            saved[i] -= own[i];
        }
        return Estimate.mean(saved);
    }

    /** The mean over all judgements; those of one patient are no independent ones. */
    private Estimate share(ToDoubleFunction<Judgement> what) {
        double mean = judgements.stream().mapToDouble(what).average().orElse(0);
        double squares = 0;
        for (double off : byPatient(j -> what.applyAsDouble(j) - mean)) {
            squares += off * off;
        }
        return new Estimate(mean, Estimate.WITHIN * Math.sqrt(squares) / Math.max(1, judgements.size()));
    }

    /** The mean square of what was stated less what was so. */
    public Estimate brier() {
        return share(j -> Math.pow(j.stated - (j.is ? 1 : 0), 2));
    }

    /** The logistic regression of what is so on the log-odds stated. */
    public Calibration calibration() {
        return Calibration.of(judgements);
    }

    /** Of those stated from 75 to 85 %, how many had it. */
    public Counted atEighty() {
        return counted(stated(0.75, 0.85));
    }

    private static Counted counted(List<Judgement> some) {
        return new Counted((int) some.stream().filter(Judgement::is).count(), some.size());
    }

    private List<Judgement> stated(double from, double to) {
        return judgements.stream()
                .filter(j -> j.stated >= from && j.stated < to)
                .toList();
    }

    private Place place(double from, double to) {
        List<Judgement> some = stated(from, to);
        Counted had = counted(some);
        double stated = some.stream().mapToDouble(Judgement::stated).average().orElse(Double.NaN);
        return new Place(stated, (double) had.right() / had.of(), had.of());
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
    public Estimate coverage(boolean outer) {
        return share(j -> (outer ? j.outer : j.inner) ? 1 : 0);
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
