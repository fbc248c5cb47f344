package lexicor.server.casefiles;

import com.fasterxml.jackson.annotation.JsonValue;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import lexicor.core.document.InvalidDocumentException;
import lexicor.server.casefiles.CaseFile.MeasuredEntry;
import lexicor.server.casefiles.CaseFile.Moment;
import lexicor.server.casefiles.CaseFile.OverrideEntry;
import lexicor.server.casefiles.CaseFile.SettledEntry;
import lexicor.server.casefiles.CaseFile.TapEntry;
import lexicor.server.casefiles.CaseFileCheck.VisitTest;
import lexicor.server.cases.CaseAccess;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.Intake;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.cases.records.OverrideStore;
import lexicor.server.cases.records.SettledWarning;
import lexicor.server.cases.records.TapStore;
import lexicor.server.measures.MeasuredStore;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.Reasons;
import lexicor.server.problems.Refusal;
import lexicor.server.standing.Basis;
import lexicor.server.time.Moments;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Cases out to files and in again. A case is recognised by its code, and what was recorded in it by its own ids. */
@Service
public class CaseFiles {
    /** What becomes of a case that is brought in. */
    public enum Status {
        NEW,
        CHANGED,
        SAME,
        REFUSED;

        @JsonValue
        String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * What bringing a file in would do, or why it cannot be.
     */
    public record Outcome(String code, Status status, String why) {
        public static Outcome refused(String code, String why) {
            return new Outcome(code, Status.REFUSED, why);
        }

        public boolean wasRefused() {
            return status == Status.REFUSED;
        }
    }

    /**
     * A file looked at.
     *
     * @param doubts places whose text looks like somebody's name or the like
     * @param blocked tests that a precaution forbids and that have readings without a written reason
     */
    public record Look(Outcome outcome, List<String> doubts, List<String> blocked) {
        /** Nothing doubtful about it, or nothing that would matter. */
        public static Look only(Outcome outcome) {
            return new Look(outcome, List.of(), List.of());
        }
    }

    private final CaseStore cases;
    private final CaseDoor door;
    private final TapStore taps;
    private final MeasuredStore measured;
    private final OverrideStore overrides;
    private final OpenCases openCases;
    private final CaseBasis basis;
    private final NotedOutcomes outcomes;
    private final CaseFileStore store;
    private final ApplicationEventPublisher told;
    private final SignedIn signedIn;
    private final JsonMapper json;
    private final Moments moments;

    CaseFiles(
            CaseStore cases,
            CaseDoor door,
            TapStore taps,
            MeasuredStore measured,
            OverrideStore overrides,
            OpenCases openCases,
            CaseBasis basis,
            NotedOutcomes outcomes,
            CaseFileStore store,
            ApplicationEventPublisher told,
            SignedIn signedIn,
            JsonMapper json,
            Moments moments) {
        this.cases = cases;
        this.door = door;
        this.taps = taps;
        this.measured = measured;
        this.overrides = overrides;
        this.openCases = openCases;
        this.basis = basis;
        this.outcomes = outcomes;
        this.store = store;
        this.told = told;
        this.signedIn = signedIn;
        this.json = json;
        this.moments = moments;
    }

    /**
     * @param dates whether dates are written; without them the days since the first visit stand alone
     */
    @Transactional
    public CaseFile export(String code, boolean dates) {
        CaseRecord stored = door.existing(code);
        told.publishEvent(new CaseAccess(stored.id, CaseAccess.Kind.EXPORTED));
        return file(stored, dates, WeighFiles.of(openCases.of(stored)));
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
                Intake.of(c),
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
                List.copyOf(c.sets),
                settled(c, moment),
                outcomes.of(c.id, moment),
                weigh);
    }

    private static List<SettledEntry> settled(CaseRecord c, Function<Instant, Moment> moment) {
        return c.settled.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> {
                    SettledWarning said = e.getValue();
                    return new SettledEntry(
                            e.getKey(),
                            said.state,
                            said.why,
                            said.reasons().stream().sorted().toList(),
                            moment.apply(said.madeAt));
                })
                .toList();
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
        Optional<CaseRecord> there = Optional.ofNullable(file.code()).flatMap(door::find);
        Basis used = there.map(basis::of).orElseGet(basis::today);
        CaseFileCheck check = new CaseFileCheck(used.catalogue(), outcomes, moments.now());
        check.whole(file);
        Optional<CaseFile> here = there.map(c -> file(c, file.created().at() != null, null));
        Outcome outcome = outcome(file, there, here);
        if (outcome.status() == Status.SAME) {
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
                            Status.NEW,
                            counted(file.taps().size(), "tap") + ", "
                                    + counted(file.visits().size(), "visit"));
        }
        if (here.orElseThrow().equals(file.withoutWeigh())) {
            return new Outcome(code, Status.SAME, "");
        }
        if (there.get().isClosed()) {
            return Outcome.refused(code, "the case is closed here; open it again first");
        }
        Continuation.check(here.get(), file);
        int added = file.taps().size() - here.get().taps().size();
        return new Outcome(code, Status.CHANGED, counted(added, "more tap") + ", or another intake");
    }

    private static String counted(int n, String what) {
        return n + " " + what + (n == 1 ? "" : "s");
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
        if (outcome.status() != Status.SAME) {
            if (!looked.blocked().isEmpty()) {
                Reasons.aboutCase(reason);
            }
            store.store(file, looked.there(), looked.blocked(), reason);
        }
        return outcome;
    }
}
