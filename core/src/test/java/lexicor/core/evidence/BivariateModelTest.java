package lexicor.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import lexicor.core.evidence.Study.TwoByTwo;
import lexicor.core.numbers.Logit;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The fit against a direct search of the restricted likelihood over a grid of between-study covariances. */
class BivariateModelTest {
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void noPointOfAGridIsMoreLikelyThanTheFit(long seed) {
        Random random = new Random(seed);
        int studies = 4 + random.nextInt(11);
        double spread = seed % 3 == 0 ? 0 : 0.3 + random.nextDouble();
        List<LogitPoint> points = new ArrayList<>();
        for (int i = 0; i < studies; i++) {
            double z = random.nextGaussian();
            double sn = Logit.inverse(0.8 + spread * z);
            double sp = Logit.inverse(1.2 - spread * (0.6 * z + 0.5 * random.nextGaussian()));
            double n = 20 + random.nextInt(150);
            double tp = Math.rint(sn * n);
            double tn = Math.rint(sp * n);
            points.add(LogitPoint.of(new TwoByTwo(tp, n - tp, n - tn, tn, false, false), HighBias.AS_PRINTED));
        }
        BivariateModel model = new BivariateModel(points);
        Covariance fitted = model.fit().orElseThrow().between();
        double best = model.restrictedLogLikelihood(fitted);
        for (double a = 0; a <= 1.6; a += 0.08) {
            for (double b = 0; b <= 1.6; b += 0.08) {
                for (double r = -0.98; r <= 0.98; r += 0.14) {
                    Covariance at = new Covariance(a * a, r * a * b, b * b);
                    assertThat(model.restrictedLogLikelihood(at)).isLessThanOrEqualTo(best + 1e-7);
                }
            }
        }
    }
}
