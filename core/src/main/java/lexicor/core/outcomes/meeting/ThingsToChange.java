package lexicor.core.outcomes.meeting;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.examination.Wording;
import lexicor.core.numbers.Interval;
import lexicor.core.numbers.Logit;
import lexicor.core.outcomes.accuracy.OwnTable;
import lexicor.core.outcomes.accuracy.VerificationCorrection;
import lexicor.core.outcomes.foresight.Foresight;
import lexicor.core.outcomes.foresight.Judged;
import lexicor.core.outcomes.rates.LearnedRate;
import lexicor.core.outcomes.rates.OwnRates;

/**
 * The things that a department could change, the weightiest first, each of another kind (method M13). Nothing is said that chance
 * explains at 95 %, nor on fewer people than {@link OwnTable#FEW} on either side.
 */
public final class ThingsToChange {
    private static final int MOST = 3;
    private static final int FEWEST_CASES = 20;
    private static final int OFTEN = 30;
    /** Outside these the log-odds of a share run away; a working line. */
    private static final double LEAST_SHARE = 0.02;

    /** Late answers count as if the share still waiting were held against this. */
    private static final int MANY_WAITING = 5;

    private final Catalogue catalogue;
    private final EvidenceBase evidence;
    private final List<Thing> all = new ArrayList<>();

    private ThingsToChange(Catalogue catalogue, EvidenceBase evidence) {
        this.catalogue = catalogue;
        this.evidence = evidence;
    }

    /**
     * @param late answers that have been waited for longer than usual
     */
    public static List<Thing> of(
            Catalogue catalogue,
            EvidenceBase evidence,
            Collection<OwnTable> tables,
            Collection<OwnRates.Counted> rates,
            Foresight foresight,
            int late) {
        ThingsToChange found = new ThingsToChange(catalogue, evidence);
        found.late(late);
        found.negatives(tables);
        tables.forEach(found::table);
        rates.forEach(found::rate);
        found.foresight(foresight);
        return found.weightiest();
    }

    private List<Thing> weightiest() {
        Set<Thing.Kind> said = EnumSet.noneOf(Thing.Kind.class);
        return all.stream()
                .sorted(Comparator.comparingDouble((Thing t) -> -t.weight()).thenComparing(Thing::words))
                .filter(t -> said.add(t.kind()))
                .limit(MOST)
                .toList();
    }

    private void late(int late) {
        if (late >= MANY_WAITING) {
            add(
                    Thing.Kind.WAITING,
                    String.format(
                            Locale.ROOT,
                            "%d answers have been waited for longer than eight weeks. Ask for them: without them nobody learns whether the referral was right.",
                            late),
                    Math.sqrt(late),
                    "",
                    "");
        }
    }

    /** Over all tables together: whoever is positive is looked at more often. */
    private void negatives(Collection<OwnTable> tables) {
        int positives = tables.stream().mapToInt(OwnTable::positives).sum();
        int negatives = tables.stream().mapToInt(OwnTable::negatives).sum();
        double ofPositives = tables.stream().mapToInt(t -> t.tp() + t.fp()).sum() / (double) Math.max(1, positives);
        double ofNegatives = tables.stream().mapToInt(t -> t.fn() + t.tn()).sum() / (double) Math.max(1, negatives);
        double off = logit(ofPositives) - logit(ofNegatives);
        if (positives >= OFTEN && negatives >= OFTEN && off > 0.5) {
            add(
                    Thing.Kind.VERIFY_NEGATIVES,
                    String.format(
                            Locale.ROOT,
                            "Of positive results %s were followed to an answer, of negative ones %s. Ask after some of the negatives too, a call after three months will do: a miss nobody hears of cannot be learned from.",
                            percent(ofPositives),
                            percent(ofNegatives)),
                    off * Math.sqrt(OFTEN),
                    "",
                    "");
        }
    }

    private void table(OwnTable table) {
        if (table.isSmall() || table.study().isEmpty()) {
            return;
        }
        TwoByTwo study = table.study().orElseThrow();
        Optional<VerificationCorrection> corrected = table.corrected();
        Interval sensitivity =
                corrected.map(VerificationCorrection::sensitivityInterval).orElse(study.sensitivityInterval());
        Interval specificity =
                corrected.map(VerificationCorrection::specificityInterval).orElse(study.specificityInterval());
        published(table).ifPresent(p -> {
            differs(
                    table,
                    "sensitivity",
                    "of those who have it come out positive",
                    sensitivity,
                    corrected.map(VerificationCorrection::sensitivity).orElse(study.sensitivity()),
                    p.shown().sensitivity(),
                    table.with());
            differs(
                    table,
                    "specificity",
                    "of those who do not have it come out negative",
                    specificity,
                    corrected.map(VerificationCorrection::specificity).orElse(study.specificity()),
                    p.shown().specificity(),
                    table.without());
        });
        boolean aimedAt =
                catalogue.testOf(table.of()).isPresent() && published(table).isPresent();
        if (aimedAt
                && study.positiveRatio().interval().low() < 1
                && study.positiveRatio().interval().high() > 1
                && study.negativeRatio().interval().low() < 1
                && study.negativeRatio().interval().high() > 1
                && table.positives() + table.negatives() >= OFTEN) {
            add(
                    Thing.Kind.SAYS_NOTHING,
                    String.format(
                            Locale.ROOT,
                            "%s was done in %d people and told nothing about %s here: positive or negative, it was there as often. Leave it out, or look at how it is done.",
                            name(table.of()),
                            table.positives() + table.negatives(),
                            condition(table.condition())),
                    Math.log(table.positives() + (double) table.negatives()) / 2,
                    table.of(),
                    table.condition());
        }
    }

