package lexicor.server.intake;

import java.util.List;
import lexicor.core.planning.WithinTime;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.CasePage;
import lexicor.server.cases.CasePlan;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.intake.IntakeViews.LadderChange;
import lexicor.server.intake.IntakeViews.PlanChange;
import lexicor.server.intake.IntakeViews.TimeThere;
import lexicor.server.problems.Refusal;
import lexicor.server.time.Moments;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps a case's own running order, and the ladders that somebody walks. */
@Service
class Plans {
    private static final int LONGEST_MINUTES = 240;

    private final CaseStore cases;
    private final CaseDoor door;
    private final CaseBasis basis;
    private final CasePage page;
    private final OpenCases openCases;
    private final Moments moments;

    Plans(CaseStore cases, CaseDoor door, CaseBasis basis, CasePage page, OpenCases openCases, Moments moments) {
        this.openCases = openCases;
        this.cases = cases;
        this.door = door;
        this.basis = basis;
        this.page = page;
        this.moments = moments;
    }

    /** Saves a running order made from the stored version. */
    @Transactional
    public CaseView save(String code, PlanChange change) {
        CaseRecord stored = door.lockForRecording(code, change.version());
        List<String> tests = PlanChecks.order(change, basis.of(stored));
        stored.plan.clear();
        stored.plan.addAll(tests);
        if (tests.isEmpty()) {
            stored.sets.clear();
        } else if (change.sets() != null) {
            stored.sets.clear();
            stored.sets.addAll(change.sets());
        }
        return saved(stored);
    }

    /** Leaves out what the time does not reach, as the case stands now; without a time nothing is. */
    @Transactional
    public CaseView keepWithin(String code, TimeThere change) {
        CaseRecord stored = door.lockForRecording(code, change.version());
        Integer minutes = change.minutes();
        if (minutes != null && (minutes < 1 || minutes > LONGEST_MINUTES)) {
            throw Refusal.field(
                    "minutes",
                    "expected 1 to " + LONGEST_MINUTES + ", or none for as long as it takes, found " + minutes);
        }
        stored.minutesThere = minutes;
        stored.leftOut.clear();
        if (minutes != null) {
            OpenCase c = openCases.of(stored);
            stored.leftOut.putAll(WithinTime.of(
                            c.catalogue(),
                            c.presentation(),
                            c.findings(),
                            c.weighed(),
                            c.injured(),
                            CasePlan.undone(c),
                            minutes)
                    .leftOut());
        }
        return saved(stored);
    }

    /** Starts a ladder with an answer to its question, or leaves it. */
    @Transactional
    public CaseView walk(String code, String ladder, LadderChange change) {
        CaseRecord stored = door.lockForRecording(code, change.version());
        PlanChecks.answer(basis.of(stored).catalogue(), ladder, change.answer());
        if (change.answer() == null) {
            stored.ladders.remove(ladder);
        } else {
            stored.ladders.put(ladder, change.answer());
        }
        return saved(stored);
    }

    private CaseView saved(CaseRecord stored) {
        stored.updatedAt = moments.now();
        return page.of(cases.saveAndFlush(stored));
    }
}
