package lexicor.server.demo;

import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.Sex;
import lexicor.core.document.Documents;
import lexicor.core.document.Entry;
import lexicor.core.examination.Side;
import lexicor.core.examination.pads.Pad;
import lexicor.core.examination.pads.PadBoard;
import lexicor.core.weighing.input.Suspicion;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.Intake;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.catalogue.Editions;
import lexicor.server.intake.IntakeViews.IntakeChange;
import lexicor.server.intake.IntakeViews.NewCase;
import lexicor.server.intake.Intakes;
import lexicor.server.measures.MeasureViews.NewMeasure;
import lexicor.server.measures.Measuring;
import lexicor.server.people.SignedIn;
import lexicor.server.recording.Recording;
import lexicor.server.recording.RecordingViews.NewTap;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.settings.SettingsService;
import lexicor.server.signin.DemoAccounts;
import lexicor.server.time.Moments;
import lexicor.server.visits.VisitService;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Fills an empty database with the demo clinic's cases, through the same doors as a user's. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
@ConditionalOnExpression("'${lexicor.demo}' != ''")
class DemoClinic implements ApplicationRunner {
    private static final String CODES = "HB";
    private static final String LEAD = "heron";
    private static final String EXAMINER = "tern";
    private static final double DAY_MILLIS = 24 * 60 * 60 * 1000.0;

    private final Path folder;
    private final Intakes intakes;
    private final Recording recording;
    private final CaseBasis basis;
    private final CaseStore cases;
    private final CaseDoor door;
    private final Measuring measures;
    private final VisitService visits;
    private final DemoAccounts accounts;
    private final SignedIn signedIn;
    private final SettingsService settings;
    private final TransactionTemplate inOneStep;
    private final Editions editions;
    private final Moments moments;
    private final JsonMapper json;

    DemoClinic(
            @Value("${lexicor.demo}") Path folder,
            Intakes intakes,
            Recording recording,
            CaseBasis basis,
            CaseStore cases,
            CaseDoor door,
            Measuring measures,
            VisitService visits,
            DemoAccounts accounts,
            SignedIn signedIn,
            SettingsService settings,
            TransactionTemplate inOneStep,
            Editions editions,
            Moments moments,
            JsonMapper json) {
        this.folder = folder;
        this.intakes = intakes;
        this.recording = recording;
        this.basis = basis;
        this.cases = cases;
        this.door = door;
        this.measures = measures;
        this.visits = visits;
        this.accounts = accounts;
        this.signedIn = signedIn;
        this.settings = settings;
        this.inOneStep = inOneStep;
        this.editions = editions;
        this.moments = moments;
        this.json = json;
    }

