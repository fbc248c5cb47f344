package lexicor.server.cases;

import lexicor.core.catalogue.Catalogue;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.MeasureViews.Measures;
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

    private final CaseDoor door;
    private final CaseService cases;
    private final MeasureService measures;
    private final CaseBasis basis;
    private final AccessLog log;

    CaseReader(CaseDoor door, CaseService cases, MeasureService measures, CaseBasis basis, AccessLog log) {
        this.door = door;
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

    /** Writes down that somebody took the case out of the program. */
    @Transactional
    public void exported(String code) {
        log.exported(code);
    }
}
