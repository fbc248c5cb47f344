package lexicor.server.recording;

import java.util.Optional;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.CasePage;
import lexicor.server.cases.CaseRecord;
import lexicor.server.cases.CaseStore;
import lexicor.server.cases.CaseViews.Examination;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.OverrideRecord;
import lexicor.server.cases.OverrideStore;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.PersonalDetails;
import lexicor.server.problems.Refusal;
import lexicor.server.recording.RecordingViews.NewOverride;
import lexicor.server.standing.Basis;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Nothing is recorded on a test that a precaution of the case blocks, but with a written reason. */
@Service
public class Precautions {
    private static final int SHORTEST_REASON = 10;
    private static final int LONGEST_REASON = 400;

    private final CaseStore cases;
    private final CaseDoor door;
    private final OpenCases openCases;
    private final OverrideStore overrides;
    private final Moments moments;
    private final SignedIn signedIn;

    Precautions(
            CaseStore cases,
            CaseDoor door,
            OpenCases openCases,
            OverrideStore overrides,
            Moments moments,
            SignedIn signedIn) {
        this.cases = cases;
        this.door = door;
        this.openCases = openCases;
        this.overrides = overrides;
        this.moments = moments;
        this.signedIn = signedIn;
    }

    /** Refuses a recording on a test that is blocked and has no written reason. */
    void allow(CaseRecord stored, Basis used, String test) {
        if (stored.precautions.isEmpty()) {
            return;
        }
        CasePage.blocked(openCases.of(stored, used)).stream()
                .filter(b -> b.test().equals(test) && b.reason() == null)
                .findFirst()
                .ifPresent(b -> {
                    String name =
                            used.catalogue().test(test).map(ClinicalTest::name).orElse(test);
                    throw Refusal.conflict("test: " + name + " is blocked by " + String.join(", ", b.because())
                            + "; going ahead takes a written reason");
                });
    }

    /** Keeps the written reason for going ahead with a blocked test; from then on it can be recorded. */
    @Transactional
    public Examination goAhead(String code, NewOverride request) {
        CaseRecord stored = door.lockForRecording(code);
        OpenCase before = openCases.of(stored);
        String reason = checkReason(request.reason());
        if (CasePage.blocked(before).stream().noneMatch(b -> b.test().equals(request.test()))) {
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
        return CasePage.examination(openCases.of(stored, before.basis()));
    }

    /** The reason without blanks around it, if it is one. */
    public static String checkReason(String reason) {
        String text = Optional.ofNullable(reason).map(String::strip).orElse("");
        if (text.length() < SHORTEST_REASON || text.length() > LONGEST_REASON) {
            throw Refusal.field(
                    "reason", "expected " + SHORTEST_REASON + " to " + LONGEST_REASON + " characters that say why");
        }
        return text;
    }
}
