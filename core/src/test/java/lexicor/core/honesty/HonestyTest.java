package lexicor.core.honesty;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Setting;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.weighing.School;
import lexicor.core.weighing.input.WeighingSettings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The world that the program is tried in: what it calls the truth is the truth there, and the scores score. */
class HonestyTest {
    private static final Catalogue CATALOGUE = lexicor.core.catalogue.packs.Shipped.CATALOGUE;
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(CATALOGUE, HighBias.CORRECTED);
    private static final Complaint TINGLING =
            CATALOGUE.complaint("thumb-side-tingling").orElseThrow();

    private final Clinic clinic = Clinic.of(CATALOGUE, EVIDENCE, WeighingSettings.DEFAULT, TINGLING, Setting.SPORTS);

    @Test
    void theWorldKnowsNothingOfHowFindingsAreWeighed() throws IOException {
        for (Class<?> part : List.of(World.class, World.Sign.class, World.Patient.class, Scenario.class)) {
            String file = part.getName().substring(part.getPackageName().length() + 1) + ".class";
            try (InputStream compiled = part.getResourceAsStream(file)) {
                assertThat(new String(compiled.readAllBytes(), StandardCharsets.ISO_8859_1))
                        .doesNotContain("lexicor/core/weighing");
            }
        }
    }

    /** Whoever knows the clinic exactly is right as often as they say, and nobody is more right. */
    @ParameterizedTest
    @EnumSource(Scenario.class)
    void whatIsCalledTheTruthIsCalibratedAndUnbeaten(Scenario scenario) {
        List<Double> baseRates = clinic.baseRates().values().stream().toList();
        Random random = new Random(5);
        Scores truth = new Scores();
        Scores guess = new Scores();
        for (int clinics = 0, patient = 0; clinics < 60; clinics++) {
            World world = clinic.world(scenario, random.nextLong());
            for (int i = 0; i < 40; i++, patient++) {
                List<World.Sign> done = Clinic.some(world, 0.6, random);
                World.Patient has = world.patient();
                double[] known = world.truth(done, world.examine(has, done));
                for (int c = 0; c < known.length; c++) {
                    truth.add(new Scores.Judgement(patient, known[c], has.has(c), true, true));
                    double pretest = baseRates.get(c);
                    guess.add(new Scores.Judgement(patient, pretest, has.has(c), true, true));
                }
            }
        }
        assertThat(truth.calibration().intercept().value()).isCloseTo(0, within(0.25));
        assertThat(truth.calibration().slope().value()).isCloseTo(1, within(0.12));
        assertThat(truth.savedAgainst(guess).value())
                .isGreaterThan(truth.savedAgainst(guess).within());
        Judged judged = Judged.of(clinic, scenario, 200, 3);
        assertThat(judged.by(School.SOBER).judgements()).isPositive();
    }

    /** The same seed gives the same patients, weighed the same; the way with most to lose loses most where others provoke. */
    @Test
    void aRunCanBeRepeated() {
        Judged one = Judged.of(clinic, Scenario.HARSH, 150, 11);
        Judged other = Judged.of(clinic, Scenario.HARSH, 150, 11);
        for (School school : School.values()) {
            assertThat(one.by(school).logLoss()).isEqualTo(other.by(school).logLoss());
        }
        assertThat(one.by(School.INDEPENDENT).logLoss().value())
                .isGreaterThan(one.by(School.SOBER).logLoss().value());
    }

    /** Where there is no time for more, what was judged by then is what a shorter run comes to. */
    @Test
    void whatIsJudgedByThenStands() {
        AtomicInteger left = new AtomicInteger(60);
        Judged cut = Judged.of(clinic, Scenario.MODERATE, 150, 11, () -> left.getAndDecrement() > 0);
        Judged shorter = Judged.of(clinic, Scenario.MODERATE, 60, 11);
        assertThat(cut.by(School.SOBER).logLoss())
                .isEqualTo(shorter.by(School.SOBER).logLoss());
    }

    /** Forty judgements by hand: stated at 80 %, of which half are so. */
    @Test
    void theScoresAreThoseOfTheTextbook() {
        Scores scores = new Scores();
        List<Double> losses = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            boolean is = i % 2 == 0;
            double stated = i < 20 ? 0.8 : 0.3;
            scores.add(new Scores.Judgement(i, stated, is, i % 4 == 0, i % 4 != 1));
            losses.add(-Math.log(is ? stated : 1 - stated));
        }
        double mean = losses.stream().mapToDouble(l -> l).average().orElseThrow();
        double variance = losses.stream()
                .mapToDouble(l -> (l - mean) * (l - mean))
                .average()
                .orElseThrow();
        assertThat(scores.logLoss().value()).isCloseTo(mean, within(1e-12));
        assertThat(scores.logLoss().within()).isCloseTo(1.96 * Math.sqrt(variance / 40), within(1e-9));
        assertThat(scores.brier().value()).isCloseTo((0.04 + 0.64 + 0.49 + 0.09) / 4, within(1e-12));
        assertThat(scores.atEighty()).isEqualTo(new Scores.Counted(10, 20));
        assertThat(scores.coverage(false).value()).isEqualTo(0.25);
        // One judgement a patient: the interval of a share is the textbook's.
        assertThat(scores.coverage(false).within()).isCloseTo(1.96 * Math.sqrt(0.25 * 0.75 / 40), within(1e-12));
        assertThat(scores.coverage(true).value()).isEqualTo(0.75);
        // Half are so whatever was stated: the line is flat at even odds.
        Calibration line = scores.calibration();
        assertThat(line.intercept().value()).isCloseTo(0, within(1e-6));
        assertThat(line.slope().value()).isCloseTo(0, within(1e-6));
        assertThat(line.slope().within()).isBetween(0.1, 1.0);
        assertThat(scores.savedAgainst(scores)).isEqualTo(new Estimate(0, 0));
        assertThat(new Scores().calibration().slope().within()).isNaN();
    }
}
