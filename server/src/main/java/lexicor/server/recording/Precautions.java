package lexicor.server.recording;

import java.util.List;
import java.util.Optional;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.CasePage;
import lexicor.server.cases.CaseViews.Examination;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.cases.records.OverrideRecord;
import lexicor.server.cases.records.OverrideStore;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.PersonalDetails;
import lexicor.server.privacy.Reasons;
import lexicor.server.problems.Refusal;
import lexicor.server.recording.RecordingViews.NewOverride;
import lexicor.server.standing.Basis;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Nothing is recorded on a test that a precaution or a warning sign blocks, but with a written reason. */
@Service
public class Precautions {
    private final CaseStore cases;
    private final CaseDoor door;
    private final CaseBasis basis;
    private final OpenCases openCases;
    private final OverrideStore overrides;
    private final Moments moments;
    private final SignedIn signedIn;

    Precautions(
            CaseStore cases,
            CaseDoor door,
            CaseBasis basis,
            OpenCases openCases,
            OverrideStore overrides,
            Moments moments,
            SignedIn signedIn) {
        this.cases = cases;
        this.door = door;
        this.basis = basis;
        this.openCases = openCases;
        this.overrides = overrides;
        this.moments = moments;
        this.signedIn = signedIn;
    }

    /**
     * Refuses a recording on a test that is blocked and has no written reason. What was begun before a warning sign came up can
     * be put right: it may be what raised the sign.
     */
    void allow(CaseRecord stored, Basis used, ClinicalTest test) {
        OpenCase c = openCases.of(stored, used);
        List<String> because = c.readings().tests().contains(test.id())
                ? c.blocks().ticked(test.id())
                : c.blocks().because(test.id());
        if (!because.isEmpty() && !overrides.existsByCaseIdAndVisitAndTest(stored.id, stored.visit(), test.id())) {
            refuse(test, because);
        }
    }

    /**
     * Refuses a test without a written reason.
     *
     * @param because what blocks it, in words; where nothing does it is not refused
     */
    public static void refuse(ClinicalTest test, List<String> because) {
        if (!because.isEmpty()) {
            throw Refusal.conflict("test: " + test.name() + " is blocked by " + String.join(", ", because)
                    + "; going ahead takes a written reason");
        }
    }

    /** Keeps the written reason for going ahead with a blocked test; from then on it can be recorded. */
    @Transactional
    public Examination goAhead(String code, NewOverride request) {
        CaseRecord stored = door.lockForRecording(code);
        Basis used = basis.of(stored);
        OpenCase c = openCases.of(stored, used);
        String reason = Reasons.aboutCase(request.reason());
        if (Optional.ofNullable(request.test())
                .flatMap(used.catalogue()::test)
                .filter(t -> c.blocks().tests().contains(t.id()))
                .isEmpty()) {
            throw Refusal.field("test", request.test() + " is not blocked in this case");
        }
        PersonalDetails.question("reason", reason, request.sure());
        OverrideRecord override = new OverrideRecord();
        override.caseId = stored.id;
        override.visit = stored.visit();
        override.test = request.test();
        override.reason = reason;
        override.recordedAt = moments.now();
        override.madeBy = signedIn.person().name();
        overrides.saveAndFlush(override);
        cases.touch(stored.id, override.recordedAt);
        return CasePage.examination(openCases.of(stored, used));
    }
}