    @Override
    public void run(ApplicationArguments args) {
        accounts.create();
        if (cases.count() == 0) {
            signedIn.as(accounts.person(LEAD), () -> settings.save(ofTheDemo(settings.current()), true));
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

    private DepartmentSettings ofTheDemo(DepartmentSettings first) {
        ObjectNode changed = (ObjectNode) json.valueToTree(first);
        return json.treeToValue(changed.put("shareAll", true).put("codePrefix", CODES), DepartmentSettings.class);
    }

    private void open(Entry listed) {
        String code = listed.text("code");
        Entry entry = listed.named("cases." + code);
        entry.has("code");
        entry.has("examiner");
        Side side = side(entry, "side");
        CaseRecord opened = intakes.make(new NewCase(code, entry.text("complaint"), side, setting(entry), true));
        Map<String, Suspicion> suspicion = new LinkedHashMap<>();
        entry.map("suspicion")
                .forEach((condition, step) -> suspicion.put(
                        condition, Suspicion.withId(step.asString()).orElseThrow()));
        Map<String, Boolean> answers = new LinkedHashMap<>();
        entry.map("answers").forEach((item, answer) -> answers.put(item, answer.asBoolean()));
        Intake intake = Intake.of(opened);
        intakes.keep(
                code,
                new IntakeChange(
                        opened.version,
                        new Intake(
                                intake.complaint(),
                                null,
                                side,
                                side(entry, "dominant"),
                                entry.wholeNumber("age", 0, 120),
                                null,
                                entry.optionalText("sex").flatMap(Sex::withId).orElse(null),
                                intake.setting(),
                                entry.text("mechanism"),
                                null,
                                entry.flag("bothSides", false) ? true : null,
                                null,
                                intake.candidates().stream()
                                        .map(c -> new Intake.CandidateChoice(
                                                c.condition(),
                                                null,
                                                suspicion.getOrDefault(c.condition(), c.suspicion())))
                                        .toList(),
                                answers,
                                entry.texts("precautions"),
                                entry.texts("warnings"),
                                entry.texts("hurts")),
                        true));
        List<Entry> listedVisits = new ArrayList<>(entry.children("earlier"));
        listedVisits.add(entry);
        List<Instant> began = new ArrayList<>();
        for (Entry visit : listedVisits) {
            if (!began.isEmpty()) {
                visits.start(code, door.existing(code).version, null);
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

    private static Side side(Entry entry, String field) {
        return Side.withId(entry.text(field)).orElseThrow(() -> entry.problem(field, "expected left or right"));
    }

    private static Setting setting(Entry entry) {
        return Setting.withId(entry.text("setting")).orElseThrow(() -> entry.problem("setting", "unknown"));
    }

    private Instant record(String code, Side side, Entry visit) {
        long ageMillis = (long) (visit.optionalNumber("daysAgo", 0, 365).orElse(0) * DAY_MILLIS);
        visit.children("tests").forEach(t -> examine(code, side, t, ageMillis));
        visit.children("measures").forEach(m -> measure(code, side, m));
        visit.done();
        return moments.now().minusMillis(ageMillis);
    }

    private void measure(String code, Side involved, Entry entry) {
        String measure = entry.text("measure");
        String item = entry.text("item");
        values(code, measure, item, involved.other(), entry, "other", "otherNotes");
        values(code, measure, item, involved, entry, "involved", "notes");
        entry.done();
    }

    private void values(String code, String measure, String item, Side side, Entry entry, String trials, String noted) {
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

    private void examine(String code, Side involved, Entry entry, long visitAgeMillis) {
        ClinicalTest test = editions.catalogue()
                .test(entry.text("test"))
                .orElseThrow(() -> entry.problem("test", "there is no such test"));
        String at = entry.optionalText("at").orElse("");
        long ageMillis = entry.has("daysAgo") ? (long) (entry.number("daysAgo", 0, 90) * DAY_MILLIS) : visitAgeMillis;
        List<NewTap> taps = new ArrayList<>();
        tap(entry, editions.catalogue(), test, at, involved.other(), "other", "otherSet")
                .ifPresent(taps::add);
        tap(entry, editions.catalogue(), test, at, involved, "involved", "set").ifPresent(taps::add);
        entry.done();
        inOneStep.executeWithoutResult(step -> {
            CaseRecord stored = door.lockForRecording(code);
            taps.forEach(t -> recording.record(
                    stored,
                    basis.of(stored),
                    new NewTap(t.tapId(), t.test(), t.at(), t.side(), t.changes(), null, ageMillis, null, true)));
        });
    }

    /** Several codes of one leaf stand together. */
    private static Object together(Object before, Object more) {
        return before instanceof List<?> first && more instanceof List<?> second
                ? Stream.concat(first.stream(), second.stream()).toList()
                : more;
    }

    private static Optional<NewTap> tap(
            Entry entry, Catalogue catalogue, ClinicalTest test, String at, Side side, String pads, String numbers) {
        Map<String, Object> changes = new LinkedHashMap<>();
        for (String id : entry.texts(pads)) {
            Pad pad = PadBoard.of(test, catalogue).stream()
                    .filter(b -> b.at().equals(at))
                    .flatMap(b -> b.pads().stream())
                    .filter(p -> p.id().equals(id))
                    .findFirst()
                    .orElseThrow(() -> entry.problem(pads, "there is no pad " + id));
            pad.sets().forEach((leaf, value) -> changes.merge(leaf.leafName(), value.plain(), DemoClinic::together));
        }
        entry.map(numbers)
                .forEach((leaf, value) ->
                        changes.put(leaf, value.isString() ? (Object) value.asString() : (Object) value.asDouble()));
        return changes.isEmpty()
                ? Optional.empty()
                : Optional.of(new NewTap(UUID.randomUUID(), test.id(), at, side, changes, null, null, null, true));
    }
}
