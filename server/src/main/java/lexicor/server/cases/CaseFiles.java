package lexicor.server.cases;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import lexicor.core.document.InvalidDocumentException;
import lexicor.server.cases.CaseFile.MeasuredEntry;
import lexicor.server.cases.CaseFile.Moment;
import lexicor.server.cases.CaseFile.OverrideEntry;
import lexicor.server.cases.CaseFile.TapEntry;
import lexicor.server.cases.CaseFileCheck.VisitTest;
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

    /**
     * What bringing a file in would do, or why it cannot be.
     *
     * @param status new, changed, same or refused
     */
    public record Outcome(String code, String status, String why) {
        static Outcome refused(String code, String why) {
            return new Outcome(code, "refused", why);
        }

        public boolean wasRefused() {
            return status.equals("refused");
        }
    }

    /**
     * A file looked at.
     *
     * @param doubts places whose text looks like somebody's name or the like
     * @param blocked tests that a precaution forbids and that have readings without a written reason
     */
    public record Look(Outcome outcome, List<String> doubts, List<String> blocked) {
        static Look only(Outcome outcome) {
            return new Look(outcome, List.of(), List.of());
        }
    }

    private final CaseStore cases;
    private final CaseDoor door;
    private final TapStore taps;
    private final MeasuredStore measured;
    private final OverrideStore overrides;
    private final CaseQuestions questions;
    private final CaseFileCheck check;
    private final CaseFileStore store;
    private final AccessLog log;
    private final SettingsService settings;
    private final SignedIn signedIn;
    private final JsonMapper json;

    CaseFiles(
            CaseStore cases,
            CaseDoor door,
            TapStore taps,
            MeasuredStore measured,
            OverrideStore overrides,
            CaseQuestions questions,
            CaseFileCheck check,
            CaseFileStore store,
            AccessLog log,
            SettingsService settings,
            SignedIn signedIn,
            JsonMapper json) {
        this.cases = cases;
        this.door = door;
        this.taps = taps;
        this.measured = measured;
        this.overrides = overrides;
        this.questions = questions;
        this.check = check;
        this.store = store;
        this.log = log;
        this.settings = settings;
        this.signedIn = signedIn;
        this.json = json;
    }

    /** The codes of all cases that whoever is signed in may open, the latest changed first. */
    @Transactional(readOnly = true)
    public List<String> codes() {
        List<String> codes = new ArrayList<>();
        int at = 0;
        List<CaseRecord> page;
        do {
            page = cases.search(
                    "", signedIn.person().name(), settings.current().shareAll(), PageRequest.of(at++, AT_ONCE));
            Map<Long, String> addresses = door.addresses(page);
            page.forEach(c -> codes.add(addresses.get(c.id)));
        } while (page.size() == AT_ONCE);
        return codes;
    }

    /**
     * @param dates whether dates are written; without them the days since the first visit stand alone
     */
    @Transactional
    public CaseFile export(String code, boolean dates) {
        CaseRecord stored = door.existing(code);
        log.exported(stored);
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

    /** A file beside the case here that it may go on from, with the tests that it goes ahead with against a precaution. */
    private record Looked(Look look, Optional<CaseRecord> there, Set<VisitTest> blocked) {}

    /** What bringing the file in would do; nothing is stored. */
    @Transactional(readOnly = true)
    public Look look(CaseFile file) {
        try {
            return looked(file).look();
        } catch (Refusal | InvalidDocumentException e) {
            return Look.only(Outcome.refused(String.valueOf(file.code()), e.getMessage()));
        }
    }

    private Looked looked(CaseFile file) {
        check.whole(file);
        Optional<CaseRecord> there = door.find(file.code());
        Optional<CaseFile> here = there.map(c -> file(c, file.created().at() != null, null));
        Outcome outcome = outcome(file, there, here);
        if (outcome.status().equals("same")) {
            return new Looked(Look.only(outcome), there, Set.of());
        }
        Set<VisitTest> blocked = check.blocked(file, here);
        Look look = new Look(outcome, check.doubts(file, here), check.words(file, blocked));
        return new Looked(look, there, blocked);
    }

    private Outcome outcome(CaseFile file, Optional<CaseRecord> there, Optional<CaseFile> here) {
        String code = file.code();
        if (there.isEmpty()) {
            return cases.existsByCodeAndMadeBy(code, signedIn.person().name())
                    ? Outcome.refused(code, "you have made a case with this code that is deleted or no longer yours")
                    : new Outcome(
                            code,
                            "new",
                            counted(file.taps().size(), "tap") + ", "
                                    + counted(file.visits().size(), "visit"));
        }
        if (here.orElseThrow().equals(file.withoutWeigh())) {
            return new Outcome(code, "same", "");
        }
        if (there.get().isClosed()) {
            return Outcome.refused(code, "the case is closed here; open it again first");
        }
        Continuation.check(here.get(), file);
        int added = file.taps().size() - here.get().taps().size();
        return new Outcome(code, "changed", counted(added, "more tap") + ", or another intake");
    }

    private static String counted(int n, String what) {
        return n + " " + what + (n == 1 ? "" : "s");
    }

    /** Refuses a reason for going ahead that is none. */
    public void checkReason(String reason) {
        Safety.checkReason(reason);
    }

    /**
     * Brings one file in, whole or not at all. Whoever brings it in is who recorded what is new in it.
     *
     * @param sure whether texts that look like a name were asked about and are meant
     * @param reason for going ahead with tests that a precaution forbids; kept for each of them
     */
    @Transactional
    public Outcome bringIn(CaseFile file, boolean sure, String reason) {
        Looked looked = looked(file);
        Outcome outcome = looked.look().outcome();
        if (outcome.wasRefused()) {
            throw Refusal.conflict("Case " + outcome.code() + ": " + outcome.why());
        }
        if (!looked.look().doubts().isEmpty() && !sure) {
            throw Refusal.question("sure", looked.look().doubts().get(0));
        }
        if (!outcome.status().equals("same")) {
            if (!looked.blocked().isEmpty()) {
                Safety.checkReason(reason);
            }
            store.store(file, looked.there(), looked.blocked(), reason);
        }
        return outcome;
    }
}
