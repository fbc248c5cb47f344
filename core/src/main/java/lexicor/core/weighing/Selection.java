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
    /** The tests that they are of. */
    final Set<String> speakerTests;
    /** Tests that have spoken for the condition, alone or through a cluster. */
    final Set<String> spokenTests = new HashSet<>();

    private static final String OPEN = "open";

    private final String condition;
    private final CaseToWeigh given;
    private final Families families;
    private final Map<String, Row> findingRows = new LinkedHashMap<>();
    private final Map<String, Row> clusterRows = new LinkedHashMap<>();
    private final Map<String, Item> speakerByTest;

    /** A ledger row in the making. */
    record Row(String result, OptionalDouble logAlone, Status status, String because) {}

    Selection(CaseToWeigh given, Families families, String condition) {
        this.given = given;
        this.families = families;
        this.condition = condition;
        Map<String, Item> weighable = weighableFindings();
        speakerByTest = speakers(weighable);
        speakerTests = speakerByTest.keySet();
        decideClusters();
        enter(weighable);
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
                    clusterRows.put(
                            c.id(), new Row(d.result(), OptionalDouble.of(d.logAlone()), Status.RULES_IN_ONLY, ""));
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

    private void enter(Map<String, Item> weighable) {
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

    /** The row of a finding, as things stand before any is set aside. */
    Row finding(String id) {
        return findingRows.get(id);
    }

    /** The row of a cluster of this condition. */
    Optional<Row> cluster(String id) {
        return Optional.ofNullable(clusterRows.get(id));
    }

    /** The recorded findings' ids, in the order given. */
    List<String> findings() {
        return given.findings().stream().map(RecordedFinding::id).toList();
    }

    /** This condition's clusters' ids, in the order given. */
    List<String> clusterIds() {
        return given.clusters().stream()
                .map(RecordedCluster::id)
                .filter(clusterRows::containsKey)
                .toList();
    }

    /** What speaks where clusters do not count: another criterion of the finding's test, if it is not the finding itself. */
    Optional<String> speakerInPlaceOf(String finding) {
        return Optional.ofNullable(speakerByTest.get(families.test(finding)))
                .map(i -> i.id)
                .filter(id -> !id.equals(finding));
    }

    /** Whether a counted cluster has a recorded member without figures of its own, so that it knows more than its members do. */
    boolean clusterKnowsMore() {
        return clusters.stream()
                .flatMap(d -> d.cluster().members().stream())
                .filter(m -> families.result(m).filter(r -> r != Result.UNCLEAR).isPresent())
                .anyMatch(m -> findingRows.get(m).logAlone.isEmpty());
    }
}
