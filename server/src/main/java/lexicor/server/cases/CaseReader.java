package lexicor.server.cases;

import java.util.Optional;
import lexicor.core.catalogue.Catalogue;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.MeasureViews.Measures;
import lexicor.server.people.PeopleService;
import lexicor.server.people.Role;
import lexicor.server.problems.Refusal;
import lexicor.server.standing.Weighed;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A case as its pages show it, for what is made of it: reports and files. Who may not open it finds none. */
@Service
public class CaseReader {
    /**
     * Everything the pages show.
     *
     * @param id of the stored case
     * @param catalogue what the case is weighed with
     */
    public record WholeCase(long id, CaseView view, Weighed weighed, Measures measures, Catalogue catalogue) {}

    private final CaseStore store;
    private final CaseDoor door;
    private final PeopleService people;
    private final CaseService cases;
    private final MeasureService measures;
    private final CaseBasis basis;
    private final AccessLog log;

    CaseReader(
            CaseStore store,
            CaseDoor door,
            PeopleService people,
            CaseService cases,
            MeasureService measures,
            CaseBasis basis,
            AccessLog log) {
        this.store = store;
        this.door = door;
        this.people = people;
        this.cases = cases;
        this.measures = measures;
        this.basis = basis;
        this.log = log;
    }

    /** The case as it stands. */
    @Transactional(readOnly = true)
    public WholeCase whole(String code) {
        return whole(door.existing(code));
    }

    /** The case as its visit left it, from 1; with the intake as it is now. */
    @Transactional(readOnly = true)
    public WholeCase whole(String code, int visit) {
        CaseRecord stored = door.existing(code);
        if (visit < 1 || visit > stored.visit()) {
            throw Refusal.field("visit", "expected 1 to " + stored.visit() + ", found " + visit);
        }
        return whole(stored.asOf(visit));
    }

    private WholeCase whole(CaseRecord stored) {
        return new WholeCase(
                stored.id,
                cases.view(stored),
                cases.weighed(stored),
                measures.view(stored),
                basis.of(stored).catalogue());
    }

    /** The stored case's own number, which stays when its code is taken again. */
    @Transactional(readOnly = true)
    public long id(String code) {
        return door.existing(code).id;
    }

    /** Why a document of the case may no longer go out in somebody's name; empty where it may. */
    @Transactional(readOnly = true)
    public Optional<String> objection(long caseId, String sender) {
        Optional<CaseRecord> stored = store.findById(caseId).filter(c -> c.deletedAt == null);
        if (stored.isEmpty()) {
            return Optional.of("The case was deleted.");
        }
        boolean may = people.open(sender)
                .filter(p -> p.role() == Role.LEAD || p.role() == Role.CLINICIAN)
                .filter(p -> door.isOpenTo(p, stored.get()))
                .isPresent();
        return may ? Optional.empty() : Optional.of(sender + ", who sent it, may no longer open the case.");
    }

    /** Writes down that somebody took the case out of the program. */
    @Transactional
    public void exported(String code) {
        log.exported(door.existing(code));
    }
}
