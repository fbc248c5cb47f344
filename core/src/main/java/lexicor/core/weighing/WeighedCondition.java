package lexicor.core.weighing;

import java.util.List;
import java.util.OptionalDouble;
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
 * @param settle what has to be settled before it is acted on, as condition ids; empty unless that is the verdict
 * @param borderline whether the inner band straddles a line
 * @param rivals the conditions that explain part of its findings, those that change it most first; empty where each condition is
 *     weighed by itself (method M17)
 * @param clusterPull what decided clusters add beside their members, as a factor on the odds; empty without one, and where each
 *     condition is weighed by itself
 * @param clusterShare by how much those clusters are believed beside their members
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
        List<String> settle,
        boolean borderline,
        List<LedgerRow> ledger,
        List<Rival> rivals,
        OptionalDouble clusterPull,
        double clusterShare) {

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
