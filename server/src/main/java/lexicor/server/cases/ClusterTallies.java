package lexicor.server.cases;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Cluster;
import lexicor.core.examination.Findings;
import lexicor.core.weighing.ClusterProgress;
import lexicor.server.catalogue.Editions;
import lexicor.server.people.SignedIn;
import lexicor.server.settings.SettingsService;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What each cluster came to over the cases that somebody may open. */
@Service
class ClusterTallies {
    private static final int MOST = 1000;
    private static final int AT_ONCE = 50;

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

    private final CaseStore cases;
    private final TapStore taps;
    private final CaseAssembly assembly;
    private final Editions editions;
    private final SettingsService settings;
    private final SignedIn signedIn;

    ClusterTallies(
            CaseStore cases,
            TapStore taps,
            CaseAssembly assembly,
            Editions editions,
            SettingsService settings,
            SignedIn signedIn) {
        this.cases = cases;
        this.taps = taps;
        this.assembly = assembly;
        this.editions = editions;
        this.settings = settings;
        this.signedIn = signedIn;
    }

    @Transactional(readOnly = true)
    public ClusterTally tally() {
        List<Cluster> clusters = editions.catalogue().clusters();
        Map<String, Count> counts = new LinkedHashMap<>();
        clusters.forEach(c -> counts.put(c.id(), new Count()));
        int seen = 0;
        List<CaseRecord> found;
        do {
            found = cases.search(
                    "",
                    signedIn.person().name(),
                    settings.current().shareAll(),
                    PageRequest.of(seen / AT_ONCE, AT_ONCE));
            count(found, clusters, counts);
            seen += found.size();
        } while (found.size() == AT_ONCE && seen < MOST);
        return new ClusterTally(
                seen,
                found.size() < AT_ONCE,
                counts.entrySet().stream()
                        .map(e -> new ClusterCount(
                                e.getKey(), e.getValue().positive, e.getValue().negative, e.getValue().open))
                        .toList());
    }

    private void count(List<CaseRecord> found, List<Cluster> clusters, Map<String, Count> counts) {
        Map<Long, List<TapRecord>> byCase =
                taps
                        .findByCaseIdInAndUndoneFalseOrderByTappedAtAscIdAsc(
                                found.stream().map(c -> c.id).toList())
                        .stream()
                        .collect(Collectors.groupingBy(t -> t.caseId));
        for (CaseRecord stored : found) {
            List<TapRecord> now = byCase.getOrDefault(stored.id, List.of()).stream()
                    .filter(t -> t.visit == stored.visit())
                    .toList();
            Findings findings = assembly.bedside(stored, assembly.readings(now), editions.catalogue())
                    .findings();
            clusters.stream()
                    .filter(c -> stored.candidates.stream().anyMatch(k -> k.condition.equals(c.condition())))
                    .forEach(c -> add(counts.get(c.id()), ClusterProgress.of(c, findings)));
        }
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
