package lexicor.core.evidence;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import lexicor.core.catalogue.AccuracyRow;
import lexicor.core.catalogue.AccuracyRow.Kind;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Cluster;
import lexicor.core.catalogue.Figures;

/**
 * The catalogue's accuracy figures, pooled once for one way to take studies at high risk of bias. A review's summary
 * figure stands in only where there is no primary study (method M2). Immutable.
 */
public final class EvidenceBase {
    private final Map<String, Map<String, Evidence>> byCriterion = new HashMap<>();
    private final Map<String, Map<String, List<AccuracyRow>>> rows = new HashMap<>();
    private final Map<String, Evidence> byCluster = new HashMap<>();
    private final HighBias highBias;

    private EvidenceBase(Catalogue catalogue, HighBias highBias) {
        this.highBias = highBias;
        for (AccuracyRow row : catalogue.accuracy()) {
            rows.computeIfAbsent(row.criterion(), k -> new LinkedHashMap<>())
                    .computeIfAbsent(row.condition(), k -> new ArrayList<>())
                    .add(row);
        }
        rows.forEach((criterion, byCondition) -> {
            Map<String, Evidence> pooled = new HashMap<>();
            byCondition.forEach((condition, all) -> pooled.put(condition, pool(all)));
            byCriterion.put(criterion, Map.copyOf(pooled));
        });
        for (Cluster cluster : catalogue.clusters()) {
            if (!cluster.accuracy().isEmpty()) {
                List<Study> studies =
                        cluster.accuracy().stream().map(f -> study(f, false)).toList();
                byCluster.put(cluster.id(), Pooling.pool(studies, highBias));
            }
        }
    }

    public static EvidenceBase of(Catalogue catalogue, HighBias highBias) {
        return new EvidenceBase(catalogue, highBias);
    }

    /** The pooled evidence of a criterion by condition; conditions without any row are absent. */
    public Map<String, Evidence> of(String criterion) {
        return byCriterion.getOrDefault(criterion, Map.of());
    }

    /** The evidence of a threshold cluster; empty where none was published. */
    public Optional<Evidence> ofCluster(String cluster) {
        return Optional.ofNullable(byCluster.get(cluster));
    }

    /** The rows behind a pair, in the pack's order. */
    public List<AccuracyRow> rows(String criterion, String condition) {
        return rows.getOrDefault(criterion, Map.of()).getOrDefault(condition, List.of());
    }

    /** Those of the rows that are pooled: a review's summary only where there is no primary study. */
    public List<AccuracyRow> used(String criterion, String condition) {
        return used(rows(criterion, condition));
    }

    private static List<AccuracyRow> used(List<AccuracyRow> all) {
        boolean primary = all.stream().anyMatch(r -> r.kind() == Kind.STUDY);
        return all.stream().filter(r -> !primary || r.kind() != Kind.POOLED).toList();
    }

    private Evidence pool(List<AccuracyRow> all) {
        List<Study> studies = used(all).stream()
                .map(r -> study(r.figures(), r.bias().equals("high")))
                .toList();
        return Pooling.pool(studies, highBias);
    }

    /** A printed row as a study; group sizes not known are assumed and marked so (method M1). */
    public static Study study(Figures figures, boolean highRiskOfBias) {
        double diseased = figures.diseased().orElse(Study.ASSUMED_SIZE);
        double tp = figures.sensitivity() * diseased;
        OptionalDouble specificity = figures.specificity();
        if (specificity.isEmpty()) {
            return new Study.SensitivityOnly(
                    tp, diseased - tp, highRiskOfBias, figures.diseased().isEmpty());
        }
        double healthy = figures.healthy().orElse(Study.ASSUMED_SIZE);
        double tn = specificity.getAsDouble() * healthy;
        boolean assumed = figures.diseased().isEmpty() || figures.healthy().isEmpty();
        return new Study.TwoByTwo(tp, diseased - tp, healthy - tn, tn, highRiskOfBias, assumed);
    }
}
