package lexicor.core.evidence;

import java.util.List;
import java.util.Optional;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.PointValuePair;
import org.hipparchus.optim.SimpleValueChecker;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.NelderMeadSimplex;
import org.hipparchus.optim.nonlinear.scalar.noderiv.SimplexOptimizer;

/**
 * The bivariate normal random-effects model of diagnostic accuracy (Reitsma et al. 2005; method M2), fitted by restricted
 * maximum likelihood.
 *
 * <p>Logit sensitivity and specificity of the studies scatter around their means with a between-study covariance T beside
 * their own sampling variances. T is written by its Cholesky factor, which keeps it positive semidefinite, and the
 * restricted likelihood is maximised by a simplex from several starts: the factor's gradient vanishes at T = 0, so a
 * single start there would never leave. The best of the starts is polished by a fresh, small simplex.
 */
final class BivariateModel {
    private static final double LEAST_START_TAU2 = 0.01;
    private static final double[] START_CORRELATIONS = {0, -0.7, 0.7};
    /** The DerSimonian-Laird values are taken as they are, and much smaller and larger. */
    private static final double[] START_SCALES = {1, 0.2, 4};

    private static final int MAX_EVALUATIONS = 4000;
    private static final double VALUE_TOLERANCE = 1e-12;

    private final List<LogitPoint> points;

    /** A fit: the means, their covariance, and the covariance between studies. */
    record Fit(double sensitivity, double specificity, Covariance estimate, Covariance between) {}

    BivariateModel(List<LogitPoint> points) {
        this.points = points;
    }

    /** The fit with the best restricted likelihood; empty should the optimiser fail. */
    Optional<Fit> fit() {
        double sn = RandomEffects.pool(points, LogitPoint::sensitivity, LogitPoint::sensitivityVariance)
                .tau2();
        double sp = RandomEffects.pool(points, LogitPoint::specificity, LogitPoint::specificityVariance)
                .tau2();
        PointValuePair best = null;
        try {
            for (double scale : START_SCALES) {
                for (double r : START_CORRELATIONS) {
                    double[] start = {
                        startSd(scale * sn), r * startSd(scale * sp), Math.sqrt(1 - r * r) * startSd(scale * sp)
                    };
                    best = better(best, maximise(start, 0.3));
                }
            }
            best = better(best, maximise(best.getPoint(), 0.02));
        } catch (MathRuntimeException e) {
            return Optional.empty();
        }
        Gls gls = new Gls(best.getPoint());
        return Double.isFinite(best.getValue()) ? Optional.of(gls.fit()) : Optional.empty();
    }

    private static double startSd(double tau2) {
        return Math.sqrt(Math.max(LEAST_START_TAU2, tau2));
    }

    private static PointValuePair better(PointValuePair a, PointValuePair b) {
        return a == null || b.getValue() > a.getValue() ? b : a;
    }

    private PointValuePair maximise(double[] start, double size) {
        return new SimplexOptimizer(new SimpleValueChecker(VALUE_TOLERANCE, VALUE_TOLERANCE))
                .optimize(
                        new MaxEval(MAX_EVALUATIONS),
                        new ObjectiveFunction(cholesky -> new Gls(cholesky).restrictedLogLikelihood()),
                        GoalType.MAXIMIZE,
                        new InitialGuess(start),
                        new NelderMeadSimplex(new double[] {size, size, size}));
    }

    /** Restricted log-likelihood of a between-study covariance, without its constants. */
    double restrictedLogLikelihood(Covariance between) {
        double l11 = Math.sqrt(between.sensitivity());
        double l21 = l11 > 0 ? between.both() / l11 : 0;
        return new Gls(new double[] {l11, l21, Math.sqrt(Math.max(0, between.specificity() - l21 * l21))})
                .restrictedLogLikelihood();
    }

    /** Generalised least squares for one between-study covariance, given by its lower Cholesky factor. */
    private final class Gls {
        private final Covariance between;
        private double w11;
        private double w12;
        private double w22;
        private double wy1;
        private double wy2;
        private double logDeterminants;

        Gls(double[] cholesky) {
            between = new Covariance(
                    cholesky[0] * cholesky[0],
                    cholesky[0] * cholesky[1],
                    cholesky[1] * cholesky[1] + cholesky[2] * cholesky[2]);
            for (LogitPoint p : points) {
                double v11 = between.sensitivity() + p.sensitivityVariance();
                double v22 = between.specificity() + p.specificityVariance();
                double determinant = v11 * v22 - between.both() * between.both();
                double a = v22 / determinant;
                double b = -between.both() / determinant;
                double c = v11 / determinant;
                w11 += a;
                w12 += b;
                w22 += c;
                wy1 += a * p.sensitivity() + b * p.specificity();
                wy2 += b * p.sensitivity() + c * p.specificity();
                logDeterminants += Math.log(determinant);
            }
        }

        private double determinant() {
            return w11 * w22 - w12 * w12;
        }

        private double meanSensitivity() {
            return (w22 * wy1 - w12 * wy2) / determinant();
        }

        private double meanSpecificity() {
            return (w11 * wy2 - w12 * wy1) / determinant();
        }

        double restrictedLogLikelihood() {
            double m1 = meanSensitivity();
            double m2 = meanSpecificity();
            double squares = 0;
            for (LogitPoint p : points) {
                double v11 = between.sensitivity() + p.sensitivityVariance();
                double v22 = between.specificity() + p.specificityVariance();
                double determinant = v11 * v22 - between.both() * between.both();
                double d1 = p.sensitivity() - m1;
                double d2 = p.specificity() - m2;
                squares += (v22 * d1 * d1 - 2 * between.both() * d1 * d2 + v11 * d2 * d2) / determinant;
            }
            return -0.5 * (logDeterminants + squares + Math.log(determinant()));
        }

        Fit fit() {
            double d = determinant();
            return new Fit(meanSensitivity(), meanSpecificity(), new Covariance(w22 / d, -w12 / d, w11 / d), between);
        }
    }
}
