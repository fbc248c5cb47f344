package lexicor.core.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Condition;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.examination.Finding;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;

/**
 * A condition that a positive speaks for and that is no candidate: it is weighed for nobody until somebody adds it.
 *
 * @param finding the positive that speaks for it most
 * @param lrPositive its likelihood ratio (method M4)
 */
public record Besides(Condition condition, String finding, double lrPositive) {
    /** A positive that moves the odds by less is common in anybody, and offers nothing. */
    private static final double LEAST = 3;

    /** As many as can be said beside a test. */
    private static final int MOST = 3;

    /**
     * Those that the findings speak for most, the most first.
     *
     * @param candidates conditions that are candidates already, weighed or not
     * @param injured whether this began with an injury: some conditions come of one alone
     */
    public static List<Besides> of(
            Catalogue catalogue, EvidenceBase evidence, Findings findings, Set<String> candidates, boolean injured) {
        Map<String, Besides> strongest = new HashMap<>();
        for (Finding f : findings.all()) {
            if (f.outcome() == Outcome.POSITIVE) {
                evidence.of(f.criterion()).forEach((id, known) -> {
                    Condition condition = catalogue.condition(id).orElseThrow();
                    if (known instanceof Evidence.Weighable w
                            && !candidates.contains(id)
                            && (injured || !condition.traumaOnly())
                            && ratio(w) >= LEAST) {
                        Besides found = new Besides(condition, f.criterion(), ratio(w));
                        strongest.merge(id, found, (a, b) -> a.lrPositive() >= b.lrPositive() ? a : b);
                    }
                });
            }
        }
        List<Besides> all = new ArrayList<>(strongest.values());
        all.sort(Comparator.comparingDouble((Besides b) -> -b.lrPositive())
                .thenComparing(b -> b.condition().id()));
        return all.stream().limit(MOST).toList();
    }

    private static double ratio(Evidence.Weighable known) {
        return Math.exp(known.sober().logPositiveRatio());
    }
}
