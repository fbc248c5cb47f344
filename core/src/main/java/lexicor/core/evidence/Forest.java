package lexicor.core.evidence;

import java.util.List;
import lexicor.core.evidence.Study.TwoByTwo;

/**
 * The studies behind a pooled value, each with its share of the weight in each margin: the inverse of its own variance plus
 * that between studies, {@code 1 / (v_j + tau²)} (DerSimonian and Laird 1986; method M2). In the bivariate model, whose
 * weights are matrices, these are the shares each margin would have by itself.
 *
 * @param lines in the order given
 */
public record Forest(List<Line> lines) {
    /**
     * One study.
     *
     * @param used whether it is pooled: not where it has no specificity, or studies like it are left out
     * @param sensitivityShare of the weight, in [0, 1]; 0 where it is not used
     * @param specificityShare of the weight, in [0, 1]; 0 where it is not used
     */
    public record Line(Study study, boolean used, double sensitivityShare, double specificityShare) {}

    public static Forest of(List<Study> studies, HighBias highBias, Accuracy pooled) {
        double sensitivity = studies.stream()
                .mapToDouble(s -> weight(s, highBias, pooled, true))
                .sum();
        double specificity = studies.stream()
                .mapToDouble(s -> weight(s, highBias, pooled, false))
                .sum();
        return new Forest(studies.stream()
                .map(s -> new Line(
                        s,
                        isUsed(s, highBias),
                        weight(s, highBias, pooled, true) / sensitivity,
                        weight(s, highBias, pooled, false) / specificity))
                .toList());
    }

    private static boolean isUsed(Study study, HighBias highBias) {
        return study instanceof TwoByTwo && !(highBias == HighBias.LEFT_OUT && study.highRiskOfBias());
    }

    private static double weight(Study study, HighBias highBias, Accuracy pooled, boolean ofSensitivity) {
        if (!isUsed(study, highBias)) {
            return 0;
        }
        LogitPoint point = LogitPoint.of((TwoByTwo) study, highBias);
        return ofSensitivity
                ? 1 / (point.sensitivityVariance() + pooled.between().sensitivity())
                : 1 / (point.specificityVariance() + pooled.between().specificity());
    }
}
