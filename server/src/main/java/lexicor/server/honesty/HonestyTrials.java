package lexicor.server.honesty;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Setting;
import lexicor.core.honesty.Clinic;
import lexicor.server.cases.CaseBasis;
import lexicor.server.honesty.TrialViews.NewTrial;
import lexicor.server.honesty.TrialViews.State;
import lexicor.server.honesty.TrialViews.TrialView;
import lexicor.server.problems.Refusal;
import lexicor.server.standing.Basis;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Tries the program with the content and the settings in force: one trial at a time, beside whatever is recorded. */
@Service
class HonestyTrials {
    /** Everything that a patient can have is gone through, so that each candidate more doubles the work. */
    private static final int MOST_CANDIDATES = 14;

    private static final Duration MOST = Duration.ofSeconds(50);
    private static final TrialView NONE = new TrialView(State.NONE, 0, "", Setting.COMMUNITY, List.of(), "");

    private final CaseBasis basis;
    private final int patients;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "honesty");
        thread.setDaemon(true);
        return thread;
    });
    private Trial latest;

    HonestyTrials(CaseBasis basis, @Value("${lexicor.honesty-patients}") int patients) {
        this.basis = basis;
        this.patients = patients;
    }

    synchronized TrialView latest() {
        return latest == null ? NONE : latest.view();
    }

    synchronized TrialView start(NewTrial asked) {
        if (latest != null && latest.isRunning()) {
            throw Refusal.conflict("A trial is running already. Wait for its end, which comes within a minute.");
        }
        Basis today = basis.today();
        if (asked.setting() == null) {
            throw Refusal.field("setting", "missing; expected community, sports or specialist");
        }
        Complaint complaint = Optional.ofNullable(asked.complaint())
                .flatMap(today.catalogue()::complaint)
                .orElseThrow(() -> Refusal.field("complaint", "not a complaint of the content in force"));
        if (complaint.candidates().size() > MOST_CANDIDATES) {
            throw Refusal.field(
                    "complaint",
                    "has more than " + MOST_CANDIDATES
                            + " candidates, too many to go through all that a patient can have");
        }
        Clinic clinic = Clinic.of(today.catalogue(), today.evidence(), today.settings(), complaint, asked.setting());
        latest = new Trial(clinic, complaint, asked.setting(), patients, MOST);
        worker.execute(latest);
        return latest.view();
    }

    @EventListener(ContextClosedEvent.class)
    void close() {
        worker.shutdownNow();
    }
}
