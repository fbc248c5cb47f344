package lexicor.core.weighing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.Evidence.LeftOut;
import lexicor.core.evidence.Evidence.Unchecked;
import lexicor.core.evidence.Evidence.Weighable;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.DecidedCluster;
import lexicor.core.weighing.input.Families;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.input.RecordedCluster;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.Result;
import lexicor.core.weighing.model.Item;

/**
 * Which findings and clusters may speak for one condition, before any is set aside: of each test what it reads once (method M3), a
 * decided cluster in place of its members (M5). Keeps a status for every finding and cluster, so that none is dropped
 * silently.
 */
final class Selection {
    /** Of each test the criteria that speak, clusters or not: what the independent and the strongest schools count. */
    final List<Item> speakers = new ArrayList<>();
    /** Decided clusters that count. */
    final List<DecidedCluster> clusters = new ArrayList<>();
    /** Clusters with figures that are not decided yet, in the order in which they would count. */
    final List<OpenCluster> open = new ArrayList<>();
    /** What enters the joint likelihood: clusters and the findings that none of them speaks for. */
    final List<Item> entered = new ArrayList<>();
    /** The tests that the speakers are of. */
    final Set<String> speakerTests = new LinkedHashSet<>();

    private static final String OPEN = "open";

    /** Studies before judgements, then the most people, then positives before negatives; else the order given (method M3). */
    private static final Comparator<Item> SPEAKS_FIRST = Comparator.<Item, Boolean>comparing(i -> i.judged)
            .thenComparingDouble(i -> -i.people)
            .thenComparing(i -> !i.positive);

    private final String condition;
    private final CaseToWeigh given;
    private final Families families;
    private final Map<String, Row> findingRows = new LinkedHashMap<>();
    private final Map<String, Row> clusterRows = new LinkedHashMap<>();
    /** Negatives that nobody said, of tests of which a positive speaks for the condition (method M19). */
    private final Set<String> notAsked = new HashSet<>();

    /** A ledger row in the making. */
    record Row(String result, OptionalDouble logAlone, Status status, String because, boolean judged) {
        private static Row without(String result, Status status) {
            return new Row(result, OptionalDouble.empty(), status, "", false);
        }
    }

    /** A cluster that is not decided yet, as it would count either way. */
    record OpenCluster(DecidedCluster ifPositive, DecidedCluster ifNegative) {
        RecordedCluster cluster() {
            return ifPositive.cluster();
        }
    }

    Selection(CaseToWeigh given, Families families, String condition) {
        this.given = given;
        this.families = families;
        this.condition = condition;
        findNotAsked();
        Map<String, Item> weighable = weighableFindings();
        findSpeakers(weighable);
        decideClusters();
        enter(weighable);
    }

    private void findNotAsked() {
        for (RecordedFinding f : given.findings()) {
            if (f.assumed() && given.findings().stream().anyMatch(g -> g.test().equals(f.test()) && speaksForIt(g))) {
                notAsked.add(f.id());
            }
        }
    }

    /** By the printed figure. */
    private boolean speaksForIt(RecordedFinding f) {
        return f.result() == Result.POSITIVE
                && f.evidence(condition).orElse(null) instanceof Weighable w
                && w.accuracy().logPositiveRatio() > Item.TOLERANCE;
    }

    private Map<String, Item> weighableFindings() {
        Map<String, Item> weighable = new LinkedHashMap<>();
        for (RecordedFinding f : given.findings()) {
            Optional<Evidence> evidence = f.evidence(condition);
            boolean weighs =
                    evidence.isPresent() && f.result() != Result.UNCLEAR && evidence.get() instanceof Weighable;
            if (weighs && !notAsked.contains(f.id())) {
                weighable.put(
                        f.id(), Item.of(f.id(), f.family(), f.result() == Result.POSITIVE, (Weighable) evidence.get()));
                continue;
            }
            Status status = evidence.isEmpty()
                    ? Status.NO_DATA
                    : f.result() == Result.UNCLEAR
                            ? Status.UNCLEAR
                            : weighs ? Status.NOT_ASKED : unweighable(evidence.get());
            findingRows.put(f.id(), Row.without(f.result().id(), status));
        }
        return weighable;
    }

    private static Status unweighable(Evidence evidence) {
        if (evidence instanceof Unchecked) {
            return Status.UNCHECKED;
        }
        return evidence instanceof LeftOut ? Status.LEFT_OUT : Status.SENSITIVITY_ONLY;
    }

    /** Of each test those that share no reading with one that goes before them (method M3). */
    private void findSpeakers(Map<String, Item> weighable) {
        List<Item> chosen = new ArrayList<>();
        weighable.values().stream().sorted(SPEAKS_FIRST).forEach(item -> {
            if (chosen.stream().noneMatch(c -> families.readTheSame(c.id, item.id))) {
                chosen.add(item);
            }
        });
        weighable.values().stream().filter(chosen::contains).forEach(item -> {
            speakers.add(item);
            speakerTests.add(families.test(item.id));
        });
    }

    /** A member's result; empty where it is open. */
    private Optional<Result> result(String member) {
        return notAsked.contains(member) ? Optional.empty() : families.result(member);
    }

