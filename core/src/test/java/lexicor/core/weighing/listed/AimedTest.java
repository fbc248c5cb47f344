package lexicor.core.weighing.listed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import org.junit.jupiter.api.Test;

/** How many tests aimed at a condition came out how, with figures or without (method M18). */
class AimedTest {
    private static final Findings NOTHING =
            Findings.of(Shipped.CATALOGUE, Readings.of(List.of()), Side.RIGHT, Optional.empty(), Map.of());

    /** A frozen shoulder is known by its lost movements. */
    @Test
    void aTestCountsOnceWhateverItsCriteriaSay() {
        Findings lost = NOTHING.with("shoulder-movements/passive-external-rotation-loss", Outcome.POSITIVE)
                .with("shoulder-movements/passive-flexion-quarter-loss", Outcome.NEGATIVE)
                .with("shoulder-movements/internal-rotation-level-loss", Outcome.UNCLEAR);
        Aimed aimed = Aimed.at("frozen-shoulder", Shipped.CATALOGUE, lost);
        assertThat(aimed.positive()).isEqualTo(1);
        assertThat(aimed.tests()).isEqualTo(1);
    }

    @Test
    void anUnclearOutcomeIsNoNegative() {
        Findings unclear = NOTHING.with("finkelstein/pain", Outcome.UNCLEAR)
                .with("eichhoff/pain", Outcome.NEGATIVE)
                .with("first-compartment-tenderness/tender", Outcome.POSITIVE);
        Aimed aimed = Aimed.at("de-quervain", Shipped.CATALOGUE, unclear);
        assertThat(List.of(aimed.positive(), aimed.unclear(), aimed.negative())).containsExactly(1, 1, 1);
    }

    @Test
    void whatIsAimedElsewhereDoesNotCount() {
        Findings elsewhere = NOTHING.with("finkelstein/pain", Outcome.POSITIVE);
        assertThat(Aimed.at("slap-tear", Shipped.CATALOGUE, elsewhere)).isEqualTo(new Aimed(0, 0, 0));
    }
}
