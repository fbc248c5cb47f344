package lexicor.core.weighing.advice;

import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.Evidence.Weighable;
import lexicor.core.numbers.Entropy;

/** What a single test would tell before anything else is known. */
public final class Worth {
    private Worth() {}

    /**
     * Expected loss of uncertainty in bits by one test at its pooled sensitivity and specificity over new clinics (method M10
     * with nothing entered yet, by Bayes' rule alone).
     *
     * @param pretest strictly between 0 and 1
     */
    public static double ofOneTest(double pretest, Weighable figures) {
        Accuracy sober = figures.sober();
        double hit = pretest * sober.sensitivity();
        double falseAlarm = (1 - pretest) * (1 - sober.specificity());
        double positive = hit + falseAlarm;
        double left = positive * Entropy.bits(hit / positive)
                + (1 - positive) * Entropy.bits((pretest - hit) / (1 - positive));
        return Math.max(0, Entropy.bits(pretest) - left);
    }
}
