package lexicor.core.weighing.input;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.AgeOdds;
import lexicor.core.catalogue.Condition;
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
        assertThat(Logit.of(pretest.probability())).isCloseTo(logit, within(1e-9));
        assertThat(pretest.steps())
                .allSatisfy(s -> assertThat(s.odds()).isPositive().isNotEqualTo(1));
        assertThat(pretest.steps())
                .filteredOn(s -> s.by() != Pretest.By.SUSPICION)
                .allSatisfy(s -> assertThat(s.because()).isNotBlank());
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
