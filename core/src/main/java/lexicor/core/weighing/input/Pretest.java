package lexicor.core.weighing.input;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.AgeOdds;
import lexicor.core.catalogue.Sex;
import lexicor.core.numbers.Logit;

/**
 * Where a condition begins (method M25): its base rate for the complaint and setting, times the odds of the patient's age band and sex,
 * times the examiner's suspicion: {@code logit pi = logit base + ln age + ln sex + ln suspicion}.
 *
 * @param baseRate strictly between 0 and 1
 * @param steps what moves it, in that order; what moves nothing is left out
 */
public record Pretest(double baseRate, List<Step> steps) {
    /** No step takes a pretest below this, nor above the other: nothing that is told settles what nobody has examined. */
    public static final double LEAST = 0.0005;

    public static final double MOST = 0.95;

    /** What moves a pretest. */
    public enum By {
        AGE,
        SEX,
        SUSPICION;

        /** The name used in the API. */
        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * One thing that moves it.
     *
     * @param odds what the odds are multiplied by, above 0
     * @param because where it is known from; empty for a suspicion, which is the examiner's
     */
    public record Step(By by, double odds, String because) {}

    public Pretest {
        if (!(baseRate > 0 && baseRate < 1)) {
            throw new IllegalArgumentException("a base rate must be strictly between 0 and 1");
        }
        steps = List.copyOf(steps);
    }

    /**
     * @param age empty where it is not known: it moves nothing then
     * @param sex empty where it was not said: it moves nothing then
     */
    public static Pretest of(
            AgeOdds odds,
            String condition,
            double baseRate,
            Optional<AgeBand> age,
            Optional<Sex> sex,
            Suspicion suspicion) {
        List<Step> steps = new ArrayList<>();
        age.flatMap(band -> odds.of(condition, band)).ifPresent(s -> add(steps, By.AGE, s.odds(), s.because()));
        sex.flatMap(s -> odds.of(condition, s)).ifPresent(s -> add(steps, By.SEX, s.odds(), s.because()));
        add(steps, By.SUSPICION, suspicion.oddsFactor(), "");
        return new Pretest(baseRate, steps);
    }

    private static void add(List<Step> steps, By by, double odds, String because) {
        if (odds != 1) {
            steps.add(new Step(by, odds, because));
        }
    }

    /** A base rate that nothing moves. */
    public static Pretest of(double baseRate) {
        return new Pretest(baseRate, List.of());
    }

    /** The probability that the condition begins at; a base rate beyond the limits is the limit itself. */
    public double probability() {
        if (steps.isEmpty()) {
            return baseRate;
        }
        double logOdds = Logit.of(baseRate);
        for (Step step : steps) {
            logOdds += Math.log(step.odds());
        }
        return Math.max(Math.min(LEAST, baseRate), Math.min(Math.max(MOST, baseRate), Logit.inverse(logOdds)));
    }

    /** Whether its steps would take it beyond what steps may. */
    public boolean isHeld() {
        double probability = probability();
        return !steps.isEmpty() && (probability <= LEAST || probability >= MOST);
    }
}
