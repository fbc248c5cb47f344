package lexicor.server.standing;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.CountHabit;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Outcome;
import lexicor.core.planning.Blocks;
import lexicor.core.planning.Restraint;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.School;
import lexicor.core.weighing.Status;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.explain.Doubts;
import lexicor.core.weighing.explain.Explanation;
import lexicor.core.weighing.explain.Hundred;
import lexicor.core.weighing.explain.PathStep;
import lexicor.core.weighing.explain.UncheckedShare;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.WeighingSettings;
import lexicor.core.weighing.listed.ConditionList;
import lexicor.core.weighing.model.Item;
import lexicor.server.standing.Standing.ConditionStanding;
import lexicor.server.standing.Standing.LeftView;

/** What a weighing comes to, as the pages show it. */
public final class Standings {
    private static final String BANDS =
            "Wide band: what a new clinic may find; the narrow one inside it: how well the average is known. Both cover what the"
                    + " figures leave open (95 %), and neither covers a diagnosis that is not among the candidates.";
    private static final int NEXT_SHOWN = 8;
    /** What would tell most; what is advised stands beside it. */
    private static final int NEXT_AT_THE_COUCH = 1;

    private static final String FRESH =
            "Nothing is recorded at this visit yet. Each visit weighs its own findings, so every"
                    + " candidate stands at its base rate again; where it stood before is said beside it.";

    private Standings() {}

    /** The conditions in order, without what could be tested next. */
    public static List<ConditionStanding> conditions(BedsideCase bedside, Basis basis, List<WeighedCondition> ranked) {
        return ConditionViews.of(
                bedside, basis, ranked, Map.of(), new SettleViews(basis.catalogue(), ranked, List.of()));
    }

    /** The case weighed in full. */
    public static Weighed weighed(
            BedsideCase bedside, Basis basis, WeighedCase result, Map<String, LastStanding> earlier, OpenPlan planned) {
        WeighingSettings settings = basis.settings();
        Map<String, List<Weighed.LedgerRowView>> ledgers = new LinkedHashMap<>();
        LedgerView view = new LedgerView(
                basis.catalogue(),
                basis.evidence(),
                bedside.findings(),
                basis.school().isSober());
        result.conditions().forEach(c -> ledgers.put(c.id(), view.rows(c)));
        boolean clustersSpeak =
                result.conditions().stream().flatMap(c -> c.ledger().stream()).anyMatch(LedgerView::isSpeakingCluster);
        List<Weighed.SchoolView> schools = result.schools().entrySet().stream()
                .map(e -> new Weighed.SchoolView(
                        e.getKey(),
                        schoolName(e.getKey()),
                        e.getKey() != School.PUBLISHED_CLUSTERS || clustersSpeak,
                        e.getValue()))
                .toList();
        return new Weighed(
                standing(bedside, basis, result, earlier, planned, NEXT_SHOWN),
                ledgers,
                schools,
                result.rankingDependsOnSchool(),
                new Weighed.Method(
                        basis.department().school(),
                        settings.familyOverlap(),
                        settings.generalOverlap(),
                        settings.crossActivation(),
                        settings.clusterShare(),
                        settings.highBias(),
                        settings.judgements()),
                bias(bedside, basis, result),
                reasons(bedside, basis, result),
                counts(bedside, basis.catalogue()),
                null);
    }

