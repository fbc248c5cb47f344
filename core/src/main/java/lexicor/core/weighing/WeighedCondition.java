package lexicor.core.weighing;

import java.util.List;
import lexicor.core.numbers.Interval;
import lexicor.core.numbers.Logit;

/**
 * Where a condition stands.
 *
 * @param rank from 1
 * @param lr the joint likelihood ratio of what is counted
 * @param average 95 % interval, how well the average is known (the inner band of method M7)
 * @param newClinic 95 % interval, what a new clinic may find (the outer band)
 * @param probabilityFirst chance that it ranks first
 * @param borderline whether the inner band straddles a line
 */
public record WeighedCondition(
        String id,
        int rank,
        double pretest,
        double lr,
        double posttest,
        Interval average,
        Interval newClinic,
        double probabilityFirst,
        Verdict verdict,
        boolean borderline,
        List<LedgerRow> ledger) {

    /**
     * Where the same findings would leave it had it begun elsewhere: the joint likelihood ratio does not depend on the pretest
     * (method M6).
     *
     * @param otherPretest strictly between 0 and 1
     */
    public double posttestFrom(double otherPretest) {
        return Logit.inverse(Logit.of(otherPretest) + Math.log(lr));
    }
}
