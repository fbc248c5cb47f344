package lexicor.server.templates;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Setting;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.evidence.Judgements;
import lexicor.core.planning.Proposal;
import lexicor.server.catalogue.Edition;
import lexicor.server.catalogue.Editions;
import lexicor.server.problems.Refusal;
import lexicor.server.templates.Template.NewTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the department's lists and makes the shipped ones, which follow from the packs. */
@Service
class TemplateService {
    private static final int MAX_NAME = 80;
    private static final int MAX_TESTS = 200;

    private final TemplateStore store;
    private final Editions editions;
    private volatile Shipped shipped;

    /** The lists that follow from an edition. */
    private record Shipped(Edition edition, List<Template> lists) {}

    TemplateService(TemplateStore store, Editions editions) {
        this.store = store;
        this.editions = editions;
    }

    private List<Template> shipped() {
        Edition edition = editions.current();
        Shipped seen = shipped;
        if (seen == null || seen.edition() != edition) {
            seen = new Shipped(
                    edition,
                    edition.catalogue().complaints().stream()
                            .map(c -> shipped(c, edition))
                            .toList());
            shipped = seen;
        }
        return seen.lists();
    }

    private static Template shipped(Complaint complaint, Edition edition) {
        Catalogue catalogue = edition.catalogue();
        EvidenceBase known = edition.evidence(HighBias.CORRECTED, false, Judgements.WEIGH);
        List<Proposal.Suspect> suspects = complaint.candidates().stream()
                .map(c -> new Proposal.Suspect(
                        c, catalogue.condition(c).orElseThrow().pretest().get(Setting.COMMUNITY)))
                .toList();
        List<String> tests =
                Proposal.of(catalogue, known, Set.copyOf(complaint.regions()), complaint.also(), suspects).stream()
                        .map(ClinicalTest::id)
                        .toList();
        return new Template(null, complaint.name(), true, tests);
    }

    /** The department's own by name, then the shipped ones. */
    @Transactional(readOnly = true)
    public List<Template> all() {
        List<Template> all = new ArrayList<>();
        store.findAllByOrderByName().forEach(t -> all.add(new Template(t.id, t.name, false, List.copyOf(t.tests))));
        all.addAll(shipped());
        return all;
    }

    @Transactional
    public List<Template> save(NewTemplate request) {
        String name = request.name() == null ? "" : request.name().strip();
        if (name.isEmpty() || name.length() > MAX_NAME) {
            throw Refusal.field("name", "expected a name of at most " + MAX_NAME + " characters");
        }
        List<String> tests = request.tests();
        if (tests == null || tests.isEmpty() || tests.size() > MAX_TESTS) {
            throw Refusal.field("tests", "expected 1 to " + MAX_TESTS + " tests");
        }
        for (String id : tests) {
            if (id == null || editions.catalogue().test(id).isEmpty()) {
                throw Refusal.field("tests", "there is no test " + id);
            }
        }
        if (new HashSet<>(tests).size() < tests.size()) {
            throw Refusal.field("tests", "a test is listed twice");
        }
        TemplateRecord stored = store.findByName(name).orElseGet(TemplateRecord::new);
        stored.name = name;
        stored.tests.clear();
        stored.tests.addAll(tests);
        store.saveAndFlush(stored);
        return all();
    }

    @Transactional
    public void delete(long id) {
        store.delete(store.findById(id).orElseThrow(() -> Refusal.notFound("There is no list " + id + ".")));
    }
}
