package lexicor.server.cases;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Stream;
import lexicor.core.examination.DefinitionState;
import lexicor.server.cases.CaseViews.CaseSummary;
import lexicor.server.cases.records.CaseRecord;
import lexicor.server.cases.records.CaseStore;
import lexicor.server.people.SignedIn;
import lexicor.server.settings.SettingsService;
import lexicor.server.standing.Standing.ConditionStanding;
import lexicor.server.standing.Standings;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The cases that whoever is signed in may open, the latest changed first. */
@Service
public class CaseList {
    private static final int PAGE = 50;

    private final CaseStore cases;
    private final CaseDoor door;
    private final OpenCases openCases;
    private final SignedIn signedIn;
    private final SettingsService settings;

    CaseList(CaseStore cases, CaseDoor door, OpenCases openCases, SignedIn signedIn, SettingsService settings) {
        this.cases = cases;
        this.door = door;
        this.openCases = openCases;
        this.signedIn = signedIn;
        this.settings = settings;
    }

    /** Fifty of them whose code has the text somewhere. */
    @Transactional(readOnly = true)
    public List<CaseSummary> summaries(String search, int page) {
        List<CaseRecord> found = records(search, page);
        Map<Long, String> addresses = door.addresses(found);
        return openCases.all(found).stream()
                .map(c -> summary(c, addresses.get(c.record().id)))
                .toList();
    }

    private static CaseSummary summary(OpenCase c, String address) {
        return new CaseSummary(
                address,
                c.record().complaint,
                c.complaintName(),
                c.involved(),
                c.record().mechanism,
                c.record().updatedAt,
                c.readings().tests().size(),
                c.record().isClosed(),
                leading(Standings.conditions(c.bedside(), c.basis(), c.ranked()))
                        .orElse(null));
    }

    /**
     * What the list names: one that today's findings raised, or that meets a definition, or that has tests positive without
     * figures, or else the first that was weighed; never one that nothing recorded touched.
     */
    static Optional<ConditionStanding> leading(List<ConditionStanding> conditions) {
        return Stream.<Predicate<ConditionStanding>>of(
                        c -> c.weighed() && c.posttest() > c.pretest(),
                        c -> c.definitions().stream().anyMatch(d -> d.state() == DefinitionState.State.MET),
                        c -> c.aimed().positive() > 0,
                        ConditionStanding::weighed)
                .flatMap(is -> conditions.stream().filter(is).findFirst().stream())
                .findFirst();
    }

    /** How each of all of them is called. */
    @Transactional(readOnly = true)
    public List<String> addresses() {
        List<String> addresses = new ArrayList<>();
        List<CaseRecord> page;
        int at = 0;
        do {
            page = records("", at++);
            Map<Long, String> byId = door.addresses(page);
            page.forEach(c -> addresses.add(byId.get(c.id)));
        } while (page.size() == PAGE);
        return addresses;
    }

    /**
     * Gives them to somebody page by page.
     *
     * @param most after how many to stop
     * @return how many there were
     */
    public Counted each(int most, Consumer<Collection<OpenCase>> taker) {
        int seen = 0;
        List<CaseRecord> page;
        do {
            page = records("", seen / PAGE);
            taker.accept(openCases.all(page));
            seen += page.size();
        } while (page.size() == PAGE && seen < most);
        return new Counted(seen, page.size() < PAGE);
    }

    /**
     * @param whole whether those are all
     */
    public record Counted(int cases, boolean whole) {}

    private List<CaseRecord> records(String search, int page) {
        return cases.search(
                search, signedIn.person().name(), settings.current().shareAll(), PageRequest.of(page, PAGE));
    }
}
