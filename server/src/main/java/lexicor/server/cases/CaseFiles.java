package lexicor.server.cases;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Measure;
import lexicor.server.cases.CaseFile.MeasuredEntry;
import lexicor.server.cases.CaseFile.Moment;
import lexicor.server.cases.CaseFile.OverrideEntry;
import lexicor.server.cases.CaseFile.TapEntry;
import lexicor.server.catalogue.Editions;
import lexicor.server.people.SignedIn;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.SettingsService;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Cases out to files and in again. A case is recognised by its code, and what was recorded in it by its own ids. */
@Service
public class CaseFiles {
    private static final int AT_ONCE = 50;
    private static final int MOST_ENTRIES = 20_000;
    private static final Instant EARLIEST = Instant.parse("2000-01-01T00:00:00Z");
    private static final long MOST_DAYS = 36_525;
    private static final int MOST_VISITS = 500;
    private static final int LONGEST = 400;

    /** What bringing a file in would do, or why it cannot be. */
    public record Outcome(String code, String status, String why) {
        static Outcome refused(String code, String why) {
            return new Outcome(code, "refused", why);
        }
    }

    private final CaseStore cases;
    private final CaseDoor door;
    private final TapStore taps;
    private final MeasuredStore measured;
    private final OverrideStore overrides;
    private final CaseAssembly assembly;
    private final CaseQuestions questions;
    private final IntakeCheck check;
    private final AccessLog log;
    private final Editions editions;
    private final SettingsService settings;
    private final SignedIn signedIn;
    private final JsonMapper json;

    CaseFiles(
            CaseStore cases,
            CaseDoor door,
            TapStore taps,
            MeasuredStore measured,
            OverrideStore overrides,
            CaseAssembly assembly,
            CaseQuestions questions,
            IntakeCheck check,
            AccessLog log,
            Editions editions,
            SettingsService settings,
            SignedIn signedIn,
            JsonMapper json) {
        this.cases = cases;
        this.door = door;
        this.taps = taps;
        this.measured = measured;
        this.overrides = overrides;
        this.assembly = assembly;
        this.questions = questions;
        this.check = check;
        this.log = log;
        this.editions = editions;
        this.settings = settings;
        this.signedIn = signedIn;
        this.json = json;
    }

    /** The codes of all cases that whoever is signed in may open, the latest changed first. */
    @Transactional(readOnly = true)
    public List<String> codes() {
        List<String> codes = new ArrayList<>();
        List<CaseRecord> page;
        do {
            page = cases.search(
                    "",
                    signedIn.person().name(),
                    settings.current().shareAll(),
                    PageRequest.of(codes.size() / AT_ONCE, AT_ONCE));
            page.forEach(c -> codes.add(c.code));
        } while (page.size() == AT_ONCE);
        return codes;
    }

    /**
     * @param dates whether dates are written; without them the days since the first visit stand alone
     */
    @Transactional
    public CaseFile export(String code, boolean dates) {
        CaseRecord stored = door.existing(code);
        log.exported(code);
        return file(stored, dates, questions.weighFile(stored));
    }

    private CaseFile file(CaseRecord c, boolean dates, JsonNode weigh) {
        Instant first = c.visits.get(0);
        Function<Instant, Moment> moment = at -> at == null
                ? null
                : new Moment(dates ? at : null, Duration.between(first, at).toDays());
        return new CaseFile(
                CaseFile.FORMAT,
                CaseFile.VERSION,
                c.code,
                moment.apply(c.createdAt),
                CaseService.intake(c),
                c.visits.stream().map(moment).toList(),
                List.copyOf(c.plan),
                new LinkedHashMap<>(c.ladders),
                taps.findByCaseIdOrderByTappedAtAscIdAsc(c.id).stream()
                        .map(t -> new TapEntry(
                                t.key,
                                t.visit,
                                t.test,
                                t.at,
                                t.side,
                                json.readTree(t.changes),
                                moment.apply(t.tappedAt),
                                moment.apply(t.recordedAt),
                                t.device,
                                t.variant,
                                t.undone,
                                moment.apply(t.undoneAt)))
                        .toList(),
                measured.findByCaseIdOrderById(c.id).stream()
                        .map(m -> new MeasuredEntry(
                                m.visit,
                                m.measure,
                                m.item,
                                m.side,
                                m.place,
                                m.amount,
                                m.word,
                                moment.apply(m.recordedAt)))
                        .toList(),
                overrides.findByCaseIdOrderById(c.id).stream()
                        .map(o -> new OverrideEntry(o.visit, o.test, o.reason, moment.apply(o.recordedAt)))
                        .toList(),
                weigh);
    }

