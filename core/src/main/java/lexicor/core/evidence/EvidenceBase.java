package lexicor.core.evidence;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.AccuracyRow.Kind;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.catalogue.published.JudgedSign;
import lexicor.core.catalogue.published.SignOff;

/**
 * The catalogue's accuracy figures, pooled once for one way to take studies at high risk of bias. A review's summary
 * figure stands in only where there is no primary study (method M2). Immutable.
 */
public final class EvidenceBase {
    /** From this many primary studies on they are pooled in a review's place (method M2). */
    private static final int ENOUGH_PRIMARY = 4;

    private final Map<String, Map<String, Evidence>> byCriterion = new HashMap<>();
    private final Map<String, Map<String, List<AccuracyRow>>> rows = new HashMap<>();
    private final Map<String, Evidence> byCluster = new HashMap<>();
    private final Catalogue catalogue;
    private final HighBias highBias;
    private final boolean checkedOnly;
    private final Judgements judgements;

    private EvidenceBase(Catalogue catalogue, HighBias highBias, boolean checkedOnly, Judgements judgements) {
        this.catalogue = catalogue;
        this.highBias = highBias;
        this.checkedOnly = checkedOnly;
        this.judgements = judgements;
        for (AccuracyRow row : catalogue.accuracy()) {
            rows.computeIfAbsent(row.criterion(), k -> new LinkedHashMap<>())
                    .computeIfAbsent(row.condition(), k -> new ArrayList<>())
                    .add(row);
        }
        rows.forEach((criterion, byCondition) -> {
            Map<String, Evidence> pooled = byCriterion.computeIfAbsent(criterion, k -> new HashMap<>());
            byCondition.forEach((condition, all) -> pooled.put(condition, pool(all)));
        });
        for (JudgedSign sign : catalogue.judged()) {
            byCriterion
                    .computeIfAbsent(sign.criterion(), k -> new HashMap<>())
                    .merge(
                            sign.condition(),
                            judged(sign),
                            (studied, judged) -> studied instanceof Evidence.Weighable ? studied : judged);
        }
        byCriterion.replaceAll((criterion, byCondition) -> Map.copyOf(byCondition));
        for (Cluster cluster : catalogue.clusters()) {
            if (checkedOnly && !catalogue.signOff(cluster).isChecked()) {
                byCluster.put(cluster.id(), new Evidence.Unchecked());
            } else if (!cluster.accuracy().isEmpty()) {
                byCluster.put(cluster.id(), Pooling.pool(studies(cluster), highBias));
            }
        }
    }

    /** What was published of the rule as a whole, and the department's own cases where they are weighed with. */
    private static List<Study> studies(Cluster cluster) {
        List<Study> studies = new ArrayList<>(published(cluster));
        cluster.ownCases().ifPresent(own -> studies.add(study(own.figures(), own.highRiskOfBias())));
        return studies;
    }

    private static List<Study> published(Cluster cluster) {
        return cluster.accuracy().stream()
                .map(f -> study(f, cluster.isAtHighRisk()))
                .toList();
    }

    /** A pair's figures, or a cluster's, without the rows that somebody leaves out and without the own cases of a cluster. */
    public Optional<Accuracy> without(Predicate<AccuracyRow> leftOut, String of, String condition) {
        List<Study> studies = isCluster(of, condition)
                ? published(catalogue.cluster(of).orElseThrow())
                : pooled(rows(of, condition).stream().filter(leftOut.negate()).toList()).stream()
                        .map(r -> study(r.figures(), r.isAtHighRisk()))
                        .toList();
        return studies.isEmpty()
                ? Optional.empty()
                : Pooling.pool(studies, highBias) instanceof Evidence.Weighable w
                        ? Optional.of(w.accuracy())
                        : Optional.empty();
    }

    /** A judgement as it is weighed where no study has measured the sign; nobody can have checked it against a source (method M24). */
    private Evidence judged(JudgedSign sign) {
        if (checkedOnly) {
            return new Evidence.Unchecked();
        }
        return judgements == Judgements.LEFT_OUT
                ? new Evidence.LeftOut()
                : new Evidence.Weighable(
                        Accuracy.judged(sign.with().share(), sign.without().share()));
    }

