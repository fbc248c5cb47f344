package lexicor.core.outcomes.foresight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import lexicor.core.outcomes.Followed;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Reference;
import lexicor.core.outcomes.followed.Slice;
import lexicor.core.weighing.School;
import org.junit.jupiter.api.Test;

class ForesightTest {
    private static final String TEAR = "full-thickness-cuff-tear";

    private static List<Prediction> predictions(double[] said, int... present) {
        List<Prediction> all = new ArrayList<>();
        for (int i = 0; i < said.length; i++) {
            all.add(new Prediction(i, TEAR, said[i], present[i] == 1));
        }
        return all;
    }

    /** Worked by hand. */
    @Test
    void theBrierScoreSplitsAsMurphyShows() {
        Calibration c = Calibration.of(predictions(new double[] {0.15, 0.15, 0.15, 0.75, 0.75, 1}, 0, 0, 1, 1, 0, 1));
        assertThat(c.brier()).isCloseTo((0.0225 + 0.0225 + 0.7225 + 0.0625 + 0.5625) / 6, within(1e-12));
        assertThat(c.uncertainty()).isCloseTo(0.25, within(1e-12));
        assertThat(c.reliability() - c.resolution() + c.uncertainty()).isCloseTo(c.brier(), within(1e-12));
        assertThat(c.table()).extracting(Calibration.Bin::count).containsExactly(3, 2, 1);
        assertThat(c.table().get(0).shareObserved()).isCloseTo(1 / 3.0, within(1e-12));
        // R: prop.test(1, 3, correct = FALSE).
        assertThat(c.table().get(0).observed().low()).isCloseTo(0.0614919447, within(1e-5));
        assertThat(c.table().get(0).observed().high()).isCloseTo(0.7923403991, within(1e-5));
    }

    /** Against R's pROC 1.18, ci.auc by DeLong. */
    @Test
    void theAreaUnderTheCurveAgreesWithDeLong() {
        RocArea roc = RocArea.of(predictions(
                new double[] {.9, .8, .75, .6, .55, .5, .4, .35, .3, .2, .15, .1, .7, .45, .5},
                1,
                1,
                0,
                1,
                1,
                1,
                0,
                1,
                0,
                0,
                0,
                0,
                1,
                0,
                0));
        assertThat(roc.area()).isCloseTo(0.848214285714, within(1e-9));
        assertThat(roc.interval().low()).isCloseTo(0.848214285714 - 1.96 * 0.106930060792, within(1e-9));
        assertThat(roc.interval().high()).isEqualTo(1);
    }

    @Test
    void anAreaNeedsTwoOfEach() {
        assertThatThrownBy(() -> RocArea.of(predictions(new double[] {0.5, 0.6, 0.7}, 1, 0, 0)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void theBootstrapDrawsWholePatientsAndRepeatsItself() {
        List<Prediction> near = new ArrayList<>();
        List<Prediction> far = new ArrayList<>();
        for (int i = 0; i < 120; i++) {
            boolean present = i % 3 == 0;
            near.add(new Prediction(i / 2, TEAR, present ? 0.8 : 0.2, present));
            far.add(new Prediction(i / 2, TEAR, present ? 0.6 : 0.45, present));
        }
        Bootstrap b = Bootstrap.of(far, near);
        // Worked by hand: a third at 0.16 less 0.04, two thirds at 0.2025 less 0.04.
        assertThat(b.difference()).isCloseTo((0.12 + 2 * 0.1625) / 3, within(1e-12));
        assertThat(b.interval().low()).isGreaterThan(0.14).isLessThan(b.difference());
        assertThat(b.interval().high()).isLessThan(0.16).isGreaterThan(b.difference());
        assertThat(Bootstrap.of(far, near)).isEqualTo(b);
        assertThat(Bootstrap.of(near, far).difference()).isCloseTo(-b.difference(), within(1e-12));
        assertThatThrownBy(() -> Bootstrap.of(near, near.subList(1, 120))).isInstanceOf(IllegalArgumentException.class);
    }

    /** Where nothing is drawn any more the interval is the one that the draws come to. */
    @Test
    void ofManyPatientsTheIntervalIsNormal() {
        Random random = new Random(7);
        List<Prediction> first = new ArrayList<>();
        List<Prediction> second = new ArrayList<>();
        for (int i = 0; i < 2 * Bootstrap.MOST_DRAWN_FROM; i++) {
            for (int k = 0; k <= i % 3; k++) {
                boolean present = random.nextInt(4) == 0;
                first.add(new Prediction(
                        i, TEAR, present ? 0.3 + 0.6 * random.nextDouble() : 0.5 * random.nextDouble(), present));
                second.add(new Prediction(i, TEAR, 0.25, present));
            }
        }
        Bootstrap many = Bootstrap.of(first, second);
        int half = (int) first.stream()
                .filter(p -> p.patient() < Bootstrap.MOST_DRAWN_FROM)
                .count();
        Bootstrap drawn = Bootstrap.of(first.subList(0, half), second.subList(0, half));
        double wide = many.interval().high() - many.interval().low();
        assertThat(wide * Math.sqrt(2))
                .isCloseTo(drawn.interval().high() - drawn.interval().low(), withinPercentage(10));
        assertThat(many.interval().low()).isLessThan(many.difference());
    }

    private static FollowedCase foreseen(long patient, double shown, double other, boolean present, boolean hunch) {
        return Followed.with(
                patient,
                Set.of(TEAR),
                List.of(),
                List.of(Followed.known(TEAR, present, Reference.MRI)),
                List.of(Followed.foreseen(TEAR, shown, other, hunch ? Optional.of(other) : Optional.empty())));
    }

    @Test
    void theWaysToWeighStandByHowNearTheyWere() {
        List<FollowedCase> cases = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            boolean present = i % 2 == 0;
            cases.add(foreseen(i, present ? 0.9 : 0.1, present ? 0.6 : 0.5, present, i < 10));
        }
        Foresight f = Foresight.of(cases, Slice.ALL);
        assertThat(f.outcomes()).isEqualTo(40);
        assertThat(f.schools().get(0).school()).isEqualTo(School.DIFFERENTIAL);
        assertThat(f.schools().get(0).behind()).isEmpty();
        assertThat(f.schools()).hasSize(6).isSortedAccordingTo((a, b) -> Double.compare(a.brier(), b.brier()));
        assertThat(f.schools().get(5).behind().orElseThrow().interval().low()).isPositive();
        assertThat(f.program().orElseThrow().calibration().brier()).isCloseTo(0.01, within(1e-12));
        Foresight.Hunched hunched = f.hunches().orElseThrow();
        assertThat(hunched.examiners().patients()).isEqualTo(10);
        assertThat(hunched.difference().difference()).isCloseTo((0.16 + 0.25) / 2 - 0.01, within(1e-12));
        // Somebody else's cases and hunches are not counted.
        assertThat(Foresight.of(cases, Slice.ALL.by("plover")).outcomes()).isZero();
    }

    @Test
    void whatNobodyForesawIsNotJudged() {
        FollowedCase unforeseen = Followed.with(
                1, Set.of(TEAR), List.of(), List.of(Followed.known(TEAR, true, Reference.MRI)), List.of());
        assertThat(Foresight.of(List.of(unforeseen), Slice.ALL))
                .isEqualTo(new Foresight(0, Optional.empty(), List.of(), Optional.empty()));
    }
}
