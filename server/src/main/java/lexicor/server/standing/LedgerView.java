package lexicor.server.standing;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.Cluster.Citation;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.catalogue.published.JudgedSign;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.Evidence.Weighable;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Wording;
import lexicor.core.numbers.Interval;
import lexicor.core.weighing.LedgerRow;
import lexicor.core.weighing.Status;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.explain.Hundred;
import lexicor.core.weighing.input.ClusterProgress;
import lexicor.core.weighing.input.PointsSoFar;
import lexicor.core.weighing.model.Item;
import lexicor.server.standing.Weighed.FiguresView;
import lexicor.server.standing.Weighed.HundredView;
import lexicor.server.standing.Weighed.LedgerRowView;
import lexicor.server.standing.Weighed.SoberView;
import lexicor.server.standing.Weighed.SourceView;

/** Ledger rows with their names, intervals and sources. */
final class LedgerView {
    private static final Pattern YEAR_AT_THE_END = Pattern.compile("(.*), (\\d{4})", Pattern.DOTALL);

    private final Catalogue catalogue;
    private final EvidenceBase evidence;
    private final Findings findings;
    private final boolean sober;

    /** @param sober whether the figures are weighed soberly */
    LedgerView(Catalogue catalogue, EvidenceBase evidence, Findings findings, boolean sober) {
        this.sober = sober;
        this.catalogue = catalogue;
        this.evidence = evidence;
        this.findings = findings;
    }

    static boolean isSpeakingCluster(LedgerRow row) {
        return row.kind() == Item.Kind.CLUSTER
                && (row.status() == Status.COUNTED
                        || row.status() == Status.SHARED
                        || row.status() == Status.SET_ASIDE);
    }

    List<LedgerRowView> rows(WeighedCondition condition) {
        return condition.ledger().stream()
                .map(row -> row.kind() == Item.Kind.CLUSTER
                        ? cluster(row, condition.pretest())
                        : finding(row, condition.id(), condition.pretest()))
                .toList();
    }

    private LedgerRowView finding(LedgerRow row, String condition, double pretest) {
        Optional<Weighable> weighed =
                weighable(Optional.ofNullable(evidence.of(row.id()).get(condition)));
        Optional<JudgedSign> judged =
                weighed.filter(Weighable::isJudged).flatMap(w -> catalogue.judged(row.id(), condition));
        // A judgement is words, never a figure.
        Optional<Weighable> studied = judged.isPresent() ? Optional.empty() : weighed;
        Optional<Interval> interval = interval(studied, row);
        return new LedgerRowView(
                row.id(),
                row.kind(),
                catalogue.findingName(row.id()),
                catalogue.testOf(row.id()).map(ClinicalTest::family).orElse(Finding.HISTORY_FAMILY),
                row.result(),
                findings.of(row.id()).map(Finding::reason).orElse(""),
                judged.isPresent() ? null : orNull(row.lrAlone()),
                interval.map(Interval::low).orElse(null),
                interval.map(Interval::high).orElse(null),
                orNull(row.lrAdded()),
                row.status(),
                StatusSentence.of(row, catalogue),
                weighed.map(w -> w.accuracy().method()).orElse(null),
                studied.map(w -> figures(w, pretest)).orElse(null),
                judged.map(LedgerView::words).orElse(null),
                evidence.rows(row.id(), condition).stream().map(this::source).toList());
    }

    private static String words(JudgedSign j) {
        return Wording.capital(j.sentence()) + " (judged" + (j.by().isEmpty() ? "" : " by " + j.by()) + ", no study): "
                + j.because() + ".";
    }

    private FiguresView figures(Weighable w, double pretest) {
        Accuracy a = w.accuracy();
        Accuracy.Shown shown = a.shown();
        Hundred people = Hundred.of(pretest, a.sensitivity(), a.specificity());
        return new FiguresView(
                shown.sensitivity(),
                shown.sensitivityInterval().low(),
                shown.sensitivityInterval().high(),
                shown.specificity(),
                shown.specificityInterval().low(),
                shown.specificityInterval().high(),
                sober ? new SoberView(w.sober().sensitivity(), w.sober().specificity()) : null,
                new HundredView(
                        people.outOf(),
                        people.with(),
                        people.positiveWith(),
                        people.positiveWithout(),
                        people.positive()));
    }

    private LedgerRowView cluster(LedgerRow row, double pretest) {
        Cluster cluster = catalogue.clusters().stream()
                .filter(c -> c.id().equals(row.id()))
                .findFirst()
                .orElseThrow();
        Optional<Interval> interval = interval(weighable(evidence.ofCluster(row.id())), row);
        return new LedgerRowView(
                row.id(),
                row.kind(),
                cluster.name(),
                "cluster",
                row.result(),
                members(cluster),
                orNull(row.lrAlone()),
                interval.map(Interval::low).orElse(null),
                interval.map(Interval::high).orElse(null),
                orNull(row.lrAdded()),
                row.status(),
                StatusSentence.of(row, catalogue),
                null,
                weighable(evidence.ofCluster(row.id()))
                        .map(w -> figures(w, pretest))
                        .orElse(null),
                null,
                List.of(clusterSource(cluster)));
    }

    private static Optional<Weighable> weighable(Optional<Evidence> evidence) {
        return evidence.filter(Weighable.class::isInstance).map(Weighable.class::cast);
    }

    /** The interval of the row's likelihood ratio alone; empty where the row has none. */
    private static Optional<Interval> interval(Optional<Weighable> weighed, LedgerRow row) {
        return weighed.filter(w -> row.lrAlone().isPresent())
                .map(w -> w.accuracy().ratioInterval(row.result().equals("positive")));
    }

    private String members(Cluster cluster) {
        long positive = cluster.members().stream()
                .filter(m -> findings.of(m)
                        .filter(f -> f.outcome() == Outcome.POSITIVE)
                        .isPresent())
                .count();
        ClusterProgress progress = ClusterProgress.of(cluster, findings);
        return progress.points()
                .map(PointsSoFar::words)
                .orElseGet(() -> positive + " of " + cluster.members().size() + " positive");
    }

    private SourceView source(AccuracyRow row) {
        Figures f = row.figures();
        return new SourceView(
                row.source(),
                row.year(),
                row.kind().id(),
                f.sensitivity(),
                orNull(f.specificity()),
                orNull(f.diseased()),
                orNull(f.healthy()),
                orNull(f.people()),
                row.population(),
                row.bias(),
                row.confidence(),
                catalogue.signOff(row).state().words(),
                row.note());
    }

    private SourceView clusterSource(Cluster cluster) {
        Optional<Figures> f = cluster.accuracy().stream().findFirst();
        Citation from = cluster.citation();
        Matcher ending = YEAR_AT_THE_END.matcher(from.source());
        boolean dated = ending.matches();
        return new SourceView(
                dated ? ending.group(1) : from.source(),
                dated ? Integer.parseInt(ending.group(2)) : null,
                from.designed() ? "designed" : from.derived() ? "derived" : "cluster",
                f.map(Figures::sensitivity).orElse(null),
                f.map(x -> orNull(x.specificity())).orElse(null),
                f.map(x -> orNull(x.diseased())).orElse(null),
                f.map(x -> orNull(x.healthy())).orElse(null),
                f.map(x -> orNull(x.people())).orElse(null),
                "",
                cluster.bias(),
                from.confidence(),
                catalogue.signOff(cluster).state().words(),
                from.caution());
    }

    private static Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
