package lexicor.server.questions;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.examination.Findings;
import lexicor.core.weighing.input.ClusterProgress;
import lexicor.server.cases.CaseBasis;
import lexicor.server.cases.CaseList;
import lexicor.server.cases.OpenCase;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What each cluster came to over the cases that somebody may open. */
@Service
class ClusterTallies {
    private static final int MOST = 1000;

    /**
     * @param cases how many were looked at, the last changed first
     * @param whole whether those are all
     */
    record ClusterTally(int cases, boolean whole, List<ClusterCount> clusters) {}

    /** In how many cases, of those with its condition as a candidate, a cluster is decided, and how. */
    record ClusterCount(String cluster, int positive, int negative, int open) {}

    private static final class Count {
        private int positive;
        private int negative;
        private int open;
    }

    private final CaseList cases;
    private final CaseBasis basis;

    ClusterTallies(CaseList cases, CaseBasis basis) {
        this.cases = cases;
        this.basis = basis;
    }

    @Transactional(readOnly = true)
    public ClusterTally tally() {
        Catalogue catalogue = basis.today().catalogue();
        Map<String, Count> counts = new LinkedHashMap<>();
        catalogue.clusters().forEach(c -> counts.put(c.id(), new Count()));
        CaseList.Counted seen = cases.each(MOST, page -> page.forEach(c -> count(c, catalogue, counts)));
        return new ClusterTally(
                seen.cases(),
                seen.whole(),
                counts.entrySet().stream()
                        .map(e -> new ClusterCount(
                                e.getKey(), e.getValue().positive, e.getValue().negative, e.getValue().open))
                        .toList());
    }

    /** A closed case is read with the clusters of today as well, since it is they that are counted. */
    private static void count(OpenCase c, Catalogue catalogue, Map<String, Count> counts) {
        Findings findings = c.read(catalogue);
        catalogue.clusters().stream()
                .filter(k -> c.record().candidates.stream().anyMatch(own -> own.condition.equals(k.condition())))
                .forEach(k -> add(counts.get(k.id()), ClusterProgress.of(k, findings)));
    }

    /** One that reads a ratio off each count is negative where nothing is positive. */
    private static void add(Count count, ClusterProgress progress) {
        if (progress.decided().isEmpty()) {
            count.open++;
        } else if (progress.decided().get().equals("negative") || progress.positives() == 0) {
            count.negative++;
        } else {
            count.positive++;
        }
    }
}
