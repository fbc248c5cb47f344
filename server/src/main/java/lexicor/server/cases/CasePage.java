package lexicor.server.cases;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.Ladder;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.AskedFor;
import lexicor.core.examination.CriterionEvaluator;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.planning.Besides;
import lexicor.core.planning.LadderStart;
import lexicor.core.planning.LadderWalk;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.ClusterProgress;
import lexicor.core.weighing.input.PointsSoFar;
import lexicor.server.cases.CaseViews.AnswerView;
import lexicor.server.cases.CaseViews.AskView;
import lexicor.server.cases.CaseViews.BesideView;
import lexicor.server.cases.CaseViews.BlockedTest;
import lexicor.server.cases.CaseViews.CarefulTest;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.CaseViews.ClusterView;
import lexicor.server.cases.CaseViews.Examination;
import lexicor.server.cases.CaseViews.FindingView;
import lexicor.server.cases.CaseViews.LadderStep;
import lexicor.server.cases.CaseViews.LadderView;
import lexicor.server.cases.CaseViews.LastTap;
import lexicor.server.cases.CaseViews.PlaceReadings;
import lexicor.server.cases.CaseViews.RaisedWarning;
import lexicor.server.cases.CaseViews.SettledView;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.TapRecord;
import lexicor.server.standing.Standing;
import lexicor.server.standing.Standings;
import org.springframework.stereotype.Component;

/** What the pages show of a case. */
@Component
public class CasePage {
    /** How many taps can be taken back one after another without waiting for an answer. */
    private static final int TAKEN_BACK = 20;

    private final CaseDoor door;
    private final OpenCases openCases;

    CasePage(CaseDoor door, OpenCases openCases) {
        this.door = door;
        this.openCases = openCases;
    }

    /** The stored case as it stands now. */
    public CaseView of(CaseRecord stored) {
        return of(openCases.of(stored));
    }

    /** The whole of it. */
    public CaseView of(OpenCase c) {
        return view(c, door.address(c.record()), examination(c));
    }

    /**
     * @param address under which the page finds it
     */
    public static CaseView view(OpenCase c, String address, Examination examination) {
        CaseRecord stored = c.record();
        return new CaseView(
                address,
                stored.id,
                stored.version,
                stored.owner,
                List.copyOf(stored.shares),
                stored.createdAt,
                stored.updatedAt,
                List.copyOf(stored.visits),
                stored.visit(),
                c.complaintName(),
                stored.closedAt,
                stored.closedBy,
                Intake.of(stored),
                c.plan(),
                examination);
    }

    /** What is recorded and where that leaves the case. */
    public static Examination examination(OpenCase c) {
        return examination(c, Standings.standing(c.bedside(), c.basis(), c.weighed(), c.earlier(), CasePlan.open(c)));
    }

    /** What is recorded, without where that leaves it. */
    public static Examination recorded(OpenCase c) {
        return examination(c, Standing.NONE);
    }

    private static Examination examination(OpenCase c, Standing standing) {
        return new Examination(
                places(c.readings()),
                findings(c),
                standing,
                lastTaps(c),
                clusters(c),
                ladders(c),
                Taken.variants(c.taps(), c.catalogue()),
                blocked(c),
                careful(c),
                warnings(c),
                besides(c),
                Taken.unknown(c.record(), c.unknown(), c.catalogue()));
    }

    private static List<BesideView> besides(OpenCase c) {
        Set<String> candidates =
                c.record().candidates.stream().map(k -> k.condition).collect(Collectors.toSet());
        return Besides.of(c.catalogue(), c.basis().evidence(), c.findings(), candidates, c.injured()).stream()
                .map(b -> new BesideView(
                        b.condition().id(), b.condition().name(), c.catalogue().findingName(b.finding())))
                .toList();
    }

    private static List<LastTap> lastTaps(OpenCase c) {
        List<LastTap> last = new ArrayList<>();
        for (int i = c.taps().size() - 1; i >= 0 && last.size() < TAKEN_BACK; i--) {
            TapRecord tap = c.taps().get(i);
            last.add(
                    new LastTap(tap.key, tap.test, tap.at, Side.withId(tap.side).orElseThrow()));
        }
        return last;
    }

    private static List<ClusterView> clusters(OpenCase c) {
        Set<String> candidates =
                c.bedside().conditions().stream().map(Candidate::id).collect(Collectors.toSet());
        return c.catalogue().clusters().stream()
                .filter(k -> candidates.contains(k.condition()))
                .map(k -> ClusterProgress.of(k, c.findings()))
                .map(p -> cluster(p, c.catalogue()))
                .toList();
    }

    private static ClusterView cluster(ClusterProgress progress, Catalogue catalogue) {
        Cluster cluster = progress.cluster();
        return new ClusterView(
                cluster.id(),
                cluster.name(),
                cluster.condition(),
                cluster.members().stream()
                        .flatMap(m -> catalogue.testOf(m).stream())
                        .map(ClinicalTest::id)
                        .distinct()
                        .toList(),
                progress.positives(),
                cluster.members().size() - progress.open().size(),
                cluster.members().size(),
                cluster.rule() instanceof ClusterRule.AtLeast rule ? rule.positives() : null,
                progress.points().map(PointsSoFar::words).orElse(null),
                progress.open().isEmpty() || progress.isDecidedEarly());
    }

    /** What stands recorded, place by place. */
    public static List<PlaceReadings> places(Readings readings) {
        List<PlaceReadings> places = new ArrayList<>();
        readings.byPlace().forEach((place, at) -> {
            Map<String, Object> values = new LinkedHashMap<>();
            at.leaves().forEach((leaf, value) -> values.put(leaf.leafName(), value.plain()));
            places.add(new PlaceReadings(place.test(), place.at(), place.side(), values));
        });
        return places;
    }

