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
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.numbers.Interval;
import lexicor.core.weighing.LedgerRow;
import lexicor.core.weighing.Status;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.explain.Hundred;
import lexicor.core.weighing.model.Item;
import lexicor.server.standing.Weighed.FiguresView;
import lexicor.server.standing.Weighed.HundredView;
import lexicor.server.standing.Weighed.LedgerRowView;
import lexicor.server.standing.Weighed.SourceView;

/** Ledger rows with their names, intervals and sources. */
final class LedgerView {
    private static final Pattern YEAR_AT_THE_END = Pattern.compile("(.*), (\\d{4})", Pattern.DOTALL);

    private final Catalogue catalogue;
    private final EvidenceBase evidence;
    private final Findings findings;

    LedgerView(Catalogue catalogue, EvidenceBase evidence, Findings findings) {
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
        Optional<Accuracy> accuracy =
                accuracy(Optional.ofNullable(evidence.of(row.id()).get(condition)));
        Optional<Interval> interval = interval(accuracy, row);
        return new LedgerRowView(
                row.id(),
                row.kind(),
                catalogue.findingName(row.id()),
                catalogue.testOf(row.id()).map(ClinicalTest::family).orElse(Finding.HISTORY_FAMILY),
                row.result(),
                findings.of(row.id()).map(Finding::reason).orElse(""),
                orNull(row.lrAlone()),
                interval.map(Interval::low).orElse(null),
                interval.map(Interval::high).orElse(null),
                orNull(row.lrAdded()),
                row.status(),
                StatusSentence.of(row, catalogue),
                accuracy.map(a -> a.method()).orElse(null),
                accuracy.map(a -> figures(a, pretest)).orElse(null),
                evidence.rows(row.id(), condition).stream().map(this::source).toList());
    }

    private static FiguresView figures(Accuracy a, double pretest) {
        Accuracy.Shown shown = a.shown();
        Hundred people = Hundred.of(pretest, a.sensitivity(), a.specificity());
        return new FiguresView(
                shown.sensitivity(),
                shown.sensitivityInterval().low(),
                shown.sensitivityInterval().high(),
                shown.specificity(),
                shown.specificityInterval().low(),
                shown.specificityInterval().high(),
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
        Optional<Interval> interval = interval(accuracy(evidence.ofCluster(row.id())), row);
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
                accuracy(evidence.ofCluster(row.id()))
                        .map(a -> figures(a, pretest))
                        .orElse(null),
                List.of(clusterSource(cluster)));
    }

    private static Optional<Accuracy> accuracy(Optional<Evidence> evidence) {
        return evidence.filter(Evidence.Weighable.class::isInstance).map(e -> ((Evidence.Weighable) e).accuracy());
    }

    /** The interval of the row's likelihood ratio alone; empty where the row has none. */
    private static Optional<Interval> interval(Optional<Accuracy> accuracy, LedgerRow row) {
        return accuracy.filter(a -> row.lrAlone().isPresent())
                .map(a -> a.ratioInterval(row.result().equals("positive")));
    }

    private String members(Cluster cluster) {
        long positive = cluster.members().stream()
                .filter(m -> findings.of(m)
                        .filter(f -> f.outcome() == Outcome.POSITIVE)
                        .isPresent())
                .count();
        return positive + " of " + cluster.members().size() + " positive";
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
