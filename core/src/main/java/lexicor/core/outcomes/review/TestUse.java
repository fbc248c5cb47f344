package lexicor.core.outcomes.review;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Read;

/**
 * How often a test was decided, and how often it had nothing to tell (method M22): where none of its outcomes has a figure for
 * any candidate of the case that moves the odds by {@value #LEAST} or more. Working lines of ours.
 *
 * @param cases in which at least one of its criteria was decided, positive or negative
 * @param silent of these, in which it told nothing
 */
public record TestUse(String test, int cases, int silent) {
    /** A likelihood ratio nearer to 1 than this, either way, tells nothing. */
    public static final double LEAST = 1.25;

    /** Less often than this, nothing is said of it. */
    public static final int OFTEN = 10;

    private static final double NEARLY_ALWAYS = 0.9;

    /** Whether it is done often, and nearly always with nothing to tell. */
    public boolean isOftenSilent() {
        return cases >= OFTEN && silent >= NEARLY_ALWAYS * cases;
    }

    /** Every test that was decided in one of the cases, the often silent first, then by how often. */
    public static List<TestUse> of(Collection<FollowedCase> cases, Catalogue catalogue, EvidenceBase evidence) {
        Map<String, int[]> counts = new TreeMap<>();
        for (FollowedCase followed : cases) {
            Map<String, List<Read>> byTest = followed.reads().stream()
                    .filter(r -> catalogue.testOf(r.of()).isPresent())
                    .collect(Collectors.groupingBy(
                            r -> catalogue.testOf(r.of()).orElseThrow().id()));
            byTest.forEach((test, reads) -> {
                int[] count = counts.computeIfAbsent(test, t -> new int[2]);
                count[0]++;
                if (reads.stream().noneMatch(r -> tells(r, followed, evidence))) {
                    count[1]++;
                }
            });
        }
        return counts.entrySet().stream()
                .map(e -> new TestUse(e.getKey(), e.getValue()[0], e.getValue()[1]))
                .sorted(Comparator.comparing((TestUse u) -> !u.isOftenSilent()).thenComparing(u -> -u.cases()))
                .toList();
    }

    private static boolean tells(Read read, FollowedCase followed, EvidenceBase evidence) {
        return followed.candidates().stream()
                .flatMap(c -> evidence.accuracy(read.of(), c).stream())
                .mapToDouble(a -> ratio(a, read.positive()))
                .anyMatch(log -> Math.abs(log) >= Math.log(LEAST));
    }

    private static double ratio(Accuracy a, boolean positive) {
        return positive ? a.logPositiveRatio() : a.logNegativeRatio();
    }
}
