package lexicor.core.weighing.input;

import java.util.List;

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
}
