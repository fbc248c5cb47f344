package lexicor.server.cases;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.CaseViews.Closure;
import lexicor.server.people.SignedIn;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Closes a case, which keeps the content, figures and settings of that moment, and opens it again. */
@Service
class Closing {
    private final CaseStore store;
    private final CaseService cases;
    private final CaseBasis basis;
    private final SignedIn signedIn;

    Closing(CaseStore store, CaseService cases, CaseBasis basis, SignedIn signedIn) {
        this.store = store;
        this.cases = cases;
        this.basis = basis;
        this.signedIn = signedIn;
    }

    /** Opened again, it is weighed with what is in force then. */
    @Transactional
    public CaseView close(String code, Closure closure) {
        CaseRecord stored = cases.lockedAtVersion(code, closure.version());
        if (closure.closed() != stored.isClosed()) {
            if (closure.closed()) {
                basis.keep(stored);
                stored.closedAt = Instant.now().truncatedTo(ChronoUnit.MICROS);
                stored.closedBy = signedIn.person().name();
            } else {
                stored.closedAt = null;
                stored.closedBy = null;
                stored.edition = null;
                stored.closedWith = null;
            }
        }
        return cases.view(store.saveAndFlush(stored));
    }
}
