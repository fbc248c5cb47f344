package lexicor.core.outcomes.rates;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import lexicor.core.catalogue.Setting;
import lexicor.core.outcomes.Followed;
import lexicor.core.outcomes.followed.Reference;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LearnedRateTest {
    /** Against R's qbeta. */
    @ParameterizedTest
    @CsvSource({
        "0.3, 9, 20, 0.375, 0.233639325066, 0.528204886375",
        "0.05, 0, 14, 0.029411764705882, 0.000766912075048, 0.105762810074579",
        "0.5, 60, 80, 0.7, 0.607091273015, 0.785332007032"
    })
    void thePosteriorIsABeta(double start, int present, int known, double rate, double low, double high) {
        LearnedRate learned = LearnedRate.of(start, present, known);
        assertThat(learned.rate()).isCloseTo(rate, within(1e-12));
        assertThat(learned.interval().low()).isCloseTo(low, within(1e-7));
        assertThat(learned.interval().high()).isCloseTo(high, within(1e-7));
    }

    @Property
    void itLiesBetweenTheStartAndWhatTurnedOut(
            @ForAll @DoubleRange(min = 0.01, max = 0.99) double start,
            @ForAll @IntRange(min = 1, max = 500) int known,
            @ForAll @DoubleRange(min = 0, max = 1) double share) {
        int present = (int) Math.round(share * known);
        double observed = (double) present / known;
        double rate = LearnedRate.of(start, present, known).rate();
        assertThat(rate).isBetween(Math.min(start, observed) - 1e-12, Math.max(start, observed) + 1e-12);
        // More of the same draws it further from the start.
        double more = LearnedRate.of(start, 10 * present, 10 * known).rate();
        assertThat(Math.abs(more - observed)).isLessThanOrEqualTo(Math.abs(rate - observed) + 1e-12);
    }

    @Test
    void withoutCasesItIsTheStart() {
        LearnedRate none = LearnedRate.of(0.12, 0, 0);
        assertThat(none.rate()).isCloseTo(0.12, within(1e-12));
        assertThat(none.isElsewhere()).isFalse();
        assertThat(LearnedRate.of(0.05, 40, 60).isElsewhere()).isTrue();
        assertThatThrownBy(() -> LearnedRate.of(0, 1, 2)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> LearnedRate.of(0.5, 3, 2)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void casesAreCountedByWhatIsKnownOfThem() {
        assertThat(OwnRates.of(List.of(
                        Followed.with(
                                1,
                                Set.of("frozen-shoulder"),
                                List.of(),
                                List.of(Followed.known("frozen-shoulder", true, Reference.MRI)),
                                List.of()),
                        Followed.with(2, Set.of("frozen-shoulder"), List.of(), List.of(), List.of()),
                        Followed.with(
                                3,
                                Set.of(),
                                List.of(),
                                List.of(Followed.known("frozen-shoulder", false, Reference.MRI)),
                                List.of()))))
                .containsExactly(new OwnRates.Counted("shoulder-pain", Setting.SPECIALIST, "frozen-shoulder", 3, 1, 2));
    }
}
