package lexicor.core.weighing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.Evidence.LeftOut;
import lexicor.core.evidence.Evidence.Unchecked;
import lexicor.core.evidence.Evidence.Weighable;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.DecidedCluster;
import lexicor.core.weighing.input.Families;
import lexicor.core.weighing.input.RecordedCluster;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.model.Item;
import lexicor.core.weighing.model.OverlapModel;

/**
 * Which findings and clusters may speak for one condition, before any is set aside: one criterion a test (method M3), a
 * decided cluster in place of its members (M5). Keeps a status for every finding and cluster, so that none is dropped
 * silently.
 */
final class Selection {
    /** One criterion a test, clusters or not: what the independent and the strongest schools count. */
    final List<Item> speakers = new ArrayList<>();
    /** Decided clusters that count. */
    final List<DecidedCluster> clusters = new ArrayList<>();
    /** What enters the joint likelihood: clusters and the findings that none of them speaks for. */
    final List<Item> entered = new ArrayList<>();
    /** Tests that have spoken for the condition, alone or through a cluster. */
    final Set<String> spokenTests = new HashSet<>();

    private static final String OPEN = "open";

    private final String condition;
    private final CaseToWeigh given;
    private final Families families;
    private final Map<String, Row> findingRows = new LinkedHashMap<>();
    private final Map<String, Row> clusterRows = new LinkedHashMap<>();

    /** A ledger row in the making. */
    private record Row(String result, OptionalDouble logAlone, Status status, String because) {}

    Selection(CaseToWeigh given, Families families, String condition) {
        this.given = given;
        this.families = families;
        this.condition = condition;
        Map<String, Item> weighable = weighableFindings();
        Map<String, Item> speakerByTest = speakers(weighable);
        decideClusters();
        enter(weighable, speakerByTest);
    }

    private Map<String, Item> weighableFindings() {
        Map<String, Item> weighable = new LinkedHashMap<>();
        for (RecordedFinding f : given.findings()) {
            Optional<Evidence> evidence = f.evidence(condition);
            if (evidence.isPresent() && f.result() != Result.UNCLEAR && evidence.get() instanceof Weighable w) {
                weighable.put(f.id(), Item.of(f.id(), f.family(), f.result() == Result.POSITIVE, w));
                continue;
            }
            Status status = evidence.isEmpty()
                    ? Status.NO_DATA
                    : f.result() == Result.UNCLEAR ? Status.UNCLEAR : unweighable(evidence.get());
            findingRows.put(f.id(), new Row(f.result().id(), OptionalDouble.empty(), status, ""));
        }
        return weighable;
    }

    private static Status unweighable(Evidence evidence) {
        if (evidence instanceof Unchecked) {
            return Status.UNCHECKED;
        }
        return evidence instanceof LeftOut ? Status.LEFT_OUT : Status.SENSITIVITY_ONLY;
    }

    /** Of each test the criterion with the most people studied, the first listed where they are equal (method M3). */
    private Map<String, Item> speakers(Map<String, Item> weighable) {
        Map<String, Item> byTest = new LinkedHashMap<>();
        weighable.forEach((id, item) ->
                byTest.merge(families.test(id), item, (first, next) -> next.people > first.people ? next : first));
        speakers.addAll(byTest.values());
        return byTest;
    }

