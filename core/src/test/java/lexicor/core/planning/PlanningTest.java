package lexicor.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Presentation;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.examination.TapReader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlanningTest {
    @Test
    void everyContraindicationOfTheCatalogueIsAPrecautionOneCanTickAndTheOtherWayRound() {
        assertThat(Shipped.CATALOGUE.precautions()).allSatisfy(p -> assertThat(Shipped.CATALOGUE.tests().stream()
                        .filter(t -> p.blocks(t) || p.cautions().contains(t.id())))
                .as(p.id())
                .isNotEmpty());
    }

    @Test
    void aTestIsBlockedByThePrecautionsThatItLists() {
        List<String> set = List.of("known-recent-subluxation", "open-wound");
        assertThat(blocking("posterior-apprehension", set)).containsExactly("Known recent subluxation");
        assertThat(blocking("sulcus", List.of("open-wound"))).isEmpty();
        assertThat(blocking("neurodynamic-median-1", List.of("progressive-weakness", "cord-signs")))
                .hasSize(2);
    }

    private static List<String> blocking(String test, List<String> set) {
        Circumstances patient = new Circumstances(
                Presentation.of(Shipped.CATALOGUE, List.of("shoulder-pain")),
                false,
                OptionalInt.empty(),
                Optional.empty(),
                Set.of(),
                Set.copyOf(set),
                Map.of(),
                Set.of());
        return Blocks.of(Shipped.CATALOGUE, patient, Findings.none()).because(test);
    }

    /** The wrist's movements come before its stress tests; who may not move it cannot come to those. */
    @Test
    void aTestBehindABlockedOneCannotBeComeTo() {
        for (ClinicalTest test : Shipped.CATALOGUE.tests()) {
            for (String earlier : test.after()) {
                assertThat(Blocks.isReachable(Shipped.CATALOGUE, test, Set.of(), Set.of(earlier)))
                        .as("%s after %s", test.id(), earlier)
                        .isFalse();
                assertThat(Blocks.isReachable(Shipped.CATALOGUE, test, Set.copyOf(test.after()), Set.of(earlier)))
                        .isTrue();
            }
            assertThat(Blocks.isReachable(Shipped.CATALOGUE, test, Set.of(), Set.of()))
                    .isTrue();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "snuffbox-tenderness, '', tender, true, fracture-suspicion",
        "snuffbox-tenderness, '', tender, false, none",
        "elbow-extension, '', holdsPosition, true, elbow-fracture-suspected",
        "axillary-nerve-sensation, '', sensationReduced, false, deltoid-sensation",
        "distal-biceps-hook, '', visible, false, tendon",
        "epl-integrity, '', cannotHold, false, tendon",
        "neer, '', pain.familiar, true, none"
    })
    void aFindingRaisesItsWarningByItself(String test, String at, String leaf, boolean injured, String sign) {
        boolean value = !leaf.equals("holdsPosition");
        Readings readings =
                Readings.of(List.of(TapReader.read(Shipped.CATALOGUE, test, at, "right", Map.of(leaf, value))));
        Findings findings = Findings.of(Shipped.CATALOGUE, readings, Side.RIGHT, Optional.empty(), Map.of());
        List<RaisedWarnings.Raised> raised = RaisedWarnings.of(Shipped.CATALOGUE, asked(Set.of(), injured), findings);
        assertThat(raised.stream().map(r -> r.sign().id()).findFirst().orElse("none"))
                .isEqualTo(sign);
    }

    @Test
    void whatWasAskedStandsInThePacksOrderAndAnInjuryFollowsFromTheHistory() {
        Findings none = Findings.of(Shipped.CATALOGUE, Readings.of(List.of()), Side.LEFT, Optional.empty(), Map.of());
        assertThat(RaisedWarnings.of(Shipped.CATALOGUE, asked(Set.of("vascular", "infection"), false), none))
                .extracting(r -> r.sign().id())
                .containsExactly("infection", "vascular");
        assertThat(RaisedWarnings.injured(Shipped.CATALOGUE, Map.of("history/fall-on-hand", true)))
                .isTrue();
        assertThat(RaisedWarnings.injured(Shipped.CATALOGUE, Map.of("history/fall-on-hand", false)))
                .isFalse();
    }

    private static Circumstances asked(Set<String> signs, boolean injured) {
        return new Circumstances(
                Presentation.of(Shipped.CATALOGUE, List.of("shoulder-pain")),
                injured,
                OptionalInt.empty(),
                Optional.empty(),
                signs,
                Set.of(),
                Map.of(),
                Set.of());
    }
}
