package lexicor.server.recording;

import java.util.List;
import java.util.Optional;
import lexicor.core.planning.RaisedWarnings.Raised;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.CasePage;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.cases.records.SettledWarning;
import lexicor.server.people.SignedIn;
import lexicor.server.privacy.PersonalDetails;
import lexicor.server.privacy.Reasons;
import lexicor.server.problems.Refusal;
import lexicor.server.recording.RecordingViews.SettleWarning;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is said of a warning sign that is raised: that it is so, or that it was seen and excluded, and why. */
@Service
class SettledWarnings {
    private static final String OPEN = "open";
    private static final List<String> STATES = List.of(SettledWarning.CONFIRMED, SettledWarning.EXCLUDED, OPEN);

    private final CaseDoor door;
    private final OpenCases openCases;
    private final CaseStore cases;
    private final CasePage page;
    private final SignedIn signedIn;
    private final Moments moments;

    SettledWarnings(
            CaseDoor door, OpenCases openCases, CaseStore cases, CasePage page, SignedIn signedIn, Moments moments) {
        this.door = door;
        this.openCases = openCases;
        this.cases = cases;
        this.page = page;
        this.signedIn = signedIn;
        this.moments = moments;
    }

    @Transactional
    CaseView settle(String code, SettleWarning request) {
        CaseRecord stored = door.lockForRecording(code);
        Raised raised = openCases.of(stored).blocks().warnings().stream()
                .filter(r -> r.sign().id().equals(request.warning()))
                .findFirst()
                .orElseThrow(() -> Refusal.field("warning", request.warning() + " is not raised in this case"));
        if (!STATES.contains(request.state())) {
            throw Refusal.field("state", "expected " + String.join(" or ", STATES));
        }
        if (OPEN.equals(request.state())) {
            stored.settled.remove(request.warning());
        } else {
            String why = SettledWarning.EXCLUDED.equals(request.state())
                    ? Reasons.aboutCase(request.reason())
                    : Optional.ofNullable(request.reason()).orElse("").strip();
            PersonalDetails.question("reason", why, request.sure());
            stored.settled.put(
                    request.warning(),
                    SettledWarning.of(
                            request.state(), why, raised.by(), signedIn.person().name(), moments.now()));
        }
        stored.updatedAt = moments.now();
        return page.of(cases.saveAndFlush(stored));
    }
}
