package lexicor.server.cases;

import java.util.List;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.CaseViews.Closure;
import lexicor.server.cases.CaseViews.Sharing;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.people.PeopleService;
import lexicor.server.people.SignedIn;
import lexicor.server.problems.Refusal;
import lexicor.server.time.Moments;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whose a case is, and whether it is open. */
@Service
class Keeping {
    private final CaseStore store;
    private final CaseDoor door;
    private final CaseBasis basis;
    private final CasePage page;
    private final PeopleService people;
    private final SignedIn signedIn;
    private final Moments moments;
    private final ApplicationEventPublisher told;

    Keeping(
            CaseStore store,
            CaseDoor door,
            CaseBasis basis,
            CasePage page,
            PeopleService people,
            SignedIn signedIn,
            Moments moments,
            ApplicationEventPublisher told) {
        this.store = store;
        this.door = door;
        this.basis = basis;
        this.page = page;
        this.people = people;
        this.signedIn = signedIn;
        this.moments = moments;
        this.told = told;
    }

    /** Hands a case on or shares it; its examiner or a lead can. */
    @Transactional
    public CaseView share(String code, Sharing sharing) {
        CaseRecord stored = door.lockExisting(code, sharing.version());
        door.ownedBy(signedIn.person(), stored);
        if (stored.isBlind()) {
            throw Refusal.conflict(
                    "A second examination is blind until it is closed. Close it, then share it or hand it on.");
        }
        List<String> known = people.colleagues();
        if (sharing.owner() == null || !known.contains(sharing.owner())) {
            throw Refusal.field("owner", "expected somebody who keeps cases, found " + sharing.owner());
        }
        if (sharing.shares() == null || !known.containsAll(sharing.shares())) {
            throw Refusal.field("shares", "expected a list of people who keep cases, which may be empty");
        }
        stored.owner = sharing.owner();
        stored.shares.clear();
        stored.shares.addAll(sharing.shares());
        stored.shares.remove(stored.owner);
        return page.of(store.saveAndFlush(stored));
    }

    /**
     * Closes a case, which keeps the content, figures and settings of that moment, or opens it again; from then on it is
     * weighed with what is in force.
     */
    @Transactional
    public CaseView close(String code, Closure closure) {
        CaseRecord stored = door.lockExisting(code, closure.version());
        if (closure.closed() != stored.isClosed()) {
            if (closure.closed()) {
                basis.keep(stored);
                stored.closedAt = moments.now();
                stored.closedBy = signedIn.person().name();
                if (stored.isBlind()) {
                    told.publishEvent(new SecondClosed(stored));
                    store.seen(stored, stored.closedAt);
                }
            } else {
                stored.closedAt = null;
                stored.closedBy = null;
                stored.edition = null;
                stored.closedWith = null;
            }
        }
        return page.of(store.saveAndFlush(stored));
    }
}