    private void decideClusters() {
        List<DecidedCluster> decided = new ArrayList<>();
        for (RecordedCluster c : given.clusters()) {
            if (!c.condition().equals(condition)) {
                continue;
            }
            Optional<Evidence> evidence = Optional.ofNullable(c.evidence().get(condition));
            Optional<String> outcome = DecidedCluster.outcome(
                    c, c.members().stream().map(families::result).toList());
            boolean strata = c.rule() instanceof ClusterRule.Strata && !(evidence.orElse(null) instanceof Unchecked);
            if (!strata && !(evidence.orElse(null) instanceof Weighable)) {
                Status status = evidence.map(Selection::unweighable).orElse(Status.NO_DATA);
                clusterRows.put(c.id(), new Row(outcome.orElse(OPEN), OptionalDouble.empty(), status, ""));
            } else if (outcome.isEmpty()) {
                clusterRows.put(c.id(), new Row(OPEN, OptionalDouble.empty(), Status.OPEN, ""));
            } else {
                DecidedCluster d = DecidedCluster.of(c, outcome.get(), evidence.map(Weighable.class::cast));
                if (d.isSilent()) {
                    clusterRows.put(c.id(), new Row(d.result(), OptionalDouble.empty(), Status.RULES_IN_ONLY, ""));
                } else {
                    decided.add(d);
                }
            }
        }
        decided.sort(DecidedCluster.BY_PRECEDENCE);
        for (DecidedCluster d : decided) {
            Optional<DecidedCluster> counted =
                    clusters.stream().filter(c -> d.sharesWith(c, families)).findFirst();
            if (counted.isPresent()) {
                clusterRows.put(
                        d.cluster().id(),
                        new Row(
                                d.result(),
                                OptionalDouble.of(d.logAlone()),
                                Status.SHARES_TESTS,
                                counted.get().cluster().id()));
            } else {
                clusters.add(d);
            }
        }
    }

    private void enter(Map<String, Item> weighable, Map<String, Item> speakerByTest) {
        Map<String, String> speaksFor = new HashMap<>();
        Map<String, String> testSpokenBy = new HashMap<>();
        for (DecidedCluster d : clusters) {
            for (String member : d.cluster().members()) {
                speaksFor.put(member, d.cluster().id());
                testSpokenBy.put(families.test(member), d.cluster().id());
            }
        }
        weighable.forEach((id, item) -> {
            String test = families.test(id);
            if (speaksFor.containsKey(id)) {
                addRow(item, Status.SUPERSEDED, speaksFor.get(id));
            } else if (testSpokenBy.containsKey(test)) {
                addRow(item, Status.SAME_TEST, testSpokenBy.get(test));
            } else if (speakerByTest.get(test) != item) {
                addRow(item, Status.SAME_TEST, speakerByTest.get(test).id);
            } else {
                addRow(item, Status.COUNTED, "");
                entered.add(item);
            }
        });
        spokenTests.addAll(speakerByTest.keySet());
        spokenTests.addAll(testSpokenBy.keySet());
        List<Item> findings = List.copyOf(entered);
        for (DecidedCluster d : clusters) {
            Item item = d.reading().in(families.ofCluster(d.cluster(), findings));
            entered.add(item);
            clusterRows.put(
                    d.cluster().id(), new Row(d.result(), OptionalDouble.of(item.logAlone), Status.COUNTED, ""));
        }
    }

    private void addRow(Item item, Status status, String because) {
        String result = item.positive ? Result.POSITIVE.id() : Result.NEGATIVE.id();
        findingRows.put(item.id, new Row(result, OptionalDouble.of(item.logAlone), status, because));
    }

    /** The ledger once it is known what the school counts and what was set aside, in the order given. */
    List<LedgerRow> ledger(OverlapModel counted, School school) {
        List<LedgerRow> ledger = new ArrayList<>();
        given.findings()
                .forEach(f ->
                        ledger.add(ledgerRow(f.id(), Item.Kind.FINDING, findingRows.get(f.id()), counted, school)));
        given.clusters().stream()
                .filter(c -> clusterRows.containsKey(c.id()))
                .forEach(c ->
                        ledger.add(ledgerRow(c.id(), Item.Kind.CLUSTER, clusterRows.get(c.id()), counted, school)));
        return List.copyOf(ledger);
    }

    private static LedgerRow ledgerRow(String id, Item.Kind kind, Row row, OverlapModel counted, School school) {
        Optional<Item> item = counted.items.stream()
                .filter(i -> i.kind == kind && i.id.equals(id))
                .findFirst();
        OptionalDouble alone =
                row.logAlone.isPresent() ? OptionalDouble.of(Math.exp(row.logAlone.getAsDouble())) : row.logAlone;
        return new LedgerRow(
                id,
                kind,
                row.result,
                alone,
                item.isPresent() ? OptionalDouble.of(Math.exp(counted.logAdded(item.get()))) : OptionalDouble.empty(),
                item.isPresent() ? Status.COUNTED : school.rule().notCounted(row.status),
                row.because);
    }
}
