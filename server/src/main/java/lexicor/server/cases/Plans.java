package lexicor.server.cases;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.planning.Proposal;
import lexicor.core.planning.RunningOrder;
import lexicor.server.cases.CaseViews.PlanView;
import lexicor.server.catalogue.Editions;
import lexicor.server.problems.Refusal;
import lexicor.server.settings.DepartmentSettings;
import lexicor.server.settings.SettingsService;
import lexicor.server.standing.Basis;
import org.springframework.stereotype.Component;

/** The running order of a case: its own, or the one proposed for its complaint and candidates. */
@Component
class Plans {
    private final Editions editions;
    private final CaseAssembly assembly;
    private final SettingsService settings;
    private final CaseBasis basis;

    Plans(Editions editions, CaseAssembly assembly, SettingsService settings, CaseBasis basis) {
        this.editions = editions;
        this.assembly = assembly;
        this.settings = settings;
        this.basis = basis;
    }

    PlanView view(CaseRecord stored) {
        if (!stored.plan.isEmpty()) {
            return new PlanView(true, List.copyOf(stored.plan));
        }
        Basis used = basis.of(stored);
        List<Proposal.Suspect> suspects = assembly.candidates(stored).stream()
                .map(c -> new Proposal.Suspect(c.id(), c.pretest()))
                .toList();
        Set<String> proposed = Proposal.tests(used.catalogue(), used.evidence(), assembly.regions(stored), suspects);
        return new PlanView(false, ids(RunningOrder.of(asDone(proposed))));
    }

    /** Those of the tests done that are to be done again, in the order of this visit; others after it in the best order. */
    List<String> again(CaseRecord stored, Set<String> done) {
        List<String> order = new ArrayList<>(view(stored).tests());
        order.retainAll(done);
        Set<String> others = new HashSet<>(done);
        order.forEach(others::remove);
        order.addAll(ids(RunningOrder.of(asDone(others))));
        return order;
    }

    /** The tests of an own order as they can be kept. */
    List<String> checked(List<String> tests, boolean arrange) {
        if (tests == null) {
            throw Refusal.field("tests", "missing; expected a list, empty to follow the proposed order");
        }
        Set<String> seen = new HashSet<>();
        for (String id : tests) {
            if (id == null || editions.catalogue().test(id).isEmpty()) {
                throw Refusal.field("tests", "there is no test " + id);
            }
            if (!seen.add(id)) {
                throw Refusal.field("tests", id + " is listed twice");
            }
        }
        return arrange ? ids(RunningOrder.of(asDone(seen))) : tests;
    }

    /** In the catalogue's order, each in the department's variant. */
    private List<ClinicalTest> asDone(Set<String> ids) {
        DepartmentSettings department = settings.current();
        return editions.catalogue().tests().stream()
                .filter(t -> ids.contains(t.id()))
                .map(t -> t.variant(department.variants().getOrDefault(t.id(), ""))
                        .map(t::done)
                        .orElse(t))
                .toList();
    }

    private static List<String> ids(List<ClinicalTest> tests) {
        return tests.stream().map(ClinicalTest::id).toList();
    }
}