    /** What bringing the file in would do; nothing is stored. */
    @Transactional(readOnly = true)
    public Outcome preview(CaseFile file) {
        String code = String.valueOf(file.code());
        try {
            checked(file);
        } catch (Refusal e) {
            return Outcome.refused(code, e.getMessage());
        } catch (lexicor.core.document.InvalidDocumentException e) {
            return Outcome.refused(code, e.getMessage());
        }
        Optional<CaseRecord> there = cases.findByCode(code);
        if (there.isEmpty()) {
            return new Outcome(
                    code, "new", file.taps().size() + " taps, " + file.visits().size() + " visits");
        }
        CaseRecord stored;
        try {
            stored = door.existing(code);
        } catch (Refusal e) {
            return Outcome.refused(code, "this code is taken by a case that is not open to you");
        }
        CaseFile here = file(stored, file.created().at() != null, null);
        if (here.equals(file.withoutWeigh())) {
            return new Outcome(code, "same", "");
        }
        if (stored.isClosed()) {
            return Outcome.refused(code, "the case is closed here; open it again first");
        }
        int added = file.taps().size() - here.taps().size();
        return continues(here, file)
                ? new Outcome(code, "changed", added + " more taps, or another intake")
                : Outcome.refused(code, "the case here has recordings that the file has not: it was gone on with here");
    }

    /** Whether everything recorded here is in the file as well. */
    private static boolean continues(CaseFile here, CaseFile file) {
        Map<Object, TapEntry> taps = file.taps().stream().collect(Collectors.toMap(TapEntry::id, t -> t, (a, b) -> a));
        boolean tapsThere = here.taps().stream().allMatch(t -> {
            TapEntry other = taps.get(t.id());
            return other != null && other.changes().equals(t.changes()) && (other.takenBack() || !t.takenBack());
        });
        return tapsThere
                && file.visits().size() >= here.visits().size()
                && file.overrides().containsAll(here.overrides())
                && file.measured().containsAll(here.measured());
    }

    /** Brings files in, in one step or not at all. */
    @Transactional
    public List<Outcome> bringIn(List<CaseFile> files) {
        List<Outcome> outcomes = files.stream().map(this::preview).toList();
        outcomes.stream().filter(o -> o.status().equals("refused")).findFirst().ifPresent(o -> {
            throw Refusal.conflict("Case " + o.code() + ": " + o.why() + " Nothing was brought in.");
        });
        for (int i = 0; i < files.size(); i++) {
            if (!outcomes.get(i).status().equals("same")) {
                store(files.get(i));
            }
        }
        return outcomes;
    }

