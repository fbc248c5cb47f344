package lexicor.server.practice;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.examination.Side;
import lexicor.server.cases.CasePage;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.CaseViews.Examination;
import lexicor.server.cases.Taken;
import lexicor.server.cases.records.TapRecord;
import lexicor.server.intake.IntakeViews.LadderChange;
import lexicor.server.intake.IntakeViews.PlanChange;
import lexicor.server.intake.PlanChecks;
import lexicor.server.practice.StepBodies.AheadBody;
import lexicor.server.practice.StepBodies.LadderBody;
import lexicor.server.practice.StepBodies.PlanBody;
import lexicor.server.practice.StepBodies.TapBody;
import lexicor.server.privacy.PersonalDetails;
import lexicor.server.privacy.Reasons;
import lexicor.server.problems.Refusal;
import lexicor.server.recording.Precautions;
import lexicor.server.recording.RecordingViews.NewOverride;
import lexicor.server.recording.RecordingViews.NewTap;
import lexicor.server.recording.RecordingViews.TapView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the couch records of a simulated patient: the same acts as of a case, kept apart from every case. */
@Service
class Recordings {
    private final Steps steps;
    private final Patients patients;
    private final PracticeDoor door;

    Recordings(Steps steps, Patients patients, PracticeDoor door) {
        this.steps = steps;
        this.patients = patients;
        this.door = door;
    }

    /** The patient as the couch shows a case. */
    @Transactional(readOnly = true)
    public CaseView open(long id) {
        return view(patients.attempt(door.existing(id)));
    }

    private static CaseView view(Attempt attempt) {
        return CasePage.view(attempt.open(), attempt.address(), examination(attempt));
    }

    /** Where it stands is shown only to one who asked for it, or at the end. */
    private static Examination examination(Attempt attempt) {
        return attempt.isProgramShown() ? CasePage.examination(attempt.open()) : CasePage.recorded(attempt.open());
    }

    @Transactional
    public Examination tap(long id, NewTap tap) {
        PatientRecord stored = door.lockOpen(id);
        Attempt before = patients.attempt(stored);
        if (tap.changes() == null || tap.side() == null) {
            throw Refusal.field(tap.side() == null ? "side" : "changes", "missing");
        }
        TapRecord read = new TapRecord();
        read.test = tap.test();
        read.at = Optional.ofNullable(tap.at()).orElse("");
        read.side = tap.side().id();
        read.changes = Taken.stored(tap.changes());
        Taken.tap(read, before.catalogue());
        Taken.texts(tap.changes())
                .forEach((leaf, text) -> PersonalDetails.question("changes." + leaf, text, tap.sure()));
        requireNotBlocked(before, before.catalogue().test(read.test).orElseThrow());
        String variant = before.basis().department().variants().get(read.test);
        steps.add(
                stored,
                tap.tapId(),
                StepKind.TAPPED,
                new TapBody(read.test, read.at, read.side, read.changes, variant));
        return examination(patients.attempt(stored));
    }

    /** Nothing is done or recorded on a test that a precaution blocks, but for a written reason. */
    static void requireNotBlocked(Attempt attempt, ClinicalTest test) {
        if (attempt.open().goneAheadWith(test.id()).isEmpty()) {
            Precautions.refuse(test, attempt.blocking(test));
        }
    }

    /** Every tap ever made, oldest first. */
    @Transactional(readOnly = true)
    public List<TapView> taps(long id) {
        return steps.taps(door.existing(id)).stream().map(Recordings::tap).toList();
    }

    private static TapView tap(StepRecord step) {
        TapBody body = StepBodies.read(step, TapBody.class);
        return new TapView(
                step.key,
                step.madeAt,
                step.madeAt,
                1,
                "",
                body.test(),
                body.at(),
                Side.withId(body.side()).orElseThrow(),
                Taken.changes(body.changes()),
                step.undone);
    }

    @Transactional
    public Examination undo(long id, UUID tapId) {
        if (tapId == null) {
            throw Refusal.field("tapId", "missing");
        }
        PatientRecord stored = door.lockOpen(id);
        steps.undo(stored, tapId);
        return examination(patients.attempt(stored));
    }

    @Transactional
    public Examination goAhead(long id, NewOverride request) {
        PatientRecord stored = door.lockOpen(id);
        Attempt before = patients.attempt(stored);
        String reason = Reasons.aboutCase(request.reason());
        if (Optional.ofNullable(request.test())
                .flatMap(before.catalogue()::test)
                .filter(t -> !before.blocking(t).isEmpty())
                .isEmpty()) {
            throw Refusal.field("test", request.test() + " is not blocked here");
        }
        PersonalDetails.question("reason", reason, request.sure());
        steps.add(stored, UUID.randomUUID(), StepKind.WENT_AHEAD, new AheadBody(request.test(), reason));
        return examination(patients.attempt(stored));
    }

    @Transactional
    public CaseView plan(long id, PlanChange change) {
        PatientRecord stored = lockSeen(id, change.version());
        Attempt before = patients.attempt(stored);
        List<String> order = PlanChecks.order(change, before.basis());
        steps.add(stored, UUID.randomUUID(), StepKind.PLANNED, new PlanBody(order, change.sets()));
        return view(patients.attempt(stored));
    }

    @Transactional
    public CaseView walk(long id, String ladder, LadderChange change) {
        PatientRecord stored = lockSeen(id, change.version());
        PlanChecks.answer(patients.attempt(stored).catalogue(), ladder, change.answer());
        steps.add(stored, UUID.randomUUID(), StepKind.LADDER, new LadderBody(ladder, change.answer()));
        return view(patients.attempt(stored));
    }

    private PatientRecord lockSeen(long id, long version) {
        PatientRecord stored = door.lockOpen(id);
        if (stored.version != version) {
            throw Refusal.conflict("version: something was done with this patient meanwhile; look again.");
        }
        return stored;
    }
}
