package lexicor.core.practice.drill;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.HashSet;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.practice.drill.Drill.Kind;
import lexicor.core.weighing.explain.Separation;
import lexicor.core.weighing.input.WeighingSettings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class DrillsTest {
    private static final Catalogue CATALOGUE = Shipped.CATALOGUE;
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(CATALOGUE, HighBias.CORRECTED);
    private static final Drills DRILLS =
            new Drills(CATALOGUE, EVIDENCE, new Verdicts(CATALOGUE, EVIDENCE, WeighingSettings.DEFAULT));

    @ParameterizedTest
    @EnumSource(Kind.class)
    void everyQuestionCanBeMadeAgainFromItsKeyAndHasOneRightAnswer(Kind kind) {
        Set<String> asked = new HashSet<>();
        for (long seed = 0; seed < 25; seed++) {
            Drill drill = DRILLS.fresh(kind, seed).orElseThrow();
            assertThat(DRILLS.again(kind, drill.key())).contains(drill);
            assertThat(drill.isRight(drill.answer())).isTrue();
            assertThat(drill.why()).endsWith(".");
            assertThat(drill.ask()).endsWith("?");
            if (kind != Kind.BASE_RATE) {
                assertThat(drill.options()).hasSizeGreaterThanOrEqualTo(3);
                assertThat(drill.options().stream().filter(o -> drill.isRight(o.id())))
                        .hasSize(1);
            }
            asked.add(drill.key());
        }
        assertThat(asked).as("different questions").hasSizeGreaterThan(5);
        assertThat(DRILLS.again(kind, "no|such|question")).isEmpty();
        assertThat(DRILLS.again(kind, "nonsense")).isEmpty();
    }

    @Test
    void theTestThatSeparatesIsAheadOfTheOthersByItsBits() {
        for (long seed = 0; seed < 30; seed++) {
            Drill drill = DRILLS.fresh(Kind.SEPARATE, seed).orElseThrow();
            String[] parts = drill.key().split("\\|");
            double best = bits(drill.answer(), parts);
            assertThat(best).isGreaterThanOrEqualTo(Separation.SEPARATES_BITS);
            assertThat(drill.options())
                    .filteredOn(o -> !o.id().equals(drill.answer()))
                    .allSatisfy(o -> assertThat(bits(o.id(), parts)).isLessThanOrEqualTo(best - 0.5 + 1e-9));
        }
    }

    private static double bits(String criterion, String[] parts) {
        return Separation.of(EVIDENCE, criterion, parts[1], parts[2])
                .map(Separation::most)
                .orElse(0.0);
    }

    @Test
    void aGuessNearEnoughIsRightAndTheAnswerIsBayesRule() {
        Drill drill = DRILLS.fresh(Kind.BASE_RATE, 3).orElseThrow();
        double answer = Double.parseDouble(drill.answer());
        assertThat(drill.isRight(String.valueOf(answer + 9.9))).isTrue();
        assertThat(drill.isRight(String.valueOf(answer - 10.1))).isFalse();
        assertThat(drill.isRight("a lot")).isFalse();
        assertThat(drill.people()).hasValueSatisfying(p -> {
            double whole = 100.0 * p.positiveWith() / Math.max(1, p.positive());
            assertThat(Math.abs(whole - answer)).isLessThan(8);
        });
    }

    @Test
    void whatWasWrongComesSoonAndWhatWasRightLaterAndLater() {
        Spacing now = Spacing.NEW;
        Duration before = Duration.ZERO;
        for (int i = 0; i < 5; i++) {
            now = now.after(true);
            assertThat(now.rests()).isGreaterThan(before);
            before = now.rests();
        }
        assertThat(now.after(true).rests()).isEqualTo(before);
        assertThat(now.after(false).rests()).isEqualTo(Duration.ofMinutes(10));
    }
}