    private void decideClusters() {
        List<DecidedCluster> decided = new ArrayList<>();
        for (RecordedCluster c : given.clusters()) {
            if (!c.condition().equals(condition)) {
                continue;
            }
            Optional<Evidence> evidence = Optional.ofNullable(c.evidence().get(condition));
            Optional<String> outcome = DecidedCluster.outcome(c, this::result);
            boolean strata = !c.rule().isThreshold() && !(evidence.orElse(null) instanceof Unchecked);
            if (!strata && !(evidence.orElse(null) instanceof Weighable)) {
                Status status = evidence.map(Selection::unweighable).orElse(Status.NO_DATA);
                clusterRows.put(c.id(), Row.without(outcome.orElse(OPEN), status));
            } else if (outcome.isEmpty()) {
                clusterRows.put(c.id(), Row.without(OPEN, Status.OPEN));
                if (!strata) {
                    Optional<Weighable> figures = evidence.map(Weighable.class::cast);
                    open.add(new OpenCluster(
                            DecidedCluster.of(c, Result.POSITIVE.id(), figures),
                            DecidedCluster.of(c, Result.NEGATIVE.id(), figures)));
                }
            } else {
                DecidedCluster d = DecidedCluster.of(c, outcome.get(), evidence.map(Weighable.class::cast));
                if (d.isSilent()) {
                    clusterRows.put(c.id(), clusterRow(d, Status.RULES_IN_ONLY, ""));
                } else {
                    decided.add(d);
                }
            }
        }
        open.sort((a, b) -> DecidedCluster.BY_PRECEDENCE.compare(a.ifPositive, b.ifPositive));
        decided.sort(DecidedCluster.BY_PRECEDENCE);
        for (DecidedCluster d : decided) {
            Optional<DecidedCluster> counted =
                    clusters.stream().filter(c -> d.sharesWith(c, families)).findFirst();
            if (counted.isPresent()) {
                String by = counted.get().cluster().id();
                clusterRows.put(d.cluster().id(), clusterRow(d, Status.SHARES_TESTS, by));
            } else {
                clusters.add(d);
            }
        }
    }

    private static Row clusterRow(DecidedCluster d, Status status, String because) {
        return new Row(d.result(), OptionalDouble.of(d.logAlone()), status, because, false);
    }

    private void enter(Map<String, Item> weighable) {
        weighable.forEach((id, item) -> {
            Optional<DecidedCluster> itsCluster = clusters.stream()
                    .filter(d -> d.cluster().members().contains(id))
                    .findFirst();
            Optional<String> inItsPlace = clusters.stream()
                    .filter(d -> d.readsTheSameAs(id, families))
                    .map(d -> d.cluster().id())
                    .findFirst()
                    .or(() -> speakerInPlaceOf(id));
            if (itsCluster.isPresent()) {
                addRow(item, Status.SUPERSEDED, itsCluster.get().cluster().id());
            } else if (inItsPlace.isPresent()) {
                addRow(item, Status.SAME_TEST, inItsPlace.get());
            } else {
                addRow(item, Status.COUNTED, "");
                entered.add(item);
            }
        });
        List<Item> findings = List.copyOf(entered);
        for (DecidedCluster d : clusters) {
            entered.add(d.reading().in(families.ofCluster(d.cluster(), findings)));
            clusterRows.put(d.cluster().id(), clusterRow(d, Status.COUNTED, ""));
        }
    }

    private void addRow(Item item, Status status, String because) {
        String result = item.positive ? Result.POSITIVE.id() : Result.NEGATIVE.id();
        findingRows.put(item.id, new Row(result, OptionalDouble.of(item.logAlone), status, because, item.judged));
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

    /** What speaks where clusters do not count: another criterion that reads the same, if it is not the finding itself. */
    Optional<String> speakerInPlaceOf(String finding) {
        return speakers.stream().anyMatch(s -> s.id.equals(finding))
                ? Optional.empty()
                : speakers.stream()
                        .map(s -> s.id)
                        .filter(s -> families.readTheSame(s, finding))
                        .findFirst();
    }

    /** Whether a criterion that reads the same as the test's has spoken, alone or through a counted cluster. */
    boolean hasSpoken(OfferedTest test) {
        return speakers.stream().anyMatch(s -> families.readTheSame(s.id, test.id()))
                || clusters.stream().anyMatch(d -> d.readsTheSameAs(test.id(), families));
    }

    /** Whether a counted cluster has a recorded member without figures of its own, so that it knows more than its members do. */
    boolean clusterKnowsMore() {
        return clusters.stream()
                .flatMap(d -> d.cluster().members().stream())
                .filter(m -> result(m).filter(r -> r != Result.UNCLEAR).isPresent())
                .anyMatch(m -> findingRows.get(m).logAlone.isEmpty());
    }

    /** The families of all that may count, each as often as it has one. */
    List<String> families() {
        List<String> all = new ArrayList<>();
        speakers.forEach(i -> all.add(i.family));
        entered.stream().filter(i -> i.kind == Item.Kind.CLUSTER).forEach(i -> all.add(i.family));
        return all;
    }

    /** A cluster as an item beside some findings. */
    Item item(DecidedCluster cluster, List<Item> findings) {
        return cluster.reading().in(families.ofCluster(cluster.cluster(), findings));
    }

    /** Whether two clusters share a test. */
    boolean shareATest(DecidedCluster a, DecidedCluster b) {
        return a.sharesWith(b, families);
    }
}
