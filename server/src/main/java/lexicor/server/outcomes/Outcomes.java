package lexicor.server.outcomes;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.outcomes.followed.CameOut;
import lexicor.core.outcomes.followed.Reference;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.outcomes.OutcomeViews.HunchesStated;
import lexicor.server.outcomes.OutcomeViews.NewNote;
import lexicor.server.outcomes.OutcomeViews.NewReferral;
import lexicor.server.outcomes.OutcomeViews.NoAnswer;
import lexicor.server.outcomes.OutcomeViews.OutcomeView;
import lexicor.server.outcomes.records.CaseHunchRecord;
import lexicor.server.outcomes.records.CaseHunchStore;
import lexicor.server.outcomes.records.NoteRecord;
import lexicor.server.outcomes.records.NoteStore;
import lexicor.server.outcomes.records.ReferralRecord;
import lexicor.server.outcomes.records.ReferralStore;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.PersonalDetails;
import lexicor.server.privacy.Reasons;
import lexicor.server.problems.Refusal;
import lexicor.server.time.Moments;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Notes what came out of a case and what is waited for. A closed case takes notes as well and is not changed by them: they stand
 * beside it.
 */
@Service
class Outcomes {
    static final int LONGEST_NOTE = 2000;
    private static final int LONGEST_ABOUT = 400;
    private static final int MOST_MONTHS = 240;
    private static final double LEAST = 0.01;

    private final CaseDoor door;
    private final CaseBasis basis;
    private final NoteStore notes;
    private final ReferralStore referrals;
    private final CaseHunchStore hunches;
    private final Foreseeing foreseeing;
    private final OutcomePage page;
    private final OutcomeDays days;
    private final SignedIn signedIn;
    private final Moments moments;
    private final ApplicationEventPublisher told;

    Outcomes(
            CaseDoor door,
            CaseBasis basis,
            NoteStore notes,
            ReferralStore referrals,
            CaseHunchStore hunches,
            Foreseeing foreseeing,
            OutcomePage page,
            OutcomeDays days,
            SignedIn signedIn,
            Moments moments,
            ApplicationEventPublisher told) {
        this.door = door;
        this.basis = basis;
        this.notes = notes;
        this.referrals = referrals;
        this.hunches = hunches;
        this.foreseeing = foreseeing;
        this.page = page;
        this.days = days;
        this.signedIn = signedIn;
        this.moments = moments;
        this.told = told;
    }

    @Transactional(readOnly = true)
    public OutcomeView of(String code) {
        return page.of(door.existing(code));
    }

    /** Notes what a reference said; the oldest referral for it that is waited for is answered by that. */
    @Transactional
    public OutcomeView note(String code, NewNote sent) {
        CaseRecord stored = notSecond(door.lockExisting(code));
        if (sent.key() == null) {
            throw Refusal.field("key", "missing");
        }
        if (notes.findByCaseIdAndKey(stored.id, sent.key()).isEmpty()) {
            keep(stored, sent);
        }
        return page.of(stored);
    }

    /** The same where nobody waits to see it. */
    NoteRecord keep(CaseRecord stored, NewNote sent) {
        NoteRecord record = new NoteRecord();
        record.caseId = stored.id;
        record.key = sent.key();
        record.reference = reference(sent.reference()).id();
        record.on = days.checked(sent.on());
        record.months = months(sent);
        answers(sent.answers(), basis.of(stored).catalogue())
                .forEach((condition, cameOut) -> record.answers.put(condition, cameOut.id()));
        record.note = text("note", sent.note(), LONGEST_NOTE, sent.sure());
        record.madeBy = signedIn.person().name();
        record.madeAt = moments.now();
        notes.saveAndFlush(record);
        referrals
                .findFirstByCaseIdAndReferenceAndEndedAtIsNullOrderByOnAscIdAsc(stored.id, record.reference)
                .ifPresent(r -> end(r, record.id, ""));
        changed(stored, record);
        return record;
    }

    /** Takes a note back, with all it said; it stays in the history, and whatever it answered is waited for again. */
    @Transactional
    public OutcomeView takeBack(String code, long id) {
        CaseRecord stored = door.lockExisting(code);
        NoteRecord record = notes.findByIdAndCaseId(id, stored.id)
                .orElseThrow(() -> Refusal.notFound("There is no such note in case " + code + "."));
        if (record.stands()) {
            record.takenBackBy = signedIn.person().name();
            record.takenBackAt = moments.now();
            notes.saveAndFlush(record);
            for (ReferralRecord r : referrals.findByNoteId(record.id)) {
                r.endedBy = null;
                r.endedAt = null;
                r.noteId = null;
            }
            changed(stored, record);
        }
        return page.of(stored);
    }

    private void changed(CaseRecord stored, NoteRecord record) {
        foreseeing.follow(stored, record);
        told.publishEvent(new OutcomeChanged(stored.id));
    }

