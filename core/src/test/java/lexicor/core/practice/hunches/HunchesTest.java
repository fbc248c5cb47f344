package lexicor.core.practice.hunches;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class HunchesTest {
    private static final Instant MONDAY = Instant.parse("2026-11-23T09:00:00Z");

    private final List<Hunch> said = new ArrayList<>();

    private void say(int times, double stated, int so, String condition) {
        for (int i = 0; i < times; i++) {
            said.add(new Hunch(said.size(), condition, "shoulder", stated, 0.5, i < so, MONDAY));
        }
    }

    private Hunches hunches() {
        return Hunches.of(said, ZoneOffset.UTC);
    }

    @Test
    void whoIsSureTooOftenIsToldSoInTens() {
        say(40, 0.82, 24, "tear");
        say(40, 0.12, 5, "stiff");
        assertThat(hunches().sentence())
                .isEqualTo("When you say 82 %, it is so 6 times in 10 (40 hunches). That is too high.");
        assertThat(hunches().conditions())
                .extracting(Hunches.Group::of)
                .as("the most overrated first")
                .containsExactly("tear", "stiff");
    }

    @Test
    void whatChanceExplainsIsNotHeldAgainstAnybody() {
        say(10, 0.8, 7, "tear");
        assertThat(hunches().sentence()).contains("7 times in 10").contains("Nothing is further off than chance");
    }

    @Test
    void towardsTheEndsItIsToldInHundreds() {
        say(40, 0.02, 4, "tear");
        assertThat(hunches().sentence()).startsWith("When you say 2 %, it is so 10 times in 100 (40 hunches).");
    }

    @Test
    void fewHunchesSayNothingYet() {
        assertThat(hunches().sentence()).startsWith("No hunches yet");
        say(9, 0.8, 9, "tear");
        assertThat(hunches().sentence()).startsWith("Too few");
    }

    @Test
    void theBandsHoldWhatWasSoAndTheScoreIsTheMeanOfTheSquares() {
        say(20, 0.75, 15, "tear");
        say(1, 1.0, 1, "tear");
        Hunches all = hunches();
        assertThat(all.tenths()).hasSize(2).allSatisfy(t -> {
            assertThat(t.was()).isBetween(t.low(), t.high());
            assertThat(t.said()).isBetween(t.from(), t.to());
        });
        assertThat(all.brier()).isCloseTo((15 * 0.0625 + 5 * 0.5625) / 21, within(1e-12));
        assertThat(all.patients()).isEqualTo(21);
    }

    @Test
    void progressGoesByWeeksThatBeginOnMonday() {
        said.add(new Hunch(1, "tear", "shoulder", 0.5, 0.5, true, MONDAY));
        said.add(new Hunch(2, "tear", "shoulder", 0.9, 0.5, true, MONDAY.plusSeconds(6 * 86400)));
        said.add(new Hunch(3, "tear", "shoulder", 0.9, 0.5, true, MONDAY.plusSeconds(7 * 86400)));
        assertThat(hunches().weeks())
                .extracting(Hunches.Week::monday)
                .containsExactly(LocalDate.of(2026, 11, 23), LocalDate.of(2026, 11, 30));
        assertThat(hunches().weeks().get(0).patients()).isEqualTo(2);
    }
}
