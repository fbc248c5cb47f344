package lexicor.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Precaution;
import lexicor.core.catalogue.Presentation;
import lexicor.core.catalogue.Raising;
import lexicor.core.catalogue.WarningSign;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a warning sign stops is what its precautions block, where it holds, and nothing besides. */
class BlocksTest {
    private static final Catalogue CATALOGUE = Shipped.CATALOGUE;

    private String complaint = "shoulder-pain";
    private boolean injured;
    private OptionalInt years = OptionalInt.empty();
    private Set<String> asked = Set.of();
    private Set<String> precautions = Set.of();
    private Map<String, Set<String>> excluded = Map.of();
    private Findings findings = Findings.none();

    private Circumstances patient() {
        return new Circumstances(
                Presentation.of(CATALOGUE, List.of(complaint)),
                injured,
                years,
                years.isEmpty() ? Optional.empty() : Optional.of(AgeBand.of(years.getAsInt())),
                asked,
                precautions,
                excluded,
                Set.copyOf(CATALOGUE.complaint(complaint).orElseThrow().candidates()));
    }

    private Blocks blocks() {
        return Blocks.of(CATALOGUE, patient(), findings);
    }

    private Set<String> raised() {
        return RaisedWarnings.of(CATALOGUE, patient(), findings).stream()
                .filter(r -> !r.excluded())
                .map(r -> r.sign().id())
                .collect(Collectors.toSet());
    }

    private void found(String criterion, Outcome outcome) {
        findings = findings.with(criterion, outcome);
    }

    private void told(String item, boolean yes) {
        findings = Findings.of(CATALOGUE, Readings.of(List.of()), Side.RIGHT, Optional.empty(), Map.of(item, yes));
    }

    static Stream<WarningSign> signs() {
        return CATALOGUE.warnings().stream();
    }

    @ParameterizedTest
    @MethodSource("signs")
    void aSignBlocksWhatItsPrecautionsBlockInItsRegions(WarningSign sign) {
        asked = Set.of(sign.id());
        Set<String> regions =
                RaisedWarnings.of(CATALOGUE, patient(), findings).get(0).regions();
        Set<String> expected = new HashSet<>();
        for (ClinicalTest test : CATALOGUE.tests()) {
            for (String id : sign.sets()) {
                Precaution p = CATALOGUE.precaution(id).orElseThrow();
                if (regions.contains(test.region())
                        && (test.contraindications().contains(id) || p.blocks().contains(test.id()))) {
                    expected.add(test.id());
                }
            }
        }
        Set<String> blocked = blocks().tests();
        assertThat(blocked).isEqualTo(expected);
        blocked.forEach(t -> assertThat(blocks().because(t)).containsExactly(sign.name() + " (warning sign)"));
        sign.cautions().stream().filter(t -> !blocked.contains(t)).forEach(t -> assertThat(blocks().careBecause(t))
                .isNotEmpty());
        assertThat(blocks().tests()).doesNotContain("hand-circulation-look", "finger-sensation", "dermatomes");
    }

    @Test
    void cordSignsStopTheNeckUnderLoadAndNerveTensionAndNoFinger() {
        complaint = "neck-arm";
        found("hoffmann/flicks", Outcome.POSITIVE);
        assertThat(blocks().tests())
                .contains(
                        "foraminal-compression",
                        "neck-distraction",
                        "neurodynamic-median-1",
                        "neurodynamic-median-2",
                        "neurodynamic-radial",
                        "neurodynamic-ulnar",
                        "lhermitte",
                        "elevated-arm-stress")
                .doesNotContain(
                        "hoffmann", "tandem-gait", "upper-limb-reflexes", "myotomes", "dermatomes", "trigger-finger");
        excluded = Map.of("cord-signs", Set.of("hoffmann/flicks"));
        assertThat(blocks().tests()).isEmpty();
        found("tandem-gait/unsteady", Outcome.POSITIVE);
        assertThat(blocks().tests()).contains("foraminal-compression");
    }

    @Test
    void aTenderSnuffboxAfterAFallStopsTheStressTestsOfTheWristAndNothingOfTheCord() {
        complaint = "wrist-injury";
        injured = true;
        found("snuffbox-tenderness/tender", Outcome.POSITIVE);
        assertThat(blocks().tests())
                .contains("scaphoid-shift", "ulnocarpal-stress", "druj-ballottement")
                .doesNotContain("thumb-axial-compression", "hoffmann", "sulcus");
        assertThat(blocks().careBecause("thumb-axial-compression"))
                .containsExactly("Fracture suspicion (warning sign)");
        injured = false;
        assertThat(blocks().tests()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"39, false", "40, true", "70, true"})
    void afterFortyADislocationIsLookedAtForTheNerveAndTheCuff(int age, boolean expected) {
        complaint = "shoulder-slipping";
        injured = true;
        years = OptionalInt.of(age);
        told("history/dislocated-before", true);
        assertThat(raised().contains("dislocation-over-40")).isEqualTo(expected);
        years = OptionalInt.empty();
        assertThat(raised()).doesNotContain("dislocation-over-40");
    }

    @Test
    void aSeizureIsALockedShoulderUntilItWasSeenToTurnOut() {
        told("history/seizure-or-shock", true);
        injured = true;
        assertThat(raised()).contains("locked-dislocation");
        found("shoulder-movements/external-rotation-blocked", Outcome.UNCLEAR);
        assertThat(raised()).contains("locked-dislocation");
        found("shoulder-movements/external-rotation-blocked", Outcome.NEGATIVE);
        assertThat(raised()).doesNotContain("locked-dislocation");
    }

    static Stream<Raising> raisings() {
        return CATALOGUE.raisings().stream();
    }

    /** Any of what it names raises it where its conditions hold; a negative never does. */
    @ParameterizedTest
    @MethodSource("raisings")
    void whatIsFoundOrToldRaisesItsSign(Raising raising) {
        complaint = raising.when().complaints().stream().sorted().findFirst().orElse("shoulder-pain");
        injured = true;
        years = OptionalInt.of(80);
        for (String by : raising.by()) {
            findings = Findings.none();
            found(by, Outcome.NEGATIVE);
            assertThat(raised()).doesNotContain(raising.warning());
            findings = Findings.none();
            Stream.of(raising.when().any(), raising.when().all(), raising.when().of())
                    .flatMap(List::stream)
                    .forEach(also -> found(also, Outcome.POSITIVE));
            found(by, Outcome.POSITIVE);
            assertThat(raised()).contains(raising.warning());
        }
    }
}