    /** With every row, checked against its source or not, and judgements where there is no study. */
    public static EvidenceBase of(Catalogue catalogue, HighBias highBias) {
        return of(catalogue, highBias, false, Judgements.WEIGH);
    }

    /**
     * @param checkedOnly whether only rows count that somebody checked against the source
     */
    public static EvidenceBase of(Catalogue catalogue, HighBias highBias, boolean checkedOnly, Judgements judgements) {
        return new EvidenceBase(catalogue, highBias, checkedOnly, judgements);
    }

    /** The pooled evidence of a criterion by condition; conditions without any row are absent. */
    public Map<String, Evidence> of(String criterion) {
        return byCriterion.getOrDefault(criterion, Map.of());
    }

    /** What the criterion is weighed with for the condition; empty where there is nothing to weigh it with. */
    public Optional<Accuracy> accuracy(String criterion, String condition) {
        return of(criterion).get(condition) instanceof Evidence.Weighable w
                ? Optional.of(w.accuracy())
                : Optional.empty();
    }

    /** Whether what the criterion is weighed with for the condition is a judgement in words (method M24). */
    public boolean isJudged(String criterion, String condition) {
        return of(criterion).get(condition) instanceof Evidence.Weighable w && w.isJudged();
    }

    /** The evidence of a threshold cluster; empty where none was published. */
    public Optional<Evidence> ofCluster(String cluster) {
        return Optional.ofNullable(byCluster.get(cluster));
    }

    /** Whether it is a cluster, of that condition. */
    public boolean isCluster(String id, String condition) {
        return catalogue
                .cluster(id)
                .filter(c -> c.condition().equals(condition))
                .isPresent();
    }

    /** The rows behind a pair, in the pack's order. */
    public List<AccuracyRow> rows(String criterion, String condition) {
        return rows.getOrDefault(criterion, Map.of()).getOrDefault(condition, List.of());
    }

    /** Those of the rows that are pooled: a review's summary alone, or from four primary studies on those (method M2). */
    public List<AccuracyRow> used(String criterion, String condition) {
        return used(rows(criterion, condition));
    }

    private List<AccuracyRow> used(List<AccuracyRow> all) {
        List<AccuracyRow> asked =
                all.stream().filter(r -> !checkedOnly || isChecked(r)).toList();
        boolean reviewStands = asked.stream().anyMatch(EvidenceBase::isReview)
                && asked.stream().filter(EvidenceBase::isPrimary).count() < ENOUGH_PRIMARY;
        return asked.stream()
                .filter(r -> reviewStands ? !isPrimary(r) : !isReview(r))
                .toList();
    }

    /** Those of them that enter the pooled value: with both margins, and not left out for their risk of bias. */
    public List<AccuracyRow> pooled(String criterion, String condition) {
        return pooled(rows(criterion, condition));
    }

    private List<AccuracyRow> pooled(List<AccuracyRow> all) {
        return used(all).stream()
                .filter(r -> r.figures().specificity().isPresent())
                .filter(r -> highBias != HighBias.LEFT_OUT || !r.isAtHighRisk())
                .toList();
    }

    /**
     * A study that a figure rests on, or a judgement.
     *
     * @param people with and without the condition; empty where either number is not known, and of a judgement, which only
     *     counts for as many as a study would have
     */
    public record Behind(OptionalDouble people, boolean highRiskOfBias, boolean judgement) {
        private static Behind of(AccuracyRow row) {
            return row.isJudgement()
                    ? new Behind(OptionalDouble.empty(), row.isAtHighRisk(), true)
                    : of(row.figures(), row.isAtHighRisk());
        }

        private static Behind of(Figures f, boolean highRisk) {
            return new Behind(f.studied(), highRisk, false);
        }
    }

    /** The studies behind a pair's pooled value. */
    public List<Behind> behind(String criterion, String condition) {
        return isJudged(criterion, condition)
                ? List.of(new Behind(OptionalDouble.empty(), false, true))
                : pooled(criterion, condition).stream().map(Behind::of).toList();
    }

