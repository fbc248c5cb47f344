package lexicor.core.examination;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.packs.Shipped;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a few readings mean together, on the shipped tests: looseness beside fear, a lag beside a hold, the lines of age. */
class MeaningTest {
    private static final String OTHER = "left";
    private static final String OWN = "right";

    private static Finding finding(String criterion, Map<String, Object> own, Map<String, Object> other) {
        String test = Shipped.CATALOGUE.testOf(criterion).orElseThrow().id();
        String at = Shipped.CATALOGUE.criterion(criterion).orElseThrow().at();
        List<Tap> taps = new ArrayList<>();
        if (!other.isEmpty()) {
            taps.add(TapReader.read(Shipped.CATALOGUE, test, at, OTHER, other));
        }
        if (!own.isEmpty()) {
            taps.add(TapReader.read(Shipped.CATALOGUE, test, at, OWN, own));
        }
        return Findings.of(Shipped.CATALOGUE, Readings.of(taps), Side.RIGHT, Optional.empty(), Map.of())
                .of(criterion)
                .orElseThrow();
    }

    /** As loose on the other side is unclear; with the fear beside it, which is no looseness, it is positive. */
    @Test
    void loosenessOfBothSidesIsUnclearAndWithFearBesideItPositive() {
        String criterion = "anterior-drawer/apprehension-or-laxity";
        Map<String, Object> loose = Map.of("laxity.sideDifference", true);
        assertThat(finding(criterion, loose, loose).outcome()).isEqualTo(Outcome.UNCLEAR);
        assertThat(finding(criterion, loose, Map.of()).outcome()).isEqualTo(Outcome.POSITIVE);
        Map<String, Object> fears = new LinkedHashMap<>(loose);
        fears.put("apprehension", true);
        assertThat(finding(criterion, fears, loose).outcome()).isEqualTo(Outcome.POSITIVE);
        assertThat(finding(criterion, fears, fears).outcome())
                .as("fear on both sides is no looseness")
                .isEqualTo(Outcome.POSITIVE);
    }

    /** A dimple is looseness in a test for it, and the same on both sides how this patient is built. */
    @Test
    void aGapOfBothSidesIsUnclear() {
        assertThat(finding("sulcus/any-dimple", Map.of("gapMm", 22), Map.of("gapMm", 21))
                        .outcome())
                .isEqualTo(Outcome.UNCLEAR);
        assertThat(finding("sulcus/at-least-20-mm", Map.of("gapMm", 22), Map.of("gapMm", 19))
                        .outcome())
                .isEqualTo(Outcome.POSITIVE);
        assertThat(finding("sulcus/at-least-20-mm", Map.of("gapMm", 19), Map.of("gapMm", 30))
                        .outcome())
                .isEqualTo(Outcome.NEGATIVE);
    }

    /** Degrees short and holding the position measure one quality: the one that was recorded answers for both. */
    @ParameterizedTest
    @CsvSource({
        "lagDegrees, 6, POSITIVE",
        "lagDegrees, 5, POSITIVE",
        "lagDegrees, 4, NEGATIVE",
        "holdsPosition, false, POSITIVE",
        "holdsPosition, true, NEGATIVE"
    })
    void aLagOrAHoldAnswersForBoth(String leaf, String value, Outcome outcome) {
        Object read = value.matches("\\d+") ? (Object) Integer.valueOf(value) : Boolean.valueOf(value);
        assertThat(finding("elbow-extension/cannot-extend", Map.of(leaf, read), Map.of())
                        .outcome())
                .isEqualTo(outcome);
    }

    @ParameterizedTest
    @CsvSource({
        "UNDER_18, NEGATIVE, NEGATIVE",
        "FROM_18, NEGATIVE, NEGATIVE",
        "FROM_30, NEGATIVE, NEGATIVE",
        "FROM_46, POSITIVE, NEGATIVE",
        "FROM_65, POSITIVE, POSITIVE"
    })
    void theBandsOfAgeAnswerTheQuestionsOfAge(AgeBand band, Outcome over45, Outcome from65) {
        Findings findings =
                Findings.of(Shipped.CATALOGUE, Readings.of(List.of()), Side.RIGHT, Optional.of(band), Map.of());
        assertThat(findings.of("history/age-over-45").orElseThrow().outcome()).isEqualTo(over45);
        assertThat(findings.of("history/age-65-or-over").orElseThrow().outcome())
                .isEqualTo(from65);
        assertThat(AgeBand.withId(band.id())).contains(band);
        assertThat(AgeBand.withId("46")).isEmpty();
    }

    @Test
    void withoutABandAQuestionOfAgeIsNotAnswered() {
        Findings findings =
                Findings.of(Shipped.CATALOGUE, Readings.of(List.of()), Side.RIGHT, Optional.empty(), Map.of());
        assertThat(findings.of("history/age-over-45")).isEmpty();
        assertThat(findings.done()).isEmpty();
        assertThat(findings.testsDone(Shipped.CATALOGUE)).isEmpty();
    }

    @Test
    void whatIsSupposedReplacesWhatWasFoundAndIsDone() {
        Findings found = Findings.of(
                Shipped.CATALOGUE,
                Readings.of(List.of(TapReader.read(Shipped.CATALOGUE, "drop-arm", "", OWN, Map.of("drops", false)))),
                Side.RIGHT,
                Optional.empty(),
                Map.of());
        assertThat(found.of("drop-arm/drops").orElseThrow().outcome()).isEqualTo(Outcome.NEGATIVE);
        Findings supposed = found.with("drop-arm/drops", Outcome.POSITIVE);
        assertThat(supposed.of("drop-arm/drops").orElseThrow().outcome()).isEqualTo(Outcome.POSITIVE);
        assertThat(supposed.all()).hasSameSizeAs(found.all());
        assertThat(found.with("paxinos/ac-pain", Outcome.NEGATIVE).testsDone(Shipped.CATALOGUE))
                .containsExactlyInAnyOrder("paxinos", "drop-arm");
        assertThat(found.with("drop-arm/drops", Outcome.NOT_DONE).testsDone(Shipped.CATALOGUE))
                .isEmpty();
    }

    /** A negative that was spoiled is unclear, unless the examiner stands by it; not done and cannot tell are neither. */
    @ParameterizedTest
    @CsvSource({"mark.guarded, UNCLEAR", "mark.cheated, UNCLEAR", "mark.cannotTell, UNCLEAR", "mark.notDone, NOT_DONE"})
    void aMarkChangesWhatANegativeMeans(String mark, Outcome outcome) {
        Map<String, Object> read = new LinkedHashMap<>(Map.of("pain.present", false, mark, true));
        assertThat(finding("neer/pain", read, Map.of()).outcome()).isEqualTo(outcome);
        read.put("mark.confirmed", true);
        boolean spoiled = mark.equals("mark.guarded") || mark.equals("mark.cheated");
        assertThat(finding("neer/pain", read, Map.of()).outcome()).isEqualTo(spoiled ? Outcome.NEGATIVE : outcome);
    }
}
