package lexicor.core.weighing;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import lexicor.core.evidence.Covariance;
import lexicor.core.numbers.Interval;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.Families;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.Nodes;
import lexicor.core.weighing.model.OverlapModel;

/** One condition's weighing: what is counted, its posttest by every school, and how sure that is (method M4 to M8). */
public final class ConditionWeighing {
    public final Candidate candidate;
    public final Selection selection;
    public final OverlapModel counted;
    public final double pretestLogit;
    final double logRatio;
    public final double posttest;
    /** Standard deviation of the posttest's log-odds: how well the average is known. */
    final double sd;
    /** The same for a new clinic. */
    final double newClinicSd;

    /** Everything that the school counts, before anything is set aside. */
    final OverlapModel entered;

    private final School school;
    private final Nodes nodes;
    private final Map<School, Double> bySchool = new EnumMap<>(School.class);

    /**
     * @param school the way to weigh that the standing follows; all are computed whichever it is
     */
    public ConditionWeighing(CaseToWeigh given, Families families, Nodes nodes, Candidate candidate, School school) {
        this.candidate = candidate;
        this.school = school;
        this.nodes = school.rule().nodes(nodes);
        selection = new Selection(given, families, candidate.id());
        entered = OverlapModel.of(this.nodes, school.rule().entered(selection));
        counted = school.rule().counted(entered);
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
        for (School each : School.values()) {
            bySchool.put(
                    each, Logit.inverse(pretestLogit + (each == school ? logRatio : logRatio(each.rule(), nodes))));
        }
    }

    private double logRatio(SchoolRule rule, Nodes nodes) {
        return rule.counted(OverlapModel.of(rule.nodes(nodes), rule.entered(selection)))
                .logRatio();
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
    public double posttestWith(Item further, OverlapModel.Extension extension) {
        return Logit.inverse(pretestLogit + school.rule().logRatioWith(this, further, extension));
    }

    /** The posttest with several more results of tests that have not spoken yet, reversals set aside. */
    public double posttestWith(List<Item> further) {
        return Logit.inverse(pretestLogit + school.rule().logRatioWith(this, further));
    }

    List<LedgerRow> ledger() {
        return selection.ledger(counted, school);
    }

    /** Of each test the criterion that speaks for the condition, clusters or not (method M3). */
    public List<Item> speakers() {
        return selection.speakers;
    }

    /** Whether the test has spoken for the condition, alone or through a counted cluster. */
    public boolean hasSpoken(String test) {
        return selection.spokenTests.contains(test);
    }

    /** The nodes that the school in force integrates over. */
    public Nodes nodes() {
        return nodes;
    }

    /** The posttest by every school (method M8). */
    Map<School, Double> bySchool() {
        return bySchool;
    }
}
