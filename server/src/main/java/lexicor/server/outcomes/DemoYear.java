package lexicor.server.outcomes;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.UUID;
import lexicor.core.catalogue.Setting;
import lexicor.core.examination.Side;
import lexicor.core.numbers.Logit;
import lexicor.core.outcomes.followed.CameOut;
import lexicor.core.outcomes.followed.Reference;
import lexicor.core.weighing.WeighedCondition;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.SecondClosed;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.measures.MeasureViews.NewMeasure;
import lexicor.server.measures.Measuring;
import lexicor.server.outcomes.OutcomeViews.NewNote;
import lexicor.server.outcomes.records.CaseHunchRecord;
import lexicor.server.outcomes.records.CaseHunchStore;
import lexicor.server.outcomes.records.NoteRecord;
import lexicor.server.outcomes.records.ReferralRecord;
import lexicor.server.outcomes.records.ReferralStore;
import lexicor.server.people.SignedIn;
import lexicor.server.signin.DemoAccounts;
import lexicor.server.time.Moments;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The demo clinic's year before: closed cases of simulated patients, about half of them with an outcome, the more often the more
 * likely something looked. Nobody's patients, and marked so.
 */
@Component
@Order
@ConditionalOnExpression("'${lexicor.demo}' != '' and ${lexicor.demo-year:240} > 0")
class DemoYear implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoYear.class);
    private static final long SEED = 1620;
    private static final int DAYS = 365;
    private static final List<String> EXAMINERS = List.of("tern", "plover", "tern", "heron", "plover");
    private static final int SECOND_EVERY = 8;
    private static final List<String> MEASURES = List.of("shoulder-external-rotation", "shoulder-flexion");
    private static final double SUSPICIOUS = 0.5;
    private static final double SENT_IF_SUSPICIOUS = 0.85;
    private static final double SENT_OTHERWISE = 0.3;
    private static final double SEEN_TOO = 0.8;
    private static final double FORGOTTEN = 0.08;
    private static final double SURE = 1.4;

    private static final Map<String, Double> COMPLAINTS = new LinkedHashMap<>();

    static {
        COMPLAINTS.put("shoulder-pain", 0.42);
        COMPLAINTS.put("thumb-side-tingling", 0.68);
        COMPLAINTS.put("shoulder-slipping", 0.82);
        COMPLAINTS.put("elbow-lateral", 0.91);
        COMPLAINTS.put("wrist-ulnar", 1.0);
    }

    private final DemoPatients patients;
    private final CaseStore cases;
    private final Outcomes outcomes;
    private final SecondExaminations seconds;
    private final ReferralStore referrals;
    private final CaseHunchStore hunches;
    private final OpenCases openCases;
    private final Measuring measures;
    private final DemoAccounts accounts;
    private final OutcomeDays days;
    private final SignedIn signedIn;
    private final Moments moments;
    private final ApplicationEventPublisher told;
    private final TransactionTemplate inOneStep;
    private final int most;

    DemoYear(
            DemoPatients patients,
            CaseStore cases,
            Outcomes outcomes,
            SecondExaminations seconds,
            ReferralStore referrals,
            CaseHunchStore hunches,
            OpenCases openCases,
            Measuring measures,
            DemoAccounts accounts,
            OutcomeDays days,
            SignedIn signedIn,
            Moments moments,
            ApplicationEventPublisher told,
            TransactionTemplate inOneStep,
            @Value("${lexicor.demo-year:240}") int most) {
        this.patients = patients;
        this.cases = cases;
        this.outcomes = outcomes;
        this.seconds = seconds;
        this.referrals = referrals;
        this.hunches = hunches;
        this.openCases = openCases;
        this.measures = measures;
        this.accounts = accounts;
        this.days = days;
        this.signedIn = signedIn;
        this.moments = moments;
        this.told = told;
        this.inOneStep = inOneStep;
        this.most = most;
    }

    /** Beside whoever is looking around already; where it was stopped half way it goes on the next time. */
    @Override
    public void run(ApplicationArguments args) {
        accounts.create();
        long made = cases.countBySimulatedTrueAndSecondOfIsNull();
        if (made < most) {
            Thread making = new Thread(() -> make((int) made), "demo-year");
            making.setDaemon(true);
            making.start();
        }
    }

    private void make(int from) {
        try {
            for (int i = from; i < most; i++) {
                int number = i;
                String examiner = EXAMINERS.get(i % EXAMINERS.size());
                signedIn.as(
                        accounts.person(examiner),
                        () -> inOneStep.execute(t -> {
                            one(number, examiner);
                            return null;
                        }));
            }
        } catch (RuntimeException e) {
            LOG.warn("The demo clinic's year is not whole; it goes on at the next start", e);
        }
    }

    private void one(int number, String examiner) {
        // Neighbouring seeds begin alike.
        Random random = new Random(new SplittableRandom(SEED + number).nextLong());
        double drawn = random.nextDouble();
        String complaint = COMPLAINTS.entrySet().stream()
                .filter(e -> drawn < e.getValue())
                .findFirst()
                .orElseThrow()
                .getKey();
        Setting setting = random.nextDouble() < 0.75 ? Setting.SPECIALIST : Setting.COMMUNITY;
        Instant at = Moments.kept(moments.now()
                .minus(Duration.ofDays(DAYS - (long) number * DAYS / most))
                .minus(Duration.ofMinutes(30L + random.nextInt(300))));
        DemoPatients.Made made = patients.examine(
                String.format(Locale.ROOT, "SIM-%03d", number + 1), complaint, setting, SEED + number, examiner, at);
        CaseRecord stored = made.stored();
        if (complaint.startsWith("shoulder") && number % SECOND_EVERY < 3 && stored.precautions.isEmpty()) {
            second(made, examiner, random);
        }
        List<WeighedCondition> ranked = openCases.of(stored).ranked();
        think(stored, ranked, random);
        patients.close(stored, at.plus(Duration.ofMinutes(50)));
        follow(made, ranked, random);
    }

    /** What the examiner thinks of the first few, too sure as people are. */
    private void think(CaseRecord stored, List<WeighedCondition> ranked, Random random) {
        if (random.nextBoolean()) {
            ranked.stream().limit(3).forEach(c -> {
                CaseHunchRecord record = new CaseHunchRecord();
                record.caseId = stored.id;
                record.condition = c.id();
                double said = Logit.inverse(SURE * Logit.of(c.posttest()) + 0.5 * random.nextGaussian());
                record.stated = Math.rint(100 * Math.min(0.99, Math.max(0.01, said))) / 100;
                record.madeBy = stored.owner;
                record.madeAt = stored.createdAt.plus(Duration.ofMinutes(45));
                hunches.save(record);
            });
        }
    }

    private void follow(DemoPatients.Made made, List<WeighedCondition> ranked, Random random) {
        boolean suspicious = ranked.get(0).posttest() >= SUSPICIOUS;
        if (random.nextDouble() >= (suspicious ? SENT_IF_SUSPICIOUS : SENT_OTHERWISE)) {
            return;
        }
        CaseRecord stored = made.stored();
        Reference reference = reference(stored.complaint, random);
        LocalDate sent = days.dayOf(stored, 1);
        LocalDate back = sent.plusDays(10 + random.nextInt(45));
        ReferralRecord referral = new ReferralRecord();
        referral.caseId = stored.id;
        referral.key = UUID.randomUUID();
        referral.reference = reference.id();
        referral.on = sent;
        referral.note = "";
        referral.madeBy = stored.owner;
        referral.madeAt = stored.closedAt;
        referrals.saveAndFlush(referral);
        if (back.isAfter(days.today()) || random.nextDouble() < FORGOTTEN) {
            return;
        }
        Map<String, CameOut> answers = new LinkedHashMap<>();
        for (WeighedCondition c : ranked) {
            boolean present = made.patient().conditions().contains(c.id());
            if (c == ranked.get(0) || present || random.nextDouble() < SEEN_TOO) {
                answers.put(c.id(), present ? CameOut.PRESENT : CameOut.ABSENT);
            }
        }
        NoteRecord noted = outcomes.keep(
                stored,
                new NewNote(
                        UUID.randomUUID(),
                        reference,
                        back,
                        reference == Reference.FOLLOW_UP ? 6 : null,
                        answers,
                        "",
                        true));
        // The one thing that no user can do: what was noted lies behind it.
        noted.madeAt = stored.closedAt.plus(Duration.ofDays(2L + ChronoUnit.DAYS.between(sent, back)));
        if (noted.madeAt.isAfter(moments.now())) {
            noted.madeAt = moments.now();
        }
    }

    private static Reference reference(String complaint, Random random) {
        double drawn = random.nextDouble();
        return switch (complaint) {
            case "thumb-side-tingling" ->
                drawn < 0.8 ? Reference.NERVE_STUDY : drawn < 0.9 ? Reference.ULTRASOUND : Reference.FOLLOW_UP;
            case "shoulder-slipping" ->
                drawn < 0.5 ? Reference.MR_ARTHROGRAM : drawn < 0.8 ? Reference.ARTHROSCOPY : Reference.FOLLOW_UP;
            default ->
                drawn < 0.4
                        ? Reference.MRI
                        : drawn < 0.7 ? Reference.ULTRASOUND : drawn < 0.85 ? Reference.ARTHROSCOPY : Reference.OPINION;
        };
    }

    private void second(DemoPatients.Made made, String examiner, Random random) {
        String other = examiner.equals("tern") ? "plover" : "tern";
        CaseRecord first = made.stored();
        CaseRecord second = seconds.make(first, other);
        second.createdAt = first.createdAt.plus(Duration.ofMinutes(60));
        second.updatedAt = second.createdAt;
        second.visits.set(0, second.createdAt);
        patients.again(second, made.patient(), random.nextLong());
        for (String measure : MEASURES) {
            double degrees = 30 + random.nextInt(60) + (measure.equals("shoulder-flexion") ? 60 : 0);
            measure(first, measure, degrees + 3 * random.nextGaussian());
            signedIn.as(accounts.person(other), () -> {
                measure(second, measure, degrees + 2 + 4 * random.nextGaussian());
                return null;
            });
        }
        told.publishEvent(new SecondClosed(second));
        patients.close(second, second.createdAt.plus(Duration.ofMinutes(40)));
        cases.seen(second, second.closedAt);
    }

    private void measure(CaseRecord stored, String measure, double degrees) {
        measures.keep(
                stored.code,
                new NewMeasure(
                        UUID.randomUUID(),
                        measure,
                        Side.withId(stored.involvedSide).orElseThrow(),
                        Map.of("rangeDeg.passive", List.of(Math.rint(degrees))),
                        true));
    }
}