    private void store(CaseFile file) {
        Instant now = Instant.now().truncatedTo(ChronoUnit.MICROS);
        CaseRecord stored = cases.findByCode(file.code()).orElseGet(() -> {
            CaseRecord made = new CaseRecord();
            made.code = file.code();
            made.owner = signedIn.person().name();
            return made;
        });
        // Without dates the days count from today; what was made one after another stays so.
        Times times = new Times(now);
        stored.createdAt = times.of(file.created());
        stored.updatedAt = now;
        stored.visits.clear();
        file.visits().forEach(v -> stored.visits.add(times.of(v)));
        CaseService.take(file.intake(), stored);
        stored.plan.clear();
        stored.plan.addAll(file.plan());
        stored.ladders.clear();
        stored.ladders.putAll(file.ladders());
        cases.saveAndFlush(stored);
        file.taps().forEach(t -> taps.save(tap(t, stored, times)));
        measured.deleteAll(measured.findByCaseIdOrderById(stored.id));
        measured.flush();
        file.measured().forEach(m -> measured.save(measured(m, stored, times)));
        int known = overrides.findByCaseIdOrderById(stored.id).size();
        file.overrides().stream().skip(known).forEach(o -> overrides.save(override(o, stored, times)));
        taps.flush();
    }

    /** Times as written, or in their order from a first day on. */
    private static final class Times {
        private final Instant start;
        private long order;

        Times(Instant start) {
            this.start = start;
        }

        Instant of(Moment moment) {
            return moment.at() != null
                    ? moment.at()
                    : start.plus(moment.day(), ChronoUnit.DAYS).plus(order++, ChronoUnit.MICROS);
        }
    }

    private TapRecord tap(TapEntry entry, CaseRecord stored, Times times) {
        TapRecord record = taps.findByKey(entry.id()).orElseGet(TapRecord::new);
        record.key = entry.id();
        record.caseId = stored.id;
        record.visit = entry.visit();
        record.test = entry.test();
        record.at = entry.at();
        record.side = entry.side();
        record.changes = json.writeValueAsString(entry.changes());
        record.device = entry.device();
        record.variant = entry.variant();
        record.tappedAt = times.of(entry.tapped());
        record.recordedAt = times.of(entry.recorded());
        record.undone = entry.takenBack();
        record.undoneAt = entry.takenBackAt() == null ? null : times.of(entry.takenBackAt());
        if (record.madeBy == null) {
            record.madeBy = signedIn.person().name();
        }
        return record;
    }

    private static MeasuredRecord measured(MeasuredEntry entry, CaseRecord stored, Times times) {
        MeasuredRecord record = new MeasuredRecord();
        record.caseId = stored.id;
        record.visit = entry.visit();
        record.measure = entry.measure();
        record.item = entry.item();
        record.side = entry.side();
        record.place = entry.place();
        record.amount = entry.amount();
        record.word = entry.word();
        record.recordedAt = times.of(entry.recorded());
        return record;
    }

    private OverrideRecord override(OverrideEntry entry, CaseRecord stored, Times times) {
        OverrideRecord record = new OverrideRecord();
        record.caseId = stored.id;
        record.visit = entry.visit();
        record.test = entry.test();
        record.reason = entry.reason();
        record.recordedAt = times.of(entry.recorded());
        record.madeBy = signedIn.person().name();
        return record;
    }

