package lexicor.core.weighing.input;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** Everything that a weighing needs. Orders matter only where ties are kept in the order given. */
public record CaseToWeigh(
        WeighingSettings settings,
        List<Candidate> conditions,
        List<RecordedFinding> findings,
        List<RecordedCluster> clusters,
        List<OfferedTest> candidates) {
    public CaseToWeigh {
        conditions = List.copyOf(conditions);
        findings = List.copyOf(findings);
        clusters = List.copyOf(clusters);
        candidates = List.copyOf(candidates);
    }

    /** The same with some of its clusters. */
    public CaseToWeigh withClusters(Predicate<RecordedCluster> some) {
        return new CaseToWeigh(
                settings, conditions, findings, clusters.stream().filter(some).toList(), candidates);
    }

    /** The same with one more result, in place of an unclear one of the same finding. */
    public CaseToWeigh with(RecordedFinding further) {
        List<RecordedFinding> more = new ArrayList<>(findings);
        more.removeIf(f -> f.id().equals(further.id()));
        more.add(further);
        return new CaseToWeigh(settings, conditions, more, clusters, candidates);
    }
}
