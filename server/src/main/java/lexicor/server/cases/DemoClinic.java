package lexicor.server.cases;

import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.document.Documents;
import lexicor.core.document.Entry;
import lexicor.core.examination.Pad;
import lexicor.core.examination.PadBoard;
import lexicor.server.cases.CaseViews.IntakeChange;
import lexicor.server.cases.CaseViews.NewCase;
import lexicor.server.cases.CaseViews.NewTap;
import lexicor.server.cases.MeasureViews.NewMeasure;
import lexicor.server.catalogue.Editions;
import lexicor.server.people.DemoAccounts;
import lexicor.server.people.SignedIn;
import lexicor.server.settings.SettingsService;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Fills an empty database with the demo clinic's cases, through the same doors as a user's. */
@Component
@ConditionalOnExpression("'${lexicor.demo}' != ''")
class DemoClinic implements ApplicationRunner {
    private static final String LEAD = "heron";
    private static final String EXAMINER = "tern";
    private static final double DAY_MILLIS = 24 * 60 * 60 * 1000.0;

    private final Path folder;
    private final CaseService service;
    private final CaseStore cases;
    private final CaseDoor door;
    private final MeasureService measures;
    private final VisitService later;
    private final DemoAccounts accounts;
    private final SignedIn signedIn;
    private final SettingsService settings;
    private final TransactionTemplate inOneStep;
    private final Editions editions;

    DemoClinic(
            @Value("${lexicor.demo}") Path folder,
            CaseService service,
            CaseStore cases,
            CaseDoor door,
            MeasureService measures,
            VisitService later,
            DemoAccounts accounts,
            SignedIn signedIn,
            SettingsService settings,
            TransactionTemplate inOneStep,
            Editions editions) {
        this.folder = folder;
        this.service = service;
        this.cases = cases;
        this.door = door;
        this.measures = measures;
        this.later = later;
        this.accounts = accounts;
        this.signedIn = signedIn;
        this.settings = settings;
        this.inOneStep = inOneStep;
        this.editions = editions;
    }

    @Override
    public void run(ApplicationArguments args) {
        accounts.create();
        if (cases.count() == 0) {
            signedIn.as(
                    accounts.person(LEAD),
                    () -> settings.save(settings.current().sharedByAll(), true));
            Entry file = Documents.yaml(folder, "cases.yaml");
            file.children("cases")
                    .forEach(listed -> signedIn.as(
                            accounts.person(listed.optionalText("examiner").orElse(EXAMINER)), () -> {
                                open(listed);
                                return null;
                            }));
            file.done();
        }
    }

    private void open(Entry listed) {
        String code = listed.text("code");
        Entry entry = listed.named("cases." + code);
        entry.has("code");
        entry.has("examiner");
        String side = entry.text("side");
        CaseRecord opened = service.make(new NewCase(code, entry.text("complaint"), side, entry.text("setting"), true));
        Map<String, String> suspicion = new LinkedHashMap<>();
        entry.map("suspicion").forEach((condition, step) -> suspicion.put(condition, step.asString()));
        Map<String, Boolean> answers = new LinkedHashMap<>();
        entry.map("answers").forEach((item, answer) -> answers.put(item, answer.asBoolean()));
        Intake intake = CaseService.intake(opened);
        service.keepIntake(
                code,
                new IntakeChange(
                        opened.version,
                        new Intake(
                                intake.complaint(),
                                side,
                                entry.text("dominant"),
                                entry.text("age"),
                                intake.setting(),
                                entry.text("mechanism"),
                                null,
                                intake.candidates().stream()
                                        .map(c -> new Intake.CandidateChoice(
                                                c.condition(),
                                                null,
                                                suspicion.getOrDefault(c.condition(), c.suspicion())))
                                        .toList(),
                                answers,
                                entry.texts("precautions"),
                                entry.texts("warnings")),
                        true));
        List<Entry> visits = new ArrayList<>(entry.children("earlier"));
        visits.add(entry);
        List<Instant> began = new ArrayList<>();
        for (Entry visit : visits) {
            if (!began.isEmpty()) {
                later.start(code, door.existing(code).version);
            }
            began.add(record(code, side, visit));
        }
        // The one thing that no user can do: the demo's first days lie behind it.
        inOneStep.executeWithoutResult(step -> {
            List<Instant> visitsBegan = door.existing(code).visits;
            visitsBegan.clear();
            visitsBegan.addAll(began);
        });
    }

    private Instant record(String code, String side, Entry visit) {
        long ageMillis = (long) (visit.optionalNumber("daysAgo", 0, 365).orElse(0) * DAY_MILLIS);
        visit.children("tests").forEach(t -> examine(code, side, t, ageMillis));
        visit.children("measures").forEach(m -> measure(code, side, m));
        visit.done();
        return Instant.now().truncatedTo(ChronoUnit.MICROS).minusMillis(ageMillis);
    }

    private void measure(String code, String involved, Entry entry) {
        String other = involved.equals("left") ? "right" : "left";
        String measure = entry.text("measure");
        String item = entry.text("item");
        values(code, measure, item, other, entry, "other", "otherNotes");
        values(code, measure, item, involved, entry, "involved", "notes");
        entry.done();
    }

    private void values(
            String code, String measure, String item, String side, Entry entry, String trials, String noted) {
        Map<String, Object> changes = new LinkedHashMap<>();
        List<Double> numbers = entry.numbers(trials);
        if (!numbers.isEmpty()) {
            changes.put(item, numbers);
        }
        entry.map(noted)
                .forEach((note, value) -> changes.put(
                        note,
                        value.isBoolean()
                                ? (Object) value.asBoolean()
                                : value.isNumber() ? (Object) value.asDouble() : value.asString()));
        if (!changes.isEmpty()) {
            measures.keep(code, new NewMeasure(UUID.randomUUID(), measure, side, changes, false));
        }
    }

    private void examine(String code, String involved, Entry entry, long visitAgeMillis) {
        ClinicalTest test = editions.catalogue()
                .test(entry.text("test"))
                .orElseThrow(() -> entry.problem("test", "there is no such test"));
        String at = entry.optionalText("at").orElse("");
        long ageMillis = entry.has("daysAgo") ? (long) (entry.number("daysAgo", 0, 90) * DAY_MILLIS) : visitAgeMillis;
        String other = involved.equals("left") ? "right" : "left";
        List<NewTap> taps = new ArrayList<>();
        tap(entry, test, at, other, "other", "otherSet").ifPresent(taps::add);
        tap(entry, test, at, involved, "involved", "set").ifPresent(taps::add);
        entry.done();
        taps.forEach(t -> service.record(
                code, new NewTap(t.tapId(), t.test(), t.at(), t.side(), t.changes(), null, ageMillis, null)));
    }

    private static Optional<NewTap> tap(
            Entry entry, ClinicalTest test, String at, String side, String pads, String numbers) {
        Map<String, Object> changes = new LinkedHashMap<>();
        for (String id : entry.texts(pads)) {
            Pad pad = PadBoard.of(test).stream()
                    .filter(b -> b.at().equals(at))
                    .flatMap(b -> b.pads().stream())
                    .filter(p -> p.id().equals(id))
                    .findFirst()
                    .orElseThrow(() -> entry.problem(pads, "there is no pad " + id));
            pad.sets().forEach((leaf, value) -> changes.put(leaf.leafName(), value.plain()));
        }
        entry.map(numbers).forEach((leaf, value) -> changes.put(leaf, value.asDouble()));
        return changes.isEmpty()
                ? Optional.empty()
                : Optional.of(new NewTap(UUID.randomUUID(), test.id(), at, side, changes, null, null, null));
    }
}
