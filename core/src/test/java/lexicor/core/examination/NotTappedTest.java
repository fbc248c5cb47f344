package lexicor.core.examination;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.packs.Shipped;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Readings that were not tapped, and readings that refer to others, on the shipped tests (method M19). The involved side is
 * the right one; {@code other/} before a test is the left.
 */
class NotTappedTest {

    @ParameterizedTest(name = "{0} after {1} is {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            relocation/apprehension-relieved | relocation: relief=true | unclear | what eased was recorded nowhere
            relocation/apprehension-relieved | apprehension: apprehension=true; relocation: relief=true | positive | eases with the press
            relocation/apprehension-relieved | apprehension: apprehension=true; relocation: relief=false | negative | does not ease
            relocation/apprehension-relieved | relocation: apprehension=true | unclear | eases with the press?
            relocation/pain-relieved | apprehension: apprehension=true; relocation: relief=true | unclear | pain
            relocation/pain-relieved | apprehension: pain.present=true pain.familiar=true; relocation: relief=true | positive | the familiar pain
            apprehension/pain | apprehension: apprehension=true | unclear | stopped by fear, so pain is not known
            apprehension/pain | apprehension: apprehension=true pain.present=true pain.familiar=true | positive | the familiar pain
            apprehension/apprehension | apprehension: pain.present=true pain.familiar=true | negative | no apprehension
            finkelstein/pain | finkelstein: pain.present=true pain.familiar=true | unclear | where is the pain?
            finkelstein/pain | finkelstein: pain.present=true pain.site=[radial-styloid] | unclear | is it the familiar pain?
            finkelstein/pain | finkelstein: pain.familiar=true pain.site=[elsewhere,radial-styloid] | positive | over the radial styloid
            finkelstein/pain | finkelstein: pain.present=false | negative | no pain
            painful-arc/mid-arc | painful-arc: pain.present=true pain.familiar=true | unclear | at which angle
            phalen/median-symptoms-60s | phalen: tingling.familiar=true tingling.fingers=[little,thumb] onsetSeconds=40 | positive | after 40 s
            phalen/median-symptoms-60s | phalen: tingling.familiar=true tingling.fingers=[little] onsetSeconds=40 | negative | little finger
            phalen/median-symptoms-60s | phalen: tingling.familiar=true onsetSeconds=40 | unclear | which fingers tingle?
            phalen/median-symptoms-60s | phalen: tingling.familiar=true tingling.fingers=[thumb] | unclear | after how many seconds?
            phalen/median-symptoms-60s | phalen: tingling.familiar=false tingling.fingers=[thumb] onsetSeconds=40 | negative | another tingling, not the familiar one
            sulcus/any-dimple | other/sulcus: gapMm=21; sulcus: gapMm=22 | unclear | as loose on the other side
            sulcus/at-least-20-mm | other/sulcus: gapMm=21; sulcus: gapMm=31 | positive | 31 mm
            empty-can/weakness | empty-can: weakness.grade=none cheat=[trunk-leans] | unclear | trunk leans
            """)
    void isNotKnownUnlessItFollows(String criterion, String taps, String outcome, String reason) {
        Finding finding = findings(taps, false).of(criterion).orElseThrow();
        assertThat(finding.outcome().id()).as(finding.reason()).isEqualTo(outcome);
        assertThat(finding.reason()).contains(reason);
    }

    /** Where both sides are troubled a comparison has nothing to hold against, and says so; a number of its own still counts. */
    @Test
    void aTroubledOtherSideIsNoBaseline() {
        String taps = "other/sulcus: gapMm=5; sulcus: gapMm=22; other/empty-can: forceN=100; empty-can: forceN=70";
        Findings one = findings(taps, false);
        Findings both = findings(taps, true);
        assertThat(one.of("empty-can/weakness").orElseThrow().outcome()).isEqualTo(Outcome.POSITIVE);
        Finding weakness = both.of("empty-can/weakness").orElseThrow();
        assertThat(weakness.outcome()).isEqualTo(Outcome.UNCLEAR);
        assertThat(weakness.reason()).startsWith("both sides are troubled: the other side is no baseline");
        assertThat(both.of("sulcus/at-least-20-mm").orElseThrow().outcome()).isEqualTo(Outcome.POSITIVE);
    }

    /** Whatever was tapped is unclear where no criterion takes notice of it, and never as if nothing had been. */
    @Test
    void noTapIsWithoutATrace() {
        for (String taps : List.of(
                "painful-arc: pain.present=true pain.familiar=true",
                "drop-arm: pain.severity=4",
                "relocation: relief=false",
                "wrist-movements@flexion: rangeDeg.active=40")) {
            String test = taps.replaceFirst("[@:].*", "");
            String at = taps.contains("@") ? taps.replaceFirst(".*@", "").replaceFirst(":.*", "") : "";
            assertThat(findings(taps, false).all().stream()
                            .filter(f -> f.criterion().startsWith(test + "/"))
                            .filter(f -> Shipped.CATALOGUE
                                    .criterion(f.criterion())
                                    .orElseThrow()
                                    .at()
                                    .equals(at)))
                    .as(taps)
                    .isNotEmpty()
                    .anyMatch(Finding::isDone);
        }
    }

    @ParameterizedTest
    @CsvSource({"1, T1", "12, T12", "13, L1", "17, L5", "18, the sacrum", "19, the buttock", "14.6, L3"})
    void aLevelOfTheSpineIsNamed(double level, String name) {
        assertThat(SpinalLevel.name(level)).isEqualTo(name);
    }

    @ParameterizedTest
    @CsvSource({
        "15, 8, seven levels lower",
        "8, 15, seven levels higher",
        "9, 8, one level lower",
        "8, 8.4, the same level"
    })
    void theDifferenceOfLevelsIsSaid(double own, double other, String words) {
        assertThat(SpinalLevel.difference(own, other)).isEqualTo(words);
    }

    /** A part that is unclear or was not asked leaves a definition open, unless the others settle it. */
    @ParameterizedTest(name = "{0}: {1}, {2} of {3}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            first-compartment-tenderness: tender=true; finkelstein: pain.familiar=true pain.site=[radial-styloid] | met | 2
            first-compartment-tenderness: tender=true; finkelstein: pain.familiar=true | open | 1
            first-compartment-tenderness: tender=true | open | 1
            first-compartment-tenderness: tender=false; finkelstein: pain.familiar=true pain.site=[radial-styloid] | not-met | 1
            first-compartment-tenderness: tender=true; finkelstein: pain.present=false | open | 1
            first-compartment-tenderness: tender=true; finkelstein: pain.present=false; eichhoff: pain.present=false | not-met | 1
            """)
    void aCaseDefinitionIsMetNotMetOrOpen(String taps, String state, int met) {
        DefinitionState definition =
                DefinitionState.of(Shipped.CATALOGUE, "de-quervain", findings(taps, false)).stream()
                        .filter(d -> d.definition().id().equals("harrington-de-quervain"))
                        .findFirst()
                        .orElseThrow();
        assertThat(definition.state().id()).isEqualTo(state);
        assertThat(definition.met()).isEqualTo(met);
        assertThat(definition.parts()).isEqualTo(2);
    }

    private static Findings findings(String taps, boolean bothSides) {
        List<Tap> read = new ArrayList<>();
        for (String place : taps.split("; ")) {
            String[] parts = place.split(": ");
            boolean other = parts[0].startsWith("other/");
            String[] test = parts[0].replace("other/", "").split("@");
            read.add(TapReader.read(
                    Shipped.CATALOGUE,
                    test[0],
                    test.length > 1 ? test[1] : "",
                    other ? "left" : "right",
                    values(parts[1])));
        }
        return Findings.of(
                Shipped.CATALOGUE, Readings.of(read).ofBothSides(bothSides), Side.RIGHT, Optional.empty(), Map.of());
    }

    private static Map<String, Object> values(String text) {
        Map<String, Object> values = new LinkedHashMap<>();
        for (String leaf : text.split(" ")) {
            String value = leaf.substring(leaf.indexOf('=') + 1);
            Object read = value.startsWith("[")
                    ? Arrays.asList(value.substring(1, value.length() - 1).split(","))
                    : value.matches("true|false")
                            ? Boolean.valueOf(value)
                            : value.matches("[0-9.]+") ? Double.valueOf(value) : value;
            values.put(leaf.substring(0, leaf.indexOf('=')), read);
        }
        return values;
    }
}