    private Optional<Accuracy> published(OwnTable table) {
        return evidence.accuracy(table.of(), table.condition());
    }

    private void differs(
            OwnTable table, String figure, String words, Interval own, double here, double published, int people) {
        if (published < own.low() || published > own.high()) {
            add(
                    Thing.Kind.OWN_ACCURACY,
                    String.format(
                            Locale.ROOT,
                            "%s for %s: here %s %s, published are %s (%s). Do it together once and agree on how and when it is positive; then think of weighing with your own figures.",
                            name(table.of()),
                            condition(table.condition()),
                            percent(here),
                            words,
                            percent(published),
                            figure),
                    Math.abs(logit(here) - logit(published)) * Math.sqrt(people),
                    table.of(),
                    table.condition());
        }
    }

    private void rate(OwnRates.Counted counted) {
        Optional<Complaint> complaint = catalogue.complaint(counted.complaint());
        Optional<Condition> condition = catalogue.condition(counted.condition());
        if (counted.known() < FEWEST_CASES || complaint.isEmpty() || condition.isEmpty()) {
            return;
        }
        double start = complaint.get().startingRate(condition.get(), counted.setting());
        LearnedRate learned = LearnedRate.of(start, counted.present(), counted.known());
        if (learned.isElsewhere()) {
            add(
                    Thing.Kind.BASE_RATE,
                    String.format(
                            Locale.ROOT,
                            "%s starts at %s in %s; of %d people looked into %d had it. Take over %s, or look at who is looked into.",
                            condition.get().name(),
                            percent(start),
                            Wording.midSentence(complaint.get().name()),
                            counted.known(),
                            counted.present(),
                            percent(learned.rate())),
                    Math.abs(logit(learned.rate()) - logit(start)) * Math.sqrt(counted.known()),
                    counted.complaint(),
                    counted.condition());
        }
    }

    private void foresight(Foresight foresight) {
        if (foresight.outcomes() < Foresight.FEWEST) {
            return;
        }
        foresight.program().orElseThrow().conditions().stream()
                .filter(c -> c.predictions() >= FEWEST_CASES)
                .forEach(this::foreseen);
        foresight.schools().stream()
                .filter(s -> s.behind().filter(b -> b.interval().low() > 0).isPresent())
                .filter(s -> Math.abs(s.brier()
                                - foresight
                                        .program()
                                        .orElseThrow()
                                        .calibration()
                                        .brier())
                        < 1e-9)
                .findFirst()
                .ifPresent(s -> add(
                        Thing.Kind.WAY_TO_WEIGH,
                        String.format(
                                Locale.ROOT,
                                "Another way to weigh would have been nearer to the truth in your own %d outcomes, and chance does not explain it. Look at them side by side.",
                                foresight.outcomes()),
                        Math.sqrt(foresight.outcomes()) / 2,
                        "",
                        ""));
    }

    private void foreseen(Judged.OfCondition c) {
        Interval was = Interval.wilson(c.was() * c.predictions(), c.predictions());
        if (c.said() < was.low() || c.said() > was.high()) {
            add(
                    Thing.Kind.FORESIGHT,
                    String.format(
                            Locale.ROOT,
                            "%s was put at %s on average and was there in %s of %d. That is too %s: look at its base rate, and at what it is mistaken for.",
                            Wording.capital(condition(c.condition())),
                            percent(c.said()),
                            percent(c.was()),
                            c.predictions(),
                            c.said() > c.was() ? "high" : "low"),
                    Math.abs(logit(c.said()) - logit(c.was())) * Math.sqrt(c.predictions()),
                    "",
                    c.condition());
        }
    }

    private String name(String of) {
        return catalogue.cluster(of).map(Cluster::name).orElseGet(() -> catalogue.findingName(of));
    }

    private String condition(String id) {
        return catalogue.condition(id).map(Condition::midSentence).orElse(id);
    }

    private static double logit(double share) {
        return Logit.of(Math.min(1 - LEAST_SHARE, Math.max(LEAST_SHARE, share)));
    }

    private static String percent(double share) {
        return Math.round(100 * share) + " %";
    }

    private void add(Thing.Kind kind, String words, double weight, String of, String condition) {
        all.add(new Thing(kind, words, weight, of, condition));
    }
}
