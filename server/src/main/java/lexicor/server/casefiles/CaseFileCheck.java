package lexicor.server.casefiles;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Measure;
import lexicor.core.document.InvalidDocumentException;
import lexicor.server.casefiles.CaseFile.MeasuredEntry;
import lexicor.server.casefiles.CaseFile.Moment;
import lexicor.server.casefiles.CaseFile.OutcomeEntry;
import lexicor.server.casefiles.CaseFile.OverrideEntry;
import lexicor.server.casefiles.CaseFile.SettledEntry;
import lexicor.server.casefiles.CaseFile.TapEntry;
import lexicor.server.cases.Intake;
import lexicor.server.cases.Taken;
import lexicor.server.cases.Told;
import lexicor.server.cases.records.SettledWarning;
import lexicor.server.cases.records.TapRecord;
import lexicor.server.intake.IntakeCheck;
import lexicor.server.measures.MeasureChanges;
import lexicor.server.privacy.PersonalDetails;
import lexicor.server.problems.Refusal;

/** Whether a case's file can be taken: what no Lexicor writes is refused by its place, what is doubtful is asked about. */
final class CaseFileCheck {
    private static final int MOST_ENTRIES = 20_000;
    private static final Instant EARLIEST = Instant.parse("2000-01-01T00:00:00Z");
    private static final long MOST_DAYS = 36_525;
    private static final int MOST_VISITS = 500;
    private static final int LONGEST = 400;

    private final Catalogue catalogue;
    private final NotedOutcomes outcomes;
    private final Instant now;

    /**
     * @param catalogue the content that the case will be judged by
     */
    CaseFileCheck(Catalogue catalogue, NotedOutcomes outcomes, Instant now) {
        this.outcomes = outcomes;
        this.catalogue = catalogue;
        this.now = now;
    }

