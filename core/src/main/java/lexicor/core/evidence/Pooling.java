package lexicor.core.evidence;

import java.util.List;
import lexicor.core.evidence.Accuracy.Method;
import lexicor.core.evidence.Accuracy.Shown;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.numbers.Interval;
import lexicor.core.numbers.Logit;

/** Pools the studies of one criterion and condition by the model that suits their number (method M2). */
public final class Pooling {
    /** Assumed variance between clinics where one study cannot show it; a working assumption. */
    private static final double ASSUMED_TAU2 = 0.36;

    private Pooling() {}

    /**
     * @param studies one or more
     * @throws IllegalArgumentException if there is no study
     */
    public static Evidence pool(List<Study> studies, HighBias highBias) {
        if (studies.isEmpty()) {
            throw new IllegalArgumentException("there is no study to pool");
        }
        List<TwoByTwo> complete = studies.stream()
                .filter(TwoByTwo.class::isInstance)
                .map(TwoByTwo.class::cast)
                .toList();
        List<TwoByTwo> used = complete.stream()
                .filter(s -> highBias != HighBias.LEFT_OUT || !s.highRiskOfBias())
                .toList();
        if (used.isEmpty()) {
            return complete.isEmpty() ? new Evidence.SensitivityOnly() : new Evidence.LeftOut();
        }
        List<LogitPoint> points =
                used.stream().map(s -> LogitPoint.of(s, highBias)).toList();
        double people = used.stream().mapToDouble(TwoByTwo::people).sum();
        return new Evidence.Weighable(
                switch (used.size()) {
                    case 1 -> single(used.get(0), points.get(0), people);
                    case 2, 3 -> univariate(points, people);
                    default ->
                        new BivariateModel(points)
                                .fit()
                                .map(fit -> bivariate(fit, people))
                                .orElseGet(() -> univariate(points, people));
                });
    }

    private static Accuracy single(TwoByTwo study, LogitPoint point, double people) {
        Covariance estimate = Covariance.diagonal(point.sensitivityVariance(), point.specificityVariance());
        return new Accuracy(
                Method.STUDY,
                point.sensitivity(),
                point.specificity(),
                estimate,
                Covariance.ZERO,
                estimate.plus(Covariance.diagonal(ASSUMED_TAU2, ASSUMED_TAU2)),
                new Shown(
                        study.sensitivity(),
                        study.sensitivityInterval(),
                        study.specificity(),
                        study.specificityInterval()),
                people);
    }

    private static Accuracy univariate(List<LogitPoint> points, double people) {
        RandomEffects sn = RandomEffects.pool(points, LogitPoint::sensitivity, LogitPoint::sensitivityVariance);
        RandomEffects sp = RandomEffects.pool(points, LogitPoint::specificity, LogitPoint::specificityVariance);
        return several(
                Method.UNIVARIATE,
                sn.mean(),
                sp.mean(),
                Covariance.diagonal(sn.variance(), sp.variance()),
                Covariance.diagonal(sn.tau2(), sp.tau2()),
                people);
    }

    private static Accuracy bivariate(BivariateModel.Fit fit, double people) {
        return several(Method.BIVARIATE, fit.sensitivity(), fit.specificity(), fit.estimate(), fit.between(), people);
    }

    private static Accuracy several(
            Method method, double logitSn, double logitSp, Covariance estimate, Covariance between, double people) {
        return new Accuracy(
                method,
                logitSn,
                logitSp,
                estimate,
                between,
                estimate.plus(between),
                new Shown(
                        Logit.inverse(logitSn),
                        Interval.onLogit(logitSn, Math.sqrt(estimate.sensitivity())),
                        Logit.inverse(logitSp),
                        Interval.onLogit(logitSp, Math.sqrt(estimate.specificity()))),
                people);
    }
}