    /** Refuses a file that names what is not known here, or that no Lexicor writes. */
    private void checked(CaseFile file) {
        if (!CaseFile.FORMAT.equals(file.format()) || file.version() != CaseFile.VERSION) {
            throw Refusal.field("format", "expected " + CaseFile.FORMAT + " of version " + CaseFile.VERSION);
        }
        present("code", file.code());
        moment("created", file.created());
        present("intake", file.intake());
        present("visits", file.visits());
        present("plan", file.plan());
        present("ladders", file.ladders());
        present("taps", file.taps());
        present("measured", file.measured());
        present("overrides", file.overrides());
        check.code(file.code());
        check.intake(file.intake());
        if (file.visits().isEmpty() || file.visits().size() > MOST_VISITS) {
            throw Refusal.field("visits", "expected 1 to " + MOST_VISITS);
        }
        for (int i = 0; i < file.visits().size(); i++) {
            moment("visits[" + i + "]", file.visits().get(i));
        }
        if (file.taps().size() + file.measured().size() > MOST_ENTRIES) {
            throw Refusal.field("taps", "expected at most " + MOST_ENTRIES + " with what was measured");
        }
        for (String test : file.plan()) {
            if (editions.catalogue().test(test).isEmpty()) {
                throw Refusal.field("plan", "there is no test " + test);
            }
        }
        for (int i = 0; i < file.taps().size(); i++) {
            checkTap("taps[" + i + "]", file.taps().get(i), file);
        }
        for (int i = 0; i < file.measured().size(); i++) {
            MeasuredEntry m = file.measured().get(i);
            String at = "measured[" + i + "]";
            moment(at + ".recorded", m.recorded());
            present(at + ".item", m.item());
            IntakeCheck.side(at + ".side", m.side());
            visit(at, m.visit(), file);
            Measure measure = Optional.ofNullable(m.measure())
                    .flatMap(editions.catalogue().measures()::measure)
                    .orElseThrow(() -> Refusal.field(at + ".measure", "there is no measure " + m.measure()));
            if ((m.amount() == null) == (m.word() == null)) {
                throw Refusal.field(at + ".amount", "expected an amount or a word");
            }
            try {
                MeasureChanges.checkStored(
                        measure, m.item(), m.place(), new MeasureChanges.Value(m.amount(), m.word()));
            } catch (Refusal e) {
                throw Refusal.field(at, e.getMessage());
            }
        }
        for (int i = 0; i < file.overrides().size(); i++) {
            OverrideEntry o = file.overrides().get(i);
            String at = "overrides[" + i + "]";
            moment(at + ".recorded", o.recorded());
            visit(at, o.visit(), file);
            if (o.reason() == null || o.reason().isBlank() || o.reason().length() > LONGEST) {
                throw Refusal.field(at + ".reason", "expected 1 to " + LONGEST + " characters");
            }
            if (o.test() == null || editions.catalogue().test(o.test()).isEmpty()) {
                throw Refusal.field(at + ".test", "there is no test " + o.test());
            }
        }
    }

    private void checkTap(String at, TapEntry tap, CaseFile file) {
        present(at + ".id", tap.id());
        if (tap.changes() == null || !tap.changes().isObject()) {
            throw Refusal.field(at + ".changes", "expected an object, what is set by its name");
        }
        moment(at + ".tapped", tap.tapped());
        moment(at + ".recorded", tap.recorded());
        if (tap.takenBackAt() != null) {
            moment(at + ".takenBackAt", tap.takenBackAt());
        }
        present(at + ".device", tap.device());
        present(at + ".at", tap.at());
        visit(at, tap.visit(), file);
        TapRecord record = new TapRecord();
        record.test = tap.test();
        record.at = tap.at();
        record.side = tap.side();
        record.changes = json.writeValueAsString(tap.changes());
        assembly.tap(record);
        taps.findByKey(tap.id())
                .map(t -> t.caseId)
                .filter(id -> cases.findById(id)
                        .filter(c -> c.code.equals(file.code()))
                        .isEmpty())
                .ifPresent(id -> {
                    throw Refusal.field(at + ".id", "this tap belongs to another case");
                });
    }

    private static void visit(String at, int visit, CaseFile file) {
        if (visit < 1 || visit > file.visits().size()) {
            throw Refusal.field(at + ".visit", "expected 1 to " + file.visits().size());
        }
    }

    private static void moment(String field, Moment moment) {
        present(field, moment);
        Instant at = moment.at();
        if (moment.day() < -MOST_DAYS || moment.day() > MOST_DAYS) {
            throw Refusal.field(field + ".day", "expected a number of days");
        }
        if (at != null && (at.isBefore(EARLIEST) || at.isAfter(Instant.now().plus(1, ChronoUnit.DAYS)))) {
            throw Refusal.field(field + ".at", "expected a time from the year 2000 until now, found " + at);
        }
    }

    private static void present(String field, Object value) {
        if (value == null) {
            throw Refusal.field(field, "missing");
        }
    }
}