    /** Refuses a file that names what is not known here, or that no Lexicor writes. */
    void whole(CaseFile file) {
        moment("created", file.created());
        IntakeCheck.code(file.code());
        new IntakeCheck(catalogue).intake(file.intake());
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
            if (catalogue.test(test).isEmpty()) {
                throw Refusal.field("plan", "there is no test " + test);
            }
        }
        Set<UUID> seen = new HashSet<>();
        for (int i = 0; i < file.taps().size(); i++) {
            if (!seen.add(file.taps().get(i).id())) {
                throw Refusal.field("taps[" + i + "].id", "given twice");
            }
            checkTap("taps[" + i + "]", file.taps().get(i), file);
        }
        for (int i = 0; i < file.measured().size(); i++) {
            MeasuredEntry m = file.measured().get(i);
            String at = "measured[" + i + "]";
            moment(at + ".recorded", m.recorded());
            visit(at, m.visit(), file);
            Measure measure = Optional.ofNullable(m.measure())
                    .flatMap(catalogue.measures()::measure)
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
            if (o.test() == null || catalogue.test(o.test()).isEmpty()) {
                throw Refusal.field(at + ".test", "there is no test " + o.test());
            }
        }
        for (String set : file.sets()) {
            if (catalogue.set(set).isEmpty()) {
                throw Refusal.field("sets", "there is no set " + set);
            }
        }
        settled(file);
        for (int i = 0; i < file.outcomes().size(); i++) {
            OutcomeEntry o = file.outcomes().get(i);
            String at = "outcomes[" + i + "]";
            moment(at + ".on", o.on());
            moment(at + ".noted", o.noted());
            if (o.takenBackAt() != null) {
                moment(at + ".takenBackAt", o.takenBackAt());
            }
            outcomes.objection(o, catalogue).ifPresent(why -> {
                throw Refusal.field(at, why);
            });
        }
    }

    private void settled(CaseFile file) {
        Set<String> said = new HashSet<>();
        for (int i = 0; i < file.settled().size(); i++) {
            SettledEntry s = file.settled().get(i);
            String at = "settled[" + i + "]";
            moment(at + ".said", s.said());
            if (catalogue.warning(s.warning()).isEmpty()) {
                throw Refusal.field(at + ".warning", "there is no warning sign " + s.warning());
            }
            if (!said.add(s.warning())) {
                throw Refusal.field(at + ".warning", "given twice");
            }
            if (s.why().length() > LONGEST
                    || SettledWarning.EXCLUDED.equals(s.state()) && s.why().isBlank()) {
                throw Refusal.field(at + ".why", "expected 1 to " + LONGEST + " characters");
            }
        }
    }

    private void checkTap(String at, TapEntry tap, CaseFile file) {
        moment(at + ".tapped", tap.tapped());
        moment(at + ".recorded", tap.recorded());
        if (tap.takenBackAt() != null) {
            moment(at + ".takenBackAt", tap.takenBackAt());
        }
        visit(at, tap.visit(), file);
        TapRecord record = new TapRecord();
        record.test = tap.test();
        record.at = tap.at();
        record.side = tap.side();
        record.changes = tap.changes().toString();
        try {
            Taken.tap(record, catalogue);
        } catch (InvalidDocumentException e) {
            throw Refusal.field(at, e.getMessage());
        }
    }

    private static void visit(String at, int visit, CaseFile file) {
        if (visit < 1 || visit > file.visits().size()) {
            throw Refusal.field(at + ".visit", "expected 1 to " + file.visits().size());
        }
    }

    private void moment(String field, Moment moment) {
        Instant at = moment.at();
        if (moment.day() < -MOST_DAYS || moment.day() > MOST_DAYS) {
            throw Refusal.field(field + ".day", "expected a number of days");
        }
        if (at != null && (at.isBefore(EARLIEST) || at.isAfter(now.plus(1, ChronoUnit.DAYS)))) {
            throw Refusal.field(field + ".at", "expected a time from the year 2000 until now, found " + at);
        }
    }

    /** A test at a visit. */
    record VisitTest(int visit, String test) {}

    /** Places whose text looks like what has no place in a record, where it is not here already. */
    List<String> doubts(CaseFile file, Optional<CaseFile> here) {
        List<String> doubts = new ArrayList<>();
        if (PersonalDetails.isLikeBirthDate(file.code()) && here.isEmpty()) {
            doubts.add(file.code() + ": the code looks like a date of birth");
        }
        String code = file.code() + ", ";
        String story = file.intake().mechanism();
        if (here.filter(h -> h.intake().mechanism().equals(story)).isEmpty()) {
            doubt(doubts, code + "what happened", story);
        }
        told(file.intake()).forEach((field, text) -> {
            if (here.filter(h -> text.equals(told(h.intake()).get(field))).isEmpty()) {
                doubt(doubts, code + "what is told", text);
            }
        });
        for (OverrideEntry o : file.overrides()) {
            if (here.filter(h -> h.overrides().contains(o)).isEmpty()) {
                doubt(doubts, code + "the reason for " + name(o.test()), o.reason());
            }
        }
        for (SettledEntry s : file.settled()) {
            if (here.filter(h -> h.settled().contains(s)).isEmpty()) {
                doubt(doubts, code + "what was said of a warning sign", s.why());
            }
        }
        for (OutcomeEntry o : file.outcomes()) {
            if (here.filter(h -> h.outcomes().contains(o)).isEmpty()) {
                doubt(doubts, code + "what came out", o.note());
            }
        }
        Set<UUID> known =
                here.stream().flatMap(h -> h.taps().stream()).map(TapEntry::id).collect(Collectors.toSet());
        for (TapEntry tap : file.taps()) {
            if (!known.contains(tap.id())) {
                Taken.texts(Taken.changes(tap.changes().toString()))
                        .values()
                        .forEach(text -> doubt(doubts, code + "what is written about " + name(tap.test()), text));
            }
        }
        return doubts;
    }

    private static void doubt(List<String> doubts, String place, String text) {
        PersonalDetails.in(text).ifPresent(like -> doubts.add(place + ": looks like " + like));
    }

    private static Map<String, String> told(Intake intake) {
        return Optional.ofNullable(intake.told()).map(Told::texts).orElse(Map.of());
    }

    /**
     * Tests that have new readings although a precaution of the file, or of the case here, forbids them, and for which no
     * written reason stands at that visit.
     */
    Set<VisitTest> blocked(CaseFile file, Optional<CaseFile> here) {
        List<String> set = Stream.concat(
                        file.intake().precautions().stream(),
                        here.stream().flatMap(h -> h.intake().precautions().stream()))
                .distinct()
                .toList();
        if (set.isEmpty()) {
            return Set.of();
        }
        Set<UUID> recorded =
                here.stream().flatMap(h -> h.taps().stream()).map(TapEntry::id).collect(Collectors.toSet());
        Set<VisitTest> reasoned = file.overrides().stream()
                .map(o -> new VisitTest(o.visit(), o.test()))
                .collect(Collectors.toSet());
        return file.taps().stream()
                .filter(t -> !recorded.contains(t.id()))
                .filter(t -> catalogue.precautions().stream()
                        .anyMatch(p -> set.contains(p.id())
                                && p.blocks(catalogue.test(t.test()).orElseThrow())))
                .map(t -> new VisitTest(t.visit(), t.test()))
                .filter(b -> !reasoned.contains(b))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Such tests in words. */
    List<String> words(CaseFile file, Set<VisitTest> blocked) {
        return blocked.stream()
                .map(b -> file.code() + ", visit " + b.visit() + ": " + name(b.test()))
                .toList();
    }

    private String name(String test) {
        return catalogue.test(test).map(ClinicalTest::name).orElse(test);
    }
}
