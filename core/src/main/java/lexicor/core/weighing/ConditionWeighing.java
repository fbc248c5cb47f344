package lexicor.core.weighing;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import lexicor.core.evidence.Covariance;
import lexicor.core.numbers.Interval;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.Families;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.Nodes;
import lexicor.core.weighing.model.OverlapModel;

/** One condition's weighing: what is counted, its posttest, and how sure that is (method M4 to M8, M17). */
public final class ConditionWeighing {
    /** What people differ in beyond the studies' figures, once others share in the explanation (method M17). */
    private static final double BEYOND_THE_FIGURES = 0.35;

    public final Candidate candidate;
    public final Selection selection;
    public final double pretestLogit;
    /** What counts were the condition weighed by itself. */
    public final OverlapModel counted;
    /** Everything that the school counts by itself, before anything is set aside. */
    final OverlapModel entered;

    private final School school;
    private final WeighingSettings settings;
    /** Of what may count, each as often as it has one. */
    private final List<String> families;
    /** What the school in force integrates over. */
    private final Nodes nodes;
    /** What it comes to among the others; empty where it stands by itself. */
    private final Optional<AmongRivals> among;

    private final Map<School, OverlapModel> models = new EnumMap<>(School.class);
    private Alone alone;
    private Spread spread;

    /** Standard deviations of the posttest's log-odds: how well the average is known, and what a new clinic may find. */
    record Spread(double average, double newClinic) {}

    /**
     * One condition by itself.
     *
     * @param school the way to weigh that the standing follows
     */
    public ConditionWeighing(CaseToWeigh given, Families named, Candidate candidate, School school) {
        this.candidate = candidate;
        this.school = school;
        settings = given.settings();
        selection = new Selection(given, named, candidate.id());
        pretestLogit = Logit.of(candidate.pretest());
        families = new ArrayList<>();
        selection.speakers.forEach(i -> this.families.add(i.family));
        selection.entered.stream().filter(i -> i.kind == Item.Kind.CLUSTER).forEach(i -> this.families.add(i.family));
        nodes = nodes(school.rule());
        entered = OverlapModel.of(nodes, school.rule().entered(selection));
        counted = school.rule().counted(entered);
        models.put(school, counted);
        among = Optional.empty();
    }

    private ConditionWeighing(ConditionWeighing alone, Optional<AmongRivals> among) {
        candidate = alone.candidate;
        school = alone.school;
        settings = alone.settings;
        selection = alone.selection;
        pretestLogit = alone.pretestLogit;
        entered = alone.entered;
        counted = alone.counted;
        families = alone.families;
        nodes = alone.nodes;
        models.putAll(alone.models);
        this.alone = alone.alone;
        this.among = among;
    }

    /** The same among the others. */
    ConditionWeighing among(Rivalry rivalry) {
        return new ConditionWeighing(this, rivalry.of(alone()));
    }

    private Nodes nodes(SchoolRule rule) {
        return rule.nodes(settings, families);
    }

    /** What one of the schools counts; the differential counts by itself what the overlap-aware one does. */
    private OverlapModel model(School of) {
        return models.computeIfAbsent(of, s -> s.rule()
                .counted(OverlapModel.of(nodes(s.rule()), s.rule().entered(selection))));
    }

    /** As the differential takes it (method M17). */
    Alone alone() {
        if (alone == null) {
            alone = takenAlone();
        }
        return alone;
    }

    private Alone takenAlone() {
        double logRatio = model(School.OVERLAP_AWARE).logRatio();
        OptionalDouble clusterLog = OptionalDouble.empty();
        double share = settings.clusterShare();
        if (!selection.clusters.isEmpty()) {
            double oneByOne = OverlapModel.of(nodes(School.OVERLAP_AWARE.rule()), selection.speakers)
                    .settled()
                    .logRatio();
            clusterLog = OptionalDouble.of(logRatio - oneByOne);
            share = selection.clusterKnowsMore() ? 1 : share;
        }
        Map<String, Item> speakers = new LinkedHashMap<>();
        selection.speakers.forEach(i -> speakers.put(i.id, i));
        return new Alone(candidate, speakers, selection.speakerTests, logRatio, clusterLog, share);
    }

    /** What it comes to among the others; empty where it stands by itself. */
    public Optional<AmongRivals> among() {
        return among;
    }

    /** {@code ln} of the ratio of the odds after to the odds before. */
    double logRatio() {
        return among.map(a -> a.posttestLogit() - pretestLogit).orElseGet(counted::logRatio);
    }

    /** The log-odds that the condition stands at. */
    double posttestLogit() {
        return pretestLogit + logRatio();
    }

    public double posttest() {
        return Logit.inverse(posttestLogit());
    }

    /** Whether it stands between its lines (method M11). */
    boolean isUndecided() {
        return Verdict.of(posttest(), candidate) == Verdict.UNDECIDED;
    }

    Spread spread() {
        if (spread == null) {
            spread = spreadOut();
        }
        return spread;
    }

    private Spread spreadOut() {
        double average = candidate.pretestLogitSd() * candidate.pretestLogitSd();
        double newClinic = average;
        for (Item item : counted.items) {
            double bySn = counted.bySensitivity(item);
            double bySp = counted.bySpecificity(item);
            average += variance(item.estimate, bySn, bySp);
            newClinic += variance(item.predictive, bySn, bySp);
        }
        if (among.isPresent()) {
            double half = among.get().carried() / 2;
            average += half * half;
            newClinic += half * half;
            if (!counted.items.isEmpty()) {
                newClinic += BEYOND_THE_FIGURES * BEYOND_THE_FIGURES;
            }
        }
        return new Spread(Math.sqrt(average), Math.sqrt(newClinic));
    }

    private static double variance(Covariance covariance, double bySn, double bySp) {
        return Math.max(0, covariance.quadraticForm(bySn, bySp));
    }

    Interval band(double standardDeviation) {
        double half = Interval.Z * standardDeviation;
        return new Interval(Logit.inverse(posttestLogit() - half), Logit.inverse(posttestLogit() + half));
    }

    /**
     * The posttest with one more result, by what it moves the condition alone, reversals set aside (method M10). Everything entered
     * has its say again, also what is set aside as things stand.
     */
    double movedBy(Item further, OverlapModel.Extension extension) {
        return moved(logRatioWith(further, extension));
    }

    /** {@code ln LR} by itself with one more result, reversals set aside. */
    double logRatioWith(Item further, OverlapModel.Extension extension) {
        return school.rule().logRatioWith(this, further, extension);
    }

    /** The posttest with several more results of tests that have not spoken yet, by what they move the condition alone. */
    public double movedBy(List<Item> further) {
        return moved(school.rule().logRatioWith(this, further));
    }

    private double moved(double logRatio) {
        return Logit.inverse(posttestLogit() + logRatio - counted.logRatio());
    }

    List<LedgerRow> ledger() {
        return new Ledger(selection, counted, school, among).rows();
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

    /** The nodes that it would take with one more finding of a family. */
    Nodes nodesWith(String family) {
        List<String> more = new ArrayList<>(families);
        more.add(family);
        return school.rule().nodes(settings, more);
    }

    /** The posttest by one of the schools, each condition by itself (method M8). */
    double posttestBy(School of) {
        return Logit.inverse(pretestLogit + model(of).logRatio());
    }
}
