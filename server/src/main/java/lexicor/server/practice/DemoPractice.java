package lexicor.server.practice;

import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Setting;
import lexicor.core.examination.ReadingValue;
import lexicor.core.examination.Side;
import lexicor.core.numbers.Logit;
import lexicor.core.practice.debrief.Deed.Courtesy;
import lexicor.core.weighing.WeighedCondition;
import lexicor.server.cases.CasePlan;
import lexicor.server.cases.Taken;
import lexicor.server.people.SignedIn;
import lexicor.server.practice.PracticeViews.End;
import lexicor.server.practice.PracticeViews.NewPatient;
import lexicor.server.practice.StepBodies.DidBody;
import lexicor.server.practice.StepBodies.HunchBody;
import lexicor.server.practice.StepBodies.SaidBody;
import lexicor.server.practice.StepBodies.TapBody;
import lexicor.server.signin.DemoAccounts;
import lexicor.server.time.Moments;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** The demo clinic's student has practised before: a few patients over some weeks, with hunches that are too sure. */
@Component
@Order
@ConditionalOnExpression("'${lexicor.demo}' != ''")
class DemoPractice implements ApplicationRunner {
    private static final String STUDENT = "dunlin";
    private static final List<String> COMPLAINTS =
            List.of("shoulder-pain", "shoulder-slipping", "thumb-side-tingling", "shoulder-pain", "wrist-ulnar");
    private static final int TESTS = 4;
    private static final long SEED = 20;
    private static final Duration APART = Duration.ofDays(5);
    /** By how much too sure. */
    private static final double SURE = 1.5;

    private final Practising practising;
    private final Patients patients;
    private final PatientStore store;
    private final HunchStore hunches;
    private final Steps steps;
    private final DemoAccounts accounts;
    private final SignedIn signedIn;
    private final Moments moments;
    private final TransactionTemplate inOneStep;

    DemoPractice(
            Practising practising,
            Patients patients,
            PatientStore store,
            HunchStore hunches,
            Steps steps,
            DemoAccounts accounts,
            SignedIn signedIn,
            Moments moments,
            TransactionTemplate inOneStep) {
        this.practising = practising;
        this.patients = patients;
        this.store = store;
        this.hunches = hunches;
        this.steps = steps;
        this.accounts = accounts;
        this.signedIn = signedIn;
        this.moments = moments;
        this.inOneStep = inOneStep;
    }

    @Override
    public void run(ApplicationArguments args) {
        accounts.create();
        if (store.count() == 0) {
            for (int i = 0; i < COMPLAINTS.size(); i++) {
                int number = i;
                signedIn.as(
                        accounts.person(STUDENT),
                        () -> inOneStep.execute(t -> {
                            practise(COMPLAINTS.get(number), SEED + number, number);
                            return null;
                        }));
            }
        }
    }

    private void practise(String complaint, long seed, int number) {
        long id = practising
                .begin(new NewPatient(complaint, Setting.SPECIALIST, seed, null))
                .id();
        PatientRecord stored = store.findById(id).orElseThrow();
        Attempt met = patients.attempt(stored);
        Random random = new Random(seed);
        Map<String, Double> before = met.patient().world().startingRates();
        add(stored, StepKind.SAID, new SaidBody(Courtesy.PERMISSION));
        add(stored, StepKind.SAID, new SaidBody(Courtesy.SPEAK_UP));
        add(stored, StepKind.HUNCH, new HunchBody(false, before));
        CasePlan.undone(met.open()).stream()
                .map(t -> met.catalogue().test(t).orElseThrow())
                .filter(t -> met.patient().world().tests().anyMatch(t::equals) && hasFigures(met, t))
                .limit(TESTS)
                .forEach(t -> examine(stored, met, t, random));
        Map<String, Double> atEnd = new LinkedHashMap<>(before);
        for (WeighedCondition c : patients.attempt(stored).open().ranked()) {
            double said = Logit.inverse(SURE * Logit.of(c.posttest()) + 0.4 * random.nextGaussian());
            atEnd.put(c.id(), Math.rint(100 * Math.min(0.99, Math.max(0.01, said))) / 100);
        }
        add(stored, StepKind.HUNCH, new HunchBody(true, atEnd));
        practising.end(id, new End(UUID.randomUUID(), ""));
        setBack(stored, moments.now().minus(APART.multipliedBy(COMPLAINTS.size() - number)));
    }

    private static boolean hasFigures(Attempt met, ClinicalTest test) {
        return test.criteria().stream().anyMatch(c -> met.patient().world().hasFigures(c.id()));
    }

    private void examine(PatientRecord stored, Attempt met, ClinicalTest test, Random random) {
        Side involved = met.patient().person().involved();
        for (String at : test.places()) {
            for (Side side : List.of(involved.other(), involved)) {
                add(stored, StepKind.DID, new DidBody(test.id(), at, side.id()));
                Map<ReadingLeaf, ReadingValue> felt =
                        met.patient().reply(test.id(), at, side, 0).felt();
                // Now and then something is not recorded.
                if (!felt.isEmpty() && random.nextInt(TESTS + 1) > 0) {
                    Map<String, Object> changes = new LinkedHashMap<>();
                    felt.forEach((leaf, value) -> changes.put(leaf.leafName(), value.plain()));
                    add(stored, StepKind.TAPPED, new TapBody(test.id(), at, side.id(), Taken.stored(changes), null));
                }
            }
        }
    }

    private void add(PatientRecord stored, StepKind kind, Object body) {
        steps.add(stored, UUID.randomUUID(), kind, body);
    }

    private void setBack(PatientRecord stored, Instant to) {
        stored.startedAt = to;
        stored.changedAt = to;
        stored.endedAt = to;
        store.saveAndFlush(stored);
        hunches.findByOwnerOrderByMadeAtAscIdAsc(stored.owner).stream()
                .filter(h -> h.patientId.equals(stored.id))
                .forEach(h -> h.madeAt = to);
    }
}