    private static Map<String, Weighed.ReasonsView> reasons(BedsideCase bedside, Basis basis, WeighedCase result) {
        EvidenceBase known = basis.evidence();
        Explanation explanation =
                Explanation.of(bedside.against(basis.catalogue(), known, basis.settings()), basis.school());
        Map<String, Weighed.ReasonsView> reasons = new LinkedHashMap<>();
        for (WeighedCondition c : result.conditions()) {
            reasons.put(
                    c.id(),
                    new Weighed.ReasonsView(
                            explanation.path(c.id()).stream()
                                    .map(s -> new Weighed.PathStepView(
                                            s.id(), s.from(), s.to(), words(s, basis.catalogue())))
                                    .toList(),
                            Doubts.of(c, known, explanation).stream()
                                    .map(d -> DoubtSentence.of(d, basis.catalogue()))
                                    .toList(),
                            c.posttestFrom(c.pretest() / 2),
                            c.pretest() < 0.5 ? c.posttestFrom(2 * c.pretest()) : null,
                            people(c.pretest(), c),
                            people(c.posttest(), c),
                            UncheckedShare.of(c, known),
                            pull(c, basis)));
        }
        return reasons;
    }

    /** What a step is that no finding or cluster makes; null for one of those. */
    private static String words(PathStep step, Catalogue catalogue) {
        if (step.id().startsWith(PathStep.HELD)) {
            String cluster = step.id().substring(PathStep.HELD.length());
            return "Held by \u201c" + StatusSentence.name(cluster, catalogue)
                    + "\u201d, which is open: its members together say no more than it could";
        }
        return switch (step.id()) {
            case PathStep.OTHERS -> "What the other candidates explain";
            case PathStep.CLUSTERS -> "What clusters add beside their members";
            case PathStep.BY_HALF -> "What the other candidates and the clusters change, by half";
            default -> null;
        };
    }

    /** What decided clusters add beside their members (method M17). */
    private static Weighed.PullView pull(WeighedCondition c, Basis basis) {
        if (c.clusterPull().isEmpty()) {
            return null;
        }
        double factor = c.clusterPull().getAsDouble();
        String clusters = c.ledger().stream()
                .filter(r -> r.status() == Status.SHARED || r.kind() == Item.Kind.CLUSTER && r.status() == Status.OPEN)
                .map(r -> StatusSentence.name(r.id(), basis.catalogue()))
                .collect(Collectors.joining(", "));
        return new Weighed.PullView(
                factor,
                String.format(
                        Locale.ROOT,
                        "%s: the cluster and its members are two readings of the same results, so what it says beyond them is"
                                + " believed %s. It multiplies the odds by %.2f.",
                        clusters,
                        share(c, basis),
                        factor));
    }

    private static String share(WeighedCondition c, Basis basis) {
        double share = c.clusterShare();
        return share == 1
                ? basis.settings().clusterShare() == 1
                        ? "in full"
                        : "in full, since one of its members has no figures of its own"
                : share == 0.5 ? "by half" : "by " + Percent.of(share);
    }

    /** Before and after of the same number of people, so that the two can be compared. */
    private static Weighed.PeopleView people(double probability, WeighedCondition c) {
        int outOf = Math.max(Hundred.people(c.pretest()), Hundred.people(c.posttest()));
        return new Weighed.PeopleView(outOf, (int) Math.round(outOf * probability));
    }

    private static List<Weighed.CountView> counts(BedsideCase bedside, Catalogue catalogue) {
        Set<String> candidates =
                bedside.conditions().stream().map(Candidate::id).collect(Collectors.toSet());
        return catalogue.counts().stream()
                .filter(c -> candidates.contains(c.condition()))
                .map(c -> count(c, bedside, catalogue))
                .toList();
    }

    private static Weighed.CountView count(CountHabit habit, BedsideCase bedside, Catalogue catalogue) {
        int positives = 0;
        int done = 0;
        for (String member : habit.members()) {
            Outcome outcome =
                    bedside.findings().of(member).map(Finding::outcome).orElse(Outcome.NOT_DONE);
            positives += outcome == Outcome.POSITIVE ? 1 : 0;
            done += outcome == Outcome.POSITIVE || outcome == Outcome.NEGATIVE ? 1 : 0;
        }
        return new Weighed.CountView(
                habit.name(),
                catalogue.condition(habit.condition()).orElseThrow().name(),
                positives,
                done,
                habit.members().size(),
                habit.atLeast(),
                positives >= habit.atLeast(),
                habit.note());
    }

