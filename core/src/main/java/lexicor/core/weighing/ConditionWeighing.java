package lexicor.core.weighing;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lexicor.core.evidence.Covariance;
import lexicor.core.numbers.Interval;
import lexicor.core.numbers.Logit;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.Families;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.Nodes;
import lexicor.core.weighing.model.OverlapModel;

/** One condition's weighing: what is counted, its posttest, and how sure that is (method M4 to M8, M17, M23). */
public final class ConditionWeighing {
    /** What people differ in beyond the studies' figures, once others share in the explanation (method M17). */
    private static final double BEYOND_THE_FIGURES = 0.35;

    public final Candidate candidate;
    final Selection selection;
    public final double pretestLogit;

    private final School school;
    private final WeighingSettings settings;
    /** What it comes to among the others; empty where it stands by itself. */
    private final Optional<AmongRivals> among;

    private final Map<School, ByItself> byItself;
    private final Map<School, Alone> alone;
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
        among = Optional.empty();
        byItself = new EnumMap<>(School.class);
        alone = new EnumMap<>(School.class);
    }

    private ConditionWeighing(ConditionWeighing alone, Optional<AmongRivals> among) {
        candidate = alone.candidate;
        school = alone.school;
        settings = alone.settings;
        selection = alone.selection;
        pretestLogit = alone.pretestLogit;
        byItself = alone.byItself;
        this.alone = alone.alone;
        this.among = among;
    }

    /** The same among the others. */
    ConditionWeighing among(Rivalries rivalries) {
        return new ConditionWeighing(this, rivalries.of(alone(school)));
    }

    /** What the way in force makes of it by itself. */
    ByItself byItself() {
        return byItself(school);
    }

    private ByItself byItself(School of) {
        return byItself.computeIfAbsent(of.byItself(), s -> new ByItself(selection, s, settings));
    }

    /** As one of the ways that weigh the conditions together takes it (method M17). */
    Alone alone(School together) {
        return alone.computeIfAbsent(together.byItself(), this::takenAlone);
    }

    private Alone takenAlone(School of) {
        ByItself here = byItself(of);
        double share = selection.clusterKnowsMore() ? 1 : settings.clusterShare();
        Map<String, Item> speakers = new LinkedHashMap<>();
        here.figures(selection.speakers).forEach(i -> speakers.put(i.id, i));
        return new Alone(candidate, speakers, selection.speakerTests, here.logRatio(), here.clusterLog(), share);
    }

    /** What it comes to among the others; empty where it stands by itself. */
    public Optional<AmongRivals> among() {
        return among;
    }

    /** What counts were the condition weighed by itself. */
    public OverlapModel counted() {
        return byItself().counted;
    }

    /** The open clusters that hold their members back, by id (method M5). */
    public List<String> heldBy() {
        return byItself().held().by();
    }

    /** {@code ln LR} by itself, members held by their open clusters. */
    public double logRatioByItself() {
        return byItself().logRatio();
    }

    /** {@code ln} of the ratio of the odds after to the odds before. */
    double logRatio() {
        return among.map(a -> school.between(logRatioByItself(), a.posttestLogit() - pretestLogit))
                .orElseGet(this::logRatioByItself);
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
        OverlapModel counted = counted();
        for (Item item : counted.items) {
            double bySn = counted.bySensitivity(item);
            double bySp = counted.bySpecificity(item);
            average += variance(item.estimate, bySn, bySp);
            newClinic += variance(item.predictive, bySn, bySp);
        }
        if (school.isTogether()) {
            double half = among.map(AmongRivals::carried).orElse(0.0) / 2;
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
        return Logit.inverse(posttestLogit() + logRatio - counted().logRatio());
    }

    List<LedgerRow> ledger() {
        return new Ledger(selection, counted(), school, among).rows();
    }

    /** Of each test the criteria that speak for the condition, clusters or not (method M3), as printed. */
    public List<Item> speakers() {
        return selection.speakers;
    }

    /** Whether a criterion that reads the same has spoken for the condition, alone or through a counted cluster. */
    public boolean hasSpoken(OfferedTest test) {
        return selection.hasSpoken(test);
    }

    /** The nodes that the school in force integrates over. */
    public Nodes nodes() {
        return byItself().nodes;
    }

    /** The posttest by one of the schools, each condition by itself (method M8). */
    double posttestBy(School of) {
        return Logit.inverse(pretestLogit + byItself(of).logRatio());
    }
}
