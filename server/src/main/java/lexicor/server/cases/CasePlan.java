package lexicor.server.cases;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.planning.Proposal;
import lexicor.core.planning.RunningOrder;
import lexicor.server.cases.CaseViews.CoreView;
import lexicor.server.cases.CaseViews.LeftOut;
import lexicor.server.cases.CaseViews.PlanView;
import lexicor.server.standing.Basis;
import lexicor.server.standing.OpenPlan;

/** The running order of a case: its own, or the one proposed for its complaint and candidates (method M16). */
public final class CasePlan {
    /** Nothing recorded changes what is proposed, so that a tap finds it made. */
    private static final Cache<Asked, List<String>> PROPOSED = Caffeine.newBuilder()
            .maximumSize(500)
            .expireAfterAccess(Duration.ofMinutes(15))
            .build();

    /** All that a proposal depends on. */
    private record Asked(Basis basis, Set<String> regions, List<String> also, List<Proposal.Suspect> suspects) {}

    private CasePlan() {}

    /** The one that is followed now; a request asks {@link OpenCase#plan} for it, which works it out once. */
    static PlanView of(OpenCase c) {
        if (!c.record().plan.isEmpty()) {
            return view(c, true, List.copyOf(c.record().plan));
        }
        List<Proposal.Suspect> suspects = c.bedside().conditions().stream()
                .map(k -> new Proposal.Suspect(k.id(), k.pretest()))
                .toList();
        List<String> also = c.presentation().whatever(c.catalogue());
        Asked asked = new Asked(c.basis(), c.bedside().regions(), also, suspects);
        return view(c, false, PROPOSED.get(asked, CasePlan::proposed));
    }

    /** What was begun all the same is no longer left out. */
    private static PlanView view(OpenCase c, boolean own, List<String> tests) {
        Map<String, String> leftOut = c.record().leftOut;
        Set<String> touched = c.readings().tests();
        return new PlanView(
                own,
                tests,
                c.record().minutesThere,
                tests.stream()
                        .filter(id -> leftOut.containsKey(id) && !touched.contains(id))
                        .map(id -> new LeftOut(id, leftOut.get(id)))
                        .toList(),
                c.presentation().core(c.catalogue()).map(CoreView::of).orElse(null),
                c.record().sets.stream()
                        .filter(s -> c.catalogue().set(s).isPresent())
                        .toList());
    }

    private static List<String> proposed(Asked asked) {
        Basis basis = asked.basis;
        return inOrder(
                Proposal.tests(basis.catalogue(), basis.evidence(), asked.regions, asked.also, asked.suspects), basis);
    }

    /** What of it is still to be done in the time there is. */
    static OpenPlan open(OpenCase c) {
        Set<String> leftOut = c.plan().leftOut().stream().map(LeftOut::test).collect(Collectors.toSet());
        return new OpenPlan(
                undone(c).stream().filter(id -> !leftOut.contains(id)).toList(), leftOut);
    }

    /** What of it has no tap yet and no precaution against it. */
    public static List<String> undone(OpenCase c) {
        Set<String> touched = c.readings().tests();
        return c.plan().tests().stream()
                .filter(id -> !touched.contains(id))
                .filter(id -> c.catalogue().test(id).isPresent()
                        && !c.bedside().blocked().contains(id))
                .toList();
    }

    /** Those of the tests done that are to be done again, in the order of this visit; others after it in the best order. */
    public static List<String> again(OpenCase c) {
        Set<String> done = c.readings().tests();
        List<String> order = new ArrayList<>(c.plan().tests());
        order.retainAll(done);
        Set<String> others = new HashSet<>(done);
        order.forEach(others::remove);
        order.addAll(inOrder(others, c.basis()));
        return order;
    }

    /** The tests in the order that spares the patient most, each in the department's variant. */
    public static List<String> inOrder(Collection<String> tests, Basis basis) {
        List<ClinicalTest> asDone = basis.catalogue().tests().stream()
                .filter(t -> tests.contains(t.id()))
                .map(t -> t.variant(basis.department().variants().getOrDefault(t.id(), ""))
                        .map(t::done)
                        .orElse(t))
                .toList();
        return RunningOrder.of(asDone).stream().map(ClinicalTest::id).toList();
    }
}
