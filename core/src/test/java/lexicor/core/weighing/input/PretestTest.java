package lexicor.core.weighing.input;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.AgeOdds;
import lexicor.core.catalogue.Complaint;
import lexicor.core.catalogue.Condition;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.Sex;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.numbers.Logit;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class PretestTest {
    private static final AgeOdds ODDS = Shipped.CATALOGUE.ages();

    /** The odds of what is known multiply; what is not known, or not said, moves nothing and is no step. */
    @Property
    void eachStepMultipliesTheOdds(@ForAll Random random) {
        Condition condition = Shipped.CATALOGUE
                .conditions()
                .get(random.nextInt(Shipped.CATALOGUE.conditions().size()));
        double base = 0.01 + 0.9 * random.nextDouble();
        Optional<AgeBand> age = any(random, AgeBand.values());
        Optional<Sex> sex = any(random, Sex.values());
        Suspicion suspicion = any(random, Suspicion.values()).orElse(Suspicion.AS_USUAL);
        Pretest pretest = Pretest.of(ODDS, condition.id(), base, age, sex, suspicion);
        double logit = Logit.of(base)
                + Math.log(age.flatMap(a -> ODDS.of(condition.id(), a))
                        .map(s -> s.odds())
                        .orElse(1.0))
                + Math.log(sex.flatMap(s -> ODDS.of(condition.id(), s))
                        .map(s -> s.odds())
                        .orElse(1.0))
                + Math.log(suspicion.oddsFactor());
        assertThat(Logit.of(pretest.probability()))
                .isCloseTo(Math.max(Logit.of(Pretest.LEAST), Math.min(Logit.of(Pretest.MOST), logit)), within(1e-9));
        assertThat(pretest.steps())
                .allSatisfy(s -> assertThat(s.odds()).isPositive().isNotEqualTo(1));
        assertThat(pretest.steps())
                .filteredOn(s -> s.by() != Pretest.By.SUSPICION)
                .allSatisfy(s -> assertThat(s.because()).isNotBlank());
    }

    /** Whatever the complaint, the clinic and the person, it stays where an examination can still move it, and follows its steps. */
    @Test
    void ofEveryComplaintItStaysWithinTheLimitsAndFollowsItsSteps() {
        for (Complaint complaint : Shipped.CATALOGUE.complaints()) {
            for (String id : complaint.candidates()) {
                for (Setting setting : Setting.values()) {
                    double base = complaint.startingRate(
                            Shipped.CATALOGUE.condition(id).orElseThrow(), setting);
                    for (AgeBand age : AgeBand.values()) {
                        for (Sex sex : Sex.values()) {
                            follows(id, base, age, sex);
                        }
                    }
                }
            }
        }
    }

    private static void follows(String condition, double base, AgeBand age, Sex sex) {
        double before = 0;
        for (Suspicion suspicion : Suspicion.values()) {
            Pretest pretest = Pretest.of(ODDS, condition, base, Optional.of(age), Optional.of(sex), suspicion);
            double odds =
                    pretest.steps().stream().mapToDouble(Pretest.Step::odds).reduce(1, (a, b) -> a * b);
            assertThat(pretest.probability())
                    .as("%s %s %s %s", condition, age, sex, suspicion)
                    .isBetween(Math.min(base, Pretest.LEAST), Math.max(base, Pretest.MOST))
                    .isGreaterThanOrEqualTo(before);
            if (Math.abs(odds - 1) > 1e-9 && !pretest.isHeld()) {
                assertThat(pretest.probability() > base).isEqualTo(odds > 1);
            }
            before = pretest.probability();
        }
    }

    @Test
    void aTornCuffIsRareInTheYoungAndCommonInTheOld() {
        double young = at(AgeBand.values()[0]);
        double old = at(AgeBand.values()[AgeBand.values().length - 1]);
        assertThat(young).isLessThan(0.05);
        assertThat(old).isGreaterThan(0.3);
    }

    private static double at(AgeBand age) {
        return Pretest.of(ODDS, "full-thickness-cuff-tear", 0.3, Optional.of(age), Optional.empty(), Suspicion.AS_USUAL)
                .probability();
    }

    private static <T> Optional<T> any(Random random, T[] all) {
        return random.nextBoolean()
                ? Optional.empty()
                : Arrays.stream(all).skip(random.nextInt(all.length)).findFirst();
    }
}
