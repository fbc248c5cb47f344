package lexicor.server.casefiles;

import java.time.ZoneId;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.examination.Readings;
import lexicor.server.cases.CaseAccess;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.CaseDoor;
import lexicor.server.cases.CasePage;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.OpenCase;
import lexicor.server.cases.OpenCases;
import lexicor.server.cases.Weighings;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.measures.MeasurePage;
import lexicor.server.measures.MeasureViews.Measures;
import lexicor.server.problems.Refusal;
import lexicor.server.standing.Weighed;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** A case as its pages show it, for what is made of it: reports and files. Who may not open it finds none. */
@Service
public class WholeCases {
    /** Everything the pages show. */
    public record WholeCase(OpenCase open, CaseView view, Weighed weighed, Measures measures) {
        /** Of the stored case. */
        public long id() {
            return open.record().id;
        }

        /** What stands recorded. */
        public Readings readings() {
            return open.readings();
        }

        /** What the case is judged by. */
        public Catalogue catalogue() {
            return open.catalogue();
        }
    }

    private final CaseDoor door;
    private final OpenCases openCases;
    private final CaseBasis basis;
    private final CasePage page;
    private final Weighings weighings;
    private final MeasurePage measures;
    private final ApplicationEventPublisher told;

    WholeCases(
            CaseDoor door,
            OpenCases openCases,
            CaseBasis basis,
            CasePage page,
            Weighings weighings,
            MeasurePage measures,
            ApplicationEventPublisher told) {
        this.door = door;
        this.openCases = openCases;
        this.basis = basis;
        this.page = page;
        this.weighings = weighings;
        this.measures = measures;
        this.told = told;
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
        if (visit < 1 || visit > stored.visits.size()) {
            throw Refusal.field("visit", "expected 1 to " + stored.visits.size() + ", found " + visit);
        }
        return whole(stored.asOf(visit));
    }

    private WholeCase whole(CaseRecord stored) {
        OpenCase c = openCases.of(stored);
        return new WholeCase(c, page.of(c), weighings.of(c), measures.of(c));
    }

    /** The stored case's own number, which stays when its code is taken again. */
    @Transactional(readOnly = true)
    public long id(String code) {
        return door.existing(code).id;
    }

    /** By which days of the case are told apart. */
    @Transactional(readOnly = true)
    public ZoneId zone(String code) {
        return basis.of(door.existing(code)).department().zone();
    }

    /** Writes down that somebody took the case out of the program. */
    @Transactional
    public void exported(String code) {
        told.publishEvent(new CaseAccess(id(code), CaseAccess.Kind.EXPORTED));
    }

    /** The case with its figures, to be weighed again elsewhere. */
    @Transactional
    public JsonNode weighFile(String code) {
        exported(code);
        return WeighFiles.of(openCases.of(door.existing(code)));
    }
}