    /** The study behind a cluster; none for one that a department designed and nobody has studied as a whole. */
    public List<Behind> behindCluster(String id) {
        Cluster cluster = catalogue.cluster(id).orElseThrow();
        if (cluster.citation().designed()) {
            return List.of();
        }
        if (cluster.accuracy().isEmpty()) {
            return List.of(new Behind(OptionalDouble.empty(), cluster.isAtHighRisk(), false));
        }
        List<Behind> behind = new ArrayList<>();
        cluster.accuracy().forEach(f -> behind.add(Behind.of(f, cluster.isAtHighRisk())));
        cluster.ownCases().ifPresent(own -> behind.add(Behind.of(own.figures(), own.highRiskOfBias())));
        return List.copyOf(behind);
    }

    /** Whether somebody checked the row against its source. */
    public boolean isChecked(AccuracyRow row) {
        return catalogue.signOff(row).isChecked();
    }

    /** Whether somebody checked the cluster against its source. */
    public boolean isClusterChecked(String cluster) {
        return catalogue
                .cluster(cluster)
                .map(catalogue::signOff)
                .filter(SignOff::isChecked)
                .isPresent();
    }

    /** A review's summary that can be weighed. */
    private static boolean isReview(AccuracyRow row) {
        return row.kind() == Kind.POOLED && row.figures().specificity().isPresent();
    }

    private static boolean isPrimary(AccuracyRow row) {
        return row.kind() == Kind.STUDY && row.figures().specificity().isPresent();
    }

    private Evidence pool(List<AccuracyRow> all) {
        List<AccuracyRow> used = used(all);
        return used.isEmpty() ? new Evidence.Unchecked() : studied(used);
    }

    /** What the rows come to. A judgement weighs as a study of some people would, but nobody was studied for it (method M2). */
    private Evidence studied(List<AccuracyRow> used) {
        Evidence pooled = Pooling.pool(
                used.stream().map(r -> study(r.figures(), r.isAtHighRisk())).toList(), highBias);
        double judged = used.stream()
                .filter(AccuracyRow::isJudgement)
                .filter(r -> highBias != HighBias.LEFT_OUT || !r.isAtHighRisk())
                .mapToDouble(r ->
                        r.figures().diseased().orElse(0) + r.figures().healthy().orElse(0))
                .sum();
        return judged > 0 && pooled instanceof Evidence.Weighable weighable
                ? new Evidence.Weighable(
                        weighable.accuracy().studiedIn(weighable.accuracy().people() - judged))
                : pooled;
    }

    /**
     * A printed row as a study; group sizes not known are half of the total, or assumed where that is not known either, and marked so
     * (method M1).
     */
    public static Study study(Figures figures, boolean highRiskOfBias) {
        double diseased = figures.diseased().orElse(rest(figures, figures.healthy()));
        double tp = figures.sensitivity() * diseased;
        OptionalDouble specificity = figures.specificity();
        if (specificity.isEmpty()) {
            return new Study.SensitivityOnly(
                    tp, diseased - tp, highRiskOfBias, figures.diseased().isEmpty());
        }
        double healthy = figures.healthy().orElse(rest(figures, figures.diseased()));
        double tn = specificity.getAsDouble() * healthy;
        boolean assumed = figures.diseased().isEmpty() || figures.healthy().isEmpty();
        return new Study.TwoByTwo(tp, diseased - tp, healthy - tn, tn, highRiskOfBias, assumed);
    }

    /** The size of a group that is not known: what the other leaves of the total, or half of it; assumed where there is no total. */
    private static double rest(Figures figures, OptionalDouble otherGroup) {
        if (figures.people().isEmpty()) {
            return Study.ASSUMED_SIZE;
        }
        double people = figures.people().getAsDouble();
        return otherGroup.isPresent() && otherGroup.getAsDouble() < people
                ? people - otherGroup.getAsDouble()
                : people / 2;
    }
}
