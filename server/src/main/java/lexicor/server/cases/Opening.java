package lexicor.server.cases;

import java.util.Objects;
import java.util.UUID;
import lexicor.server.cases.CaseAccess.Kind;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.standing.Basis;
import lexicor.server.standing.Weighed;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows a case to somebody. */
@Service
class Opening {
    /** What another run of the program says of a case may differ. */
    private static final UUID RUN = UUID.randomUUID();

    private final CaseDoor door;
    private final CaseBasis basis;
    private final OpenCases openCases;
    private final CasePage page;
    private final Weighings weighings;
    private final ApplicationEventPublisher told;

    Opening(
            CaseDoor door,
            CaseBasis basis,
            OpenCases openCases,
            CasePage page,
            Weighings weighings,
            ApplicationEventPublisher told) {
        this.door = door;
        this.basis = basis;
        this.openCases = openCases;
        this.page = page;
        this.weighings = weighings;
        this.told = told;
    }

    /**
     * Changes whenever what is shown of the case does: with what is recorded, with its intake, and with the content and the
     * settings in force for it. Reads one row and works nothing out.
     */
    @Transactional(readOnly = true)
    public String tag(String code) {
        CaseRecord stored = door.existing(code);
        Basis used = basis.of(stored);
        int content = Objects.hash(
                RUN,
                door.address(stored),
                stored.closedAt,
                stored.updatedAt,
                used.edition().version(),
                used.department());
        return stored.id + "-" + stored.version + "-" + Integer.toHexString(content);
    }

    @Transactional
    public CaseView open(String code) {
        CaseRecord stored = door.existing(code);
        told.publishEvent(new CaseAccess(stored.id, Kind.OPENED));
        return page.of(stored);
    }

    @Transactional(readOnly = true)
    public Weighed weighed(String code) {
        return weighings.of(openCases.of(door.existing(code)));
    }
}