    /** From now on an answer is waited for. */
    @Transactional
    public OutcomeView refer(String code, NewReferral sent) {
        CaseRecord stored = notSecond(door.lockExisting(code));
        if (sent.key() == null) {
            throw Refusal.field("key", "missing");
        }
        if (referrals.findByCaseIdAndKey(stored.id, sent.key()).isEmpty()) {
            ReferralRecord record = new ReferralRecord();
            record.caseId = stored.id;
            record.key = sent.key();
            record.reference = reference(sent.reference()).id();
            record.on = days.checked(sent.on());
            record.note = text("about", sent.about(), LONGEST_ABOUT, sent.sure());
            record.madeBy = signedIn.person().name();
            record.madeAt = moments.now();
            referrals.saveAndFlush(record);
        }
        return page.of(stored);
    }

    /** No answer will come, for a reason. */
    @Transactional
    public OutcomeView giveUp(String code, long id, NoAnswer sent) {
        CaseRecord stored = door.lockExisting(code);
        ReferralRecord record = referrals
                .findByIdAndCaseId(id, stored.id)
                .orElseThrow(() -> Refusal.notFound("There is no such referral in case " + code + "."));
        String why = Reasons.of(sent.why(), sent.sure());
        if (record.isWaiting()) {
            end(record, null, why);
        }
        return page.of(stored);
    }

    private void end(ReferralRecord record, Long note, String why) {
        record.endedBy = signedIn.person().name();
        record.endedAt = moments.now();
        record.noteId = note;
        record.why = why;
        referrals.saveAndFlush(record);
    }

    /** Keeps what an examiner thinks of conditions that nobody knows yet. */
    @Transactional
    public OutcomeView state(String code, HunchesStated sent) {
        CaseRecord stored = notSecond(door.lockExisting(code));
        if (sent.probabilities() == null || sent.probabilities().isEmpty()) {
            throw Refusal.field("probabilities", "missing; expected one or more");
        }
        var known = notes.findByCaseIdOrderByOnAscIdAsc(stored.id);
        sent.probabilities().forEach((condition, probability) -> {
            String field = "probabilities." + condition;
            if (stored.candidates.stream().noneMatch(c -> c.condition.equals(condition))) {
                throw Refusal.field(field, "there is no such candidate in this case");
            }
            if (probability == null || !(probability >= LEAST && probability <= 1 - LEAST)) {
                throw Refusal.field(field, "expected 0.01 to 0.99, found " + probability);
            }
            if (Foreseeing.known(known, condition).isPresent()) {
                throw Refusal.conflict(field + ": it is known already; a hunch is said before");
            }
            CaseHunchRecord record = new CaseHunchRecord();
            record.caseId = stored.id;
            record.condition = condition;
            record.stated = probability;
            record.madeBy = signedIn.person().name();
            record.madeAt = moments.now();
            hunches.save(record);
        });
        hunches.flush();
        return page.of(stored);
    }

    /** What comes out of a patient is noted once, with the first examination. */
    static CaseRecord notSecond(CaseRecord stored) {
        if (stored.secondOf != null) {
            throw Refusal.conflict(
                    "This is a second examination of a patient. What came out is noted in the case it is of.");
        }
        return stored;
    }

    private static Reference reference(Reference sent) {
        return Optional.ofNullable(sent)
                .orElseThrow(() -> Refusal.field("reference", "missing; expected one of the list"));
    }

    private static Integer months(NewNote sent) {
        boolean watched = sent.reference() == Reference.FOLLOW_UP;
        if (watched && (sent.months() == null || sent.months() < 1 || sent.months() > MOST_MONTHS)) {
            throw Refusal.field("months", "expected 1 to " + MOST_MONTHS + ": for how long was it watched?");
        }
        return watched ? sent.months() : null;
    }

    private static Map<String, CameOut> answers(Map<String, CameOut> sent, Catalogue catalogue) {
        if (sent == null || sent.isEmpty()) {
            throw Refusal.field("answers", "say of at least one condition what came out");
        }
        Map<String, CameOut> answers = new LinkedHashMap<>();
        sent.forEach((condition, cameOut) -> {
            if (catalogue.condition(condition).isEmpty()) {
                throw Refusal.field("answers." + condition, "there is no such condition");
            }
            if (cameOut == null) {
                throw Refusal.field("answers." + condition, "expected present, absent or not-known");
            }
            answers.put(condition, cameOut);
        });
        return answers;
    }

    private static String text(String field, String sent, int longest, Boolean sure) {
        String text = Optional.ofNullable(sent).orElse("").strip();
        if (text.length() > longest) {
            throw Refusal.field(field, "expected at most " + longest + " characters");
        }
        PersonalDetails.question(field, text, sure);
        return text;
    }
}
