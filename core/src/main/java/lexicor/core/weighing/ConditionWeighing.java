package lexicor.core.weighing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
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

    private final School school;
    private final Nodes nodes;
    private final Joint entered;
    private final double overlapAwareLogRatio;

    /**
     * @param school the way to weigh that the standing follows; all four are computed whichever it is
     */
    ConditionWeighing(CaseToWeigh given, Families families, Nodes nodes, Candidate candidate, School school) {
        this.candidate = candidate;
        this.school = school;
        this.nodes = school == School.OVERLAP_AWARE ? nodes : Nodes.WITHOUT_OVERLAP;
        selection = new Selection(given, families, candidate.id());
        Joint overlapAware = Joint.of(nodes, selection.entered);
        if (school == School.OVERLAP_AWARE) {
            entered = overlapAware;
            counted = entered.settled();
            overlapAwareLogRatio = counted.logRatio();
        } else {
            entered = Joint.of(Nodes.WITHOUT_OVERLAP, selection.countedBy(school));
            counted = entered;
            overlapAwareLogRatio = overlapAware.settled().logRatio();
        }
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
        return Logit.inverse(pretestLogit + logRatioWith(further, extension));
    }

    private double logRatioWith(Item further, Joint.Extension extension) {
        switch (school) {
            case INDEPENDENT:
                return logRatio + further.logAlone;
            case STRONGEST_PER_FAMILY:
                double spoken = counted.items.stream()
                        .filter(i -> i.family.equals(further.family))
                        .mapToDouble(i -> i.logAlone)
                        .sum();
                boolean stronger = Math.abs(further.logAlone) > Math.abs(spoken);
                return stronger ? logRatio - spoken + further.logAlone : logRatio;
            case PUBLISHED_CLUSTERS:
                return logRatio;
            default:
                boolean asItStands =
                        counted.items.size() == entered.items.size() && !extension.hasReversal(further.positive);
                return asItStands
                        ? extension.logRatio(further.positive)
                        : entered.plus(further).settled().logRatio();
        }
    }

    /** The posttest with several more results of tests that have not spoken yet, reversals set aside. */
    double posttestWith(List<Item> further) {
        return Logit.inverse(pretestLogit + logRatioWith(further));
    }

    private double logRatioWith(List<Item> further) {
        switch (school) {
            case INDEPENDENT:
                return logRatio + sum(further);
            case STRONGEST_PER_FAMILY:
                List<Item> all = new ArrayList<>(selection.speakers);
                all.addAll(further);
                return sum(Selection.strongest(all));
            case PUBLISHED_CLUSTERS:
                return logRatio;
            default:
                Joint joint = entered;
                for (Item item : further) {
                    joint = joint.plus(item);
                }
                return joint.settled().logRatio();
        }
    }

    private static double sum(List<Item> items) {
        return items.stream().mapToDouble(i -> i.logAlone).sum();
    }

    /** The counted items in the order of their weight, and the probability after each of them (method M9). */
    List<PathStep> path() {
        List<Item> order = new ArrayList<>(counted.items);
        order.sort(Comparator.<Item>comparingDouble(i -> -Math.abs(counted.logAdded(i)))
                .thenComparing(i -> i.id));
        List<PathStep> steps = new ArrayList<>();
        double from = candidate.pretest();
        Joint soFar = Joint.of(nodes, List.of());
        for (Item item : order) {
            soFar = soFar.plus(item);
            double to = Logit.inverse(pretestLogit + soFar.logRatio());
            steps.add(new PathStep(item.id, from, to));
            from = to;
        }
        return List.copyOf(steps);
    }

    List<LedgerRow> ledger() {
        return selection.ledger(counted, school);
    }

    /** The posttest by every school (method M8). */
    Map<School, Double> bySchool() {
        Map<School, Double> result = new EnumMap<>(School.class);
        for (School each : School.values()) {
            double log = each == School.OVERLAP_AWARE
                    ? overlapAwareLogRatio
                    : selection.countedBy(each).stream()
                            .mapToDouble(i -> i.logAlone)
                            .sum();
            result.put(each, Logit.inverse(pretestLogit + log));
        }
        return result;
    }
}
