package lexicor.core.weighing;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import lexicor.core.evidence.Covariance;
import lexicor.core.evidence.Interval;
import lexicor.core.evidence.Logit;

/** One condition's weighing: what is counted, its posttest by every school, and how sure that is (method M4 to M8). */
final class ConditionWeighing {
    final Candidate candidate;
    final Selection selection;
    final Joint counted;
    final double pretestLogit;
    final double logRatio;
    final double posttest;
    /** Standard deviation of the posttest's log-odds: how well the average is known. */
    final double sd;
    /** The same for a new clinic. */
    final double newClinicSd;

    private final Joint entered;

    ConditionWeighing(CaseToWeigh given, Families families, Nodes nodes, Candidate candidate) {
        this.candidate = candidate;
        selection = new Selection(given, families, candidate.id());
        entered = Joint.of(nodes, selection.entered);
        counted = entered.settled();
        pretestLogit = Logit.of(candidate.pretest());
        logRatio = counted.logRatio();
        posttest = Logit.inverse(pretestLogit + logRatio);
        double estimate = candidate.pretestLogitSd() * candidate.pretestLogitSd();
        double predictive = estimate;
        for (Item item : counted.items) {
            double bySn = counted.bySensitivity(item);
            double bySp = counted.bySpecificity(item);
            estimate += variance(item.estimate, bySn, bySp);
            predictive += variance(item.predictive, bySn, bySp);
        }
        sd = Math.sqrt(estimate);
        newClinicSd = Math.sqrt(predictive);
    }

    private static double variance(Covariance covariance, double bySn, double bySp) {
        return Math.max(0, covariance.quadraticForm(bySn, bySp));
    }

    /** The log-odds that the condition stands at. */
    double posttestLogit() {
        return pretestLogit + logRatio;
    }

    Interval band(double standardDeviation) {
        double half = Interval.Z * standardDeviation;
        return new Interval(Logit.inverse(posttestLogit() - half), Logit.inverse(posttestLogit() + half));
    }

    /**
     * The posttest with one more result, reversals set aside (method M10): what the case would show were it recorded. So
     * everything entered has its say again, also what is set aside as things stand.
     */
    double posttestWith(Item further, Joint.Extension extension) {
        boolean asItStands = counted.items.size() == entered.items.size() && !extension.hasReversal(further.positive);
        double log = asItStands
                ? extension.logRatio(further.positive)
                : entered.plus(further).settled().logRatio();
        return Logit.inverse(pretestLogit + log);
    }

    /** The posttest by every school (method M8). */
    Map<School, Double> bySchool() {
        double independent =
                selection.speakers.stream().mapToDouble(i -> i.logAlone).sum();
        Map<String, Double> strongest = new LinkedHashMap<>();
        selection.speakers.forEach(
                i -> strongest.merge(i.family, i.logAlone, (a, b) -> Math.abs(b) > Math.abs(a) ? b : a));
        double strongestSum =
                strongest.values().stream().mapToDouble(Double::doubleValue).sum();
        double clusters = selection.clusters.stream()
                .mapToDouble(DecidedCluster::logAlone)
                .sum();
        Map<School, Double> result = new EnumMap<>(School.class);
        result.put(School.INDEPENDENT, Logit.inverse(pretestLogit + independent));
        result.put(School.OVERLAP_AWARE, posttest);
        result.put(School.STRONGEST_PER_FAMILY, Logit.inverse(pretestLogit + strongestSum));
        result.put(School.PUBLISHED_CLUSTERS, Logit.inverse(pretestLogit + clusters));
        return result;
    }
}
