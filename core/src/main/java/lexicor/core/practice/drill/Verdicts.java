package lexicor.core.practice.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Setting;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.CriterionEvaluator;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Place;
import lexicor.core.examination.ReadingValue;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.examination.Tap;
import lexicor.core.examination.Wording;
import lexicor.core.practice.drill.Drill.Kind;
import lexicor.core.practice.drill.Drill.Option;
import lexicor.core.practice.patient.Reply;
import lexicor.core.practice.patient.SimulatedPatient;
import lexicor.core.practice.patient.Wish;
import lexicor.core.weighing.input.WeighingSettings;

/** What a simulated patient answered to one test: is that positive, negative or unclear, and why. */
public final class Verdicts {
    private static final int SEEDS = 100_000;
    private static final int TRIES = 40;
    private static final List<Option> OUTCOMES = List.of(
            new Option(Outcome.POSITIVE.id(), "Positive"),
            new Option(Outcome.NEGATIVE.id(), "Negative"),
            new Option(Outcome.UNCLEAR.id(), "Unclear"));

    private final Catalogue catalogue;
    private final EvidenceBase evidence;
    private final WeighingSettings settings;

    public Verdicts(Catalogue catalogue, EvidenceBase evidence, WeighingSettings settings) {
        this.catalogue = catalogue;
        this.evidence = evidence;
        this.settings = settings;
    }

    /** Some keys of questions that can be asked, a few at a time. */
    List<String> keys(boolean arcs, Random random) {
        List<String> keys = new ArrayList<>();
        List<Complaint> complaints = catalogue.complaints();
        for (int i = 0; i < TRIES; i++) {
            Complaint complaint = complaints.get(random.nextInt(complaints.size()));
            List<Criterion> criteria = catalogue.tests().stream()
                    .filter(t -> complaint.covers(t) && isArc(t) == arcs)
                    .filter(t -> t.particulars().relieves().isEmpty())
                    .flatMap(t -> t.criteria().stream())
                    .toList();
            if (!criteria.isEmpty()) {
                Criterion c = criteria.get(random.nextInt(criteria.size()));
                keys.add(String.join("|", complaint.id(), String.valueOf(random.nextInt(SEEDS)), c.id()));
            }
        }
        return keys;
    }

    private static boolean isArc(ClinicalTest test) {
        return test.offers(ReadingLeaf.ARC_START_DEG);
    }

    Optional<Drill> again(Kind kind, String key) {
        String[] parts = key.split("\\|", -1);
        if (parts.length != 3
                || catalogue.complaint(parts[0]).isEmpty()
                || catalogue.criterion(parts[2]).isEmpty()
                || !parts[1].matches("\\d{1,9}")) {
            return Optional.empty();
        }
        SimulatedPatient patient = SimulatedPatient.of(
                catalogue, evidence, settings, parts[0], Setting.SPECIALIST, Long.parseLong(parts[1]), Wish.NOTHING);
        ClinicalTest test = catalogue.testOf(parts[2]).orElseThrow();
        Criterion criterion = catalogue.criterion(parts[2]).orElseThrow();
        Side involved = patient.person().involved();
        Reply other = patient.reply(test.id(), criterion.at(), involved.other(), 0);
        Reply own = patient.reply(test.id(), criterion.at(), involved, 0);
        List<Tap> taps = new ArrayList<>();
        add(taps, new Place(test.id(), criterion.at(), involved.other()), other.felt());
        add(taps, new Place(test.id(), criterion.at(), involved), own.felt());
        Finding found = new CriterionEvaluator(catalogue, Readings.of(taps)).evaluate(test, criterion, involved);
        if (found.outcome() == Outcome.NOT_DONE) {
            return Optional.empty();
        }
        return Optional.of(new Drill(
                kind,
                key,
                test.name() + ". Looked for: " + Wording.midSentence(criterion.label())
                        + ". Is that positive, negative or unclear?",
                List.of("Other side: " + words(other), "Affected side: " + words(own)),
                OUTCOMES,
                found.outcome().id(),
                found.reason().isEmpty() ? "As it was felt." : Wording.capital(found.reason()) + ".",
                Optional.empty(),
                Optional.empty()));
    }

    private static String words(Reply reply) {
        List<String> all = new ArrayList<>(reply.seen());
        all.addAll(reply.said());
        all.addAll(reply.shown());
        return String.join(" ", all);
    }

    private static void add(List<Tap> taps, Place place, Map<ReadingLeaf, ReadingValue> felt) {
        if (!felt.isEmpty()) {
            taps.add(Tap.of(place, felt));
        }
    }
}
