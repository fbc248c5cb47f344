package lexicor.core.weighing.input;

import java.util.ArrayList;
import java.util.List;
import lexicor.core.catalogue.Relations.Kin;

/**
 * Everything that a weighing needs. Orders matter only where ties are kept in the order given.
 *
 * @param kin pairs of conditions that are no rivals (method M17)
 */
public record CaseToWeigh(
        WeighingSettings settings,
        List<Candidate> conditions,
        List<RecordedFinding> findings,
        List<RecordedCluster> clusters,
        List<OfferedTest> candidates,
        List<Kin> kin) {
    public CaseToWeigh {
        conditions = List.copyOf(conditions);
        findings = List.copyOf(findings);
        clusters = List.copyOf(clusters);
        candidates = List.copyOf(candidates);
        kin = List.copyOf(kin);
    }

    /** One whose conditions are all rivals. */
    public CaseToWeigh(
            WeighingSettings settings,
            List<Candidate> conditions,
            List<RecordedFinding> findings,
            List<RecordedCluster> clusters,
            List<OfferedTest> candidates) {
        this(settings, conditions, findings, clusters, candidates, List.of());
    }

    /** The same with one more result, in place of an unclear one of the same finding. */
    public CaseToWeigh with(RecordedFinding further) {
        List<RecordedFinding> more = new ArrayList<>(findings);
        more.removeIf(f -> f.id().equals(further.id()));
        more.add(further);
        return new CaseToWeigh(settings, conditions, more, clusters, candidates, kin);
    }

    /** The same with nothing offered. */
    public CaseToWeigh withoutCandidates() {
        return new CaseToWeigh(settings, conditions, findings, clusters, List.of(), kin);
    }
}