    /** Every criterion of every test begun, on both sides. */
    public static List<FindingView> findings(OpenCase c) {
        Set<String> begun = c.readings().tests();
        List<FindingView> views = new ArrayList<>();
        CriterionEvaluator evaluator = new CriterionEvaluator(c.catalogue(), c.readings());
        for (ClinicalTest test : c.catalogue().tests()) {
            if (begun.contains(test.id())) {
                for (Side side : List.of(c.involved().other(), c.involved())) {
                    for (Finding f : evaluator.evaluate(test, side)) {
                        Criterion criterion =
                                c.catalogue().criterion(f.criterion()).orElseThrow();
                        views.add(new FindingView(
                                f.criterion(),
                                test.id(),
                                criterion.label(),
                                side,
                                f.outcome(),
                                f.reason(),
                                f.assumed(),
                                side == c.involved() && f.assumed() && wouldCount(c, test, f)
                                        ? asked(c, test, criterion)
                                        : null));
                    }
                }
            }
        }
        return views;
    }

    /** Whether an assumed negative would count were it said: for a candidate for which a positive of its test speaks (method M19). */
    private static boolean wouldCount(OpenCase c, ClinicalTest test, Finding assumed) {
        EvidenceBase evidence = c.basis().evidence();
        return c.bedside().conditions().stream()
                .filter(k -> evidence.accuracy(assumed.criterion(), k.id()).isPresent())
                .anyMatch(k -> test.criterionIds().stream()
                        .filter(id -> c.findings()
                                .of(id)
                                .filter(f -> f.outcome() == Outcome.POSITIVE)
                                .isPresent())
                        .anyMatch(id -> evidence.accuracy(id, k.id())
                                .filter(a -> a.logPositiveRatio() > 0)
                                .isPresent()));
    }

    private static AskView asked(OpenCase c, ClinicalTest test, Criterion criterion) {
        return AskedFor.of(test, criterion, c.readings(), c.involved())
                .map(a -> new AskView(
                        a.at(),
                        a.question(),
                        a.answers().stream()
                                .map(answer -> new AnswerView(
                                        answer.label(),
                                        answer.changes().entrySet().stream()
                                                .collect(Collectors.toMap(
                                                        e -> e.getKey().leafName(),
                                                        e -> e.getValue().plain()))))
                                .toList()))
                .orElse(null);
    }

    /** Every test that a precaution or a warning sign blocks, with the reason for going ahead where there is one. */
    public static List<BlockedTest> blocked(OpenCase c) {
        return c.catalogue().tests().stream()
                .filter(t -> c.blocks().tests().contains(t.id()))
                .map(t -> new BlockedTest(
                        t.id(),
                        c.blocks().because(t.id()),
                        c.goneAheadWith(t.id()).orElse(null)))
                .toList();
    }

    /** Tests that are done with care alone, and why. */
    private static List<CarefulTest> careful(OpenCase c) {
        return c.catalogue().tests().stream()
                .map(t -> new CarefulTest(t.id(), c.blocks().careBecause(t.id())))
                .filter(t -> !t.because().isEmpty())
                .toList();
    }

    private static List<RaisedWarning> warnings(OpenCase c) {
        return c.blocks().warnings().stream()
                .map(r -> new RaisedWarning(
                        r.sign().id(),
                        r.sign().name(),
                        r.sign().message(),
                        r.because(),
                        r.sign().discreet(),
                        r.excluded(),
                        Optional.ofNullable(c.record().settled.get(r.sign().id()))
                                .filter(s -> r.excluded() == s.isExcluded())
                                .map(s -> new SettledView(s.state, s.why, s.madeBy, s.madeAt))
                                .orElse(null)))
                .toList();
    }

    /** Those that point at a candidate, or whose question the findings answer, or that were started. */
    private static List<LadderView> ladders(OpenCase c) {
        Map<String, String> started = c.record().ladders;
        Set<String> candidates =
                c.bedside().conditions().stream().map(Candidate::id).collect(Collectors.toSet());
        return c.catalogue().ladders().stream()
                .filter(l -> started.containsKey(l.id())
                        || LadderStart.isOffered(l, c.findings())
                        || l.suspects().stream().anyMatch(candidates::contains))
                .map(l -> ladder(l, started.get(l.id()), c))
                .toList();
    }

    private static LadderView ladder(Ladder ladder, String answer, OpenCase c) {
        Optional<LadderWalk> walk =
                Optional.ofNullable(answer).map(a -> LadderWalk.of(c.catalogue(), ladder, a, c.findings()));
        Optional<LadderWalk.Current> current = walk.flatMap(LadderWalk::current);
        Optional<Ladder.Step.End> end = walk.flatMap(LadderWalk::end);
        return new LadderView(
                ladder.id(),
                ladder.name(),
                ladder.question(),
                List.copyOf(ladder.answers().keySet()),
                LadderStart.answer(ladder, c.findings()).orElse(null),
                answer,
                walk.map(LadderWalk::taken).orElse(List.of()).stream()
                        .map(s -> new LadderStep(s.test(), s.outcome()))
                        .toList(),
                current.map(LadderWalk.Current::test).orElse(null),
                current.map(LadderWalk.Current::unclear).orElse(false),
                end.isPresent(),
                end.map(Ladder.Step.End::suspect).orElse(List.of()),
                end.map(Ladder.Step.End::reading).orElse(""));
    }
}