    /** What every way would make of the case; the way in use is weighed already. */
    private static Weighed.BiasView bias(BedsideCase bedside, Basis basis, WeighedCase inUse) {
        HighBias used = basis.settings().highBias();
        List<Weighed.BiasResult> results = Arrays.stream(HighBias.values())
                .map(way -> biasResult(
                        way, basis.catalogue(), way == used ? inUse.conditions() : ranked(bedside, basis.taking(way))))
                .toList();
        long orders = results.stream()
                .map(r -> r.order().stream().map(Weighed.BiasPlace::condition).toList())
                .distinct()
                .count();
        return new Weighed.BiasView(
                basis.department().highBias(), basis.ofCase().orElse(null), orders > 1, results);
    }

    private static Weighed.BiasResult biasResult(HighBias way, Catalogue catalogue, List<WeighedCondition> weighed) {
        return new Weighed.BiasResult(
                way,
                weighed.stream()
                        .map(c -> new Weighed.BiasPlace(
                                c.id(),
                                catalogue.condition(c.id()).orElseThrow().name(),
                                c.pretest(),
                                c.posttest()))
                        .toList());
    }

    private static List<WeighedCondition> ranked(BedsideCase bedside, Basis basis) {
        return Weighing.rank(bedside.against(basis.catalogue(), basis.evidence(), basis.settings()), basis.school());
    }

    /**
     * Where the case stands, as short as every tap is answered with.
     *
     * @param earlier where candidates stood at earlier visits, by condition
     */
    public static Standing standing(
            BedsideCase bedside, Basis basis, WeighedCase result, Map<String, LastStanding> earlier, OpenPlan planned) {
        return standing(bedside, basis, result, earlier, planned, NEXT_AT_THE_COUCH);
    }

    private static Standing standing(
            BedsideCase bedside,
            Basis basis,
            WeighedCase result,
            Map<String, LastStanding> earlier,
            OpenPlan planned,
            int shown) {
        Catalogue catalogue = basis.catalogue();
        Set<String> done = bedside.findings().testsDone(catalogue);
        NextViews next = new NextViews(catalogue, basis.evidence(), result, done);
        List<NextTest> reachable = reachable(bedside, catalogue, result);
        boolean anything = result.conditions().stream().anyMatch(ConditionList::isWeighed);
        List<Restraint.Left> left = Restraint.of(catalogue, bedside.findings(), result);
        return new Standing(
                ConditionViews.of(
                        bedside,
                        basis,
                        result.conditions(),
                        earlier,
                        new SettleViews(catalogue, result.conditions(), reachable)),
                BANDS,
                next.most(reachable, shown),
                next.advice(reachable, planned, left),
                anything && result.settled(),
                left.stream()
                        .map(l -> new LeftView(l.test(), l.kind(), l.words()))
                        .toList(),
                done.isEmpty() && !earlier.isEmpty() ? FRESH : null);
    }

    /** The next tests that can be come to: what has to come first is done, or not blocked. */
    public static List<NextTest> reachable(BedsideCase bedside, Catalogue catalogue, WeighedCase result) {
        Set<String> done = bedside.findings().testsDone(catalogue);
        return result.nextTests().stream()
                .filter(t ->
                        Blocks.isReachable(catalogue, catalogue.testOf(t.id()).orElseThrow(), done, bedside.blocked()))
                .toList();
    }

    private static String schoolName(School school) {
        return switch (school) {
            case SOBER -> "Sober";
            case INDEPENDENT -> "Each counts in full";
            case OVERLAP_AWARE -> "Overlap counted";
            case DIFFERENTIAL -> "Weighed together";
            case STRONGEST_PER_FAMILY -> "Strongest of a family";
            case PUBLISHED_CLUSTERS -> "Clusters only";
        };
    }
}
