package lexicor.core.examination;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lexicor.core.catalogue.AgeBand;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Rule.Comparison;
import lexicor.core.catalogue.Rule.Operator;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.document.InvalidDocumentException;
import lexicor.core.examination.pads.Pad;
import lexicor.core.examination.pads.PadBoard;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What the shipped criteria make of readings, by the rules of method M3. Left is the other side, right the involved. */
class EvaluationTest {
    private static final double BASELINE = 8;

    @ParameterizedTest(name = "{0}: {2} against {1} is {3}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            textBlock =
                    """
            neer/pain | - | pain.present=true pain.familiar=true | positive | the familiar pain
            neer/pain | - | pain.present=true pain.familiar=false | negative | another pain, not the familiar one
            neer/pain | - | pain.present=false | negative | no pain
            neer/pain | pain.present=true pain.familiar=true | - | not-done | is it the familiar pain?
            neer/pain | - | mark.cannotTell=true pain.familiar=true | unclear | could not tell
            neer/pain | - | mark.notDone=true | not-done | not done
            neer/pain | - | pain.present=false mark.guarded=true | unclear | negative, but the patient guarded
            neer/pain | - | pain.present=false mark.guarded=true mark.confirmed=true | negative | confirmed
            neer/pain | - | pain.familiar=true mark.guarded=true | positive | the familiar pain
            cross-body-adduction/ac-pain | - | pain.present=true pain.familiar=true pain.site=ac-joint | positive | on top of the AC joint
            cross-body-adduction/ac-pain | - | pain.present=true pain.familiar=true pain.site=deep | negative | deep in the joint
            painful-arc/mid-arc | - | pain.familiar=true arc.startDeg=70 arc.worstDeg=95 arc.endDeg=120 | positive | pain from 70 degrees
            painful-arc/mid-arc | - | pain.present=true pain.familiar=false arc.startDeg=70 arc.worstDeg=95 arc.endDeg=120 | negative | not the familiar one
            painful-arc/mid-arc | - | pain.familiar=true arc.startDeg=120 arc.worstDeg=150 arc.endDeg=170 | negative | 120 degrees
            painful-arc/mid-arc | - | pain.familiar=true arc.startDeg=70 | unclear | at which angle
            painful-arc/mid-arc | - | pain.present=false | negative | no
            external-rotation-lag/lag | - | lagDegrees=5 | positive | lag 5 degrees
            external-rotation-lag/lag | - | lagDegrees=4.9 | negative | lag 4.9 degrees
            external-rotation-lag/lag | - | drops=true | positive | falls back to neutral
            external-rotation-lag/lag | - | mark.normal=true drops=true | positive | falls back to neutral
            external-rotation-lag/lag | - | mark.normal=true | negative | found normal, not measured
            external-rotation-lag/lag | - | mark.normal=true lagDegrees=12 | positive | lag 12 degrees
            external-rotation-lag/over-40 | - | drops=true | unclear | lag not measured
            external-rotation-lag/over-40 | - | drops=false | negative | found normal, not measured
            external-rotation-lag/over-40 | - | mark.normal=true | negative | found normal, not measured
            lift-off/weakness | - | cannotHold=true | positive | cannot lift off
            apley-scratch/one-sided-loss | - | visible=true | positive | stays short on this side
            apley-scratch/one-sided-loss | spinalLevel=8 | spinalLevel=9 | negative | thumb reaches T9
            shoulder-movements/passive-flexion-loss | - | mark.normal=true | negative | found normal, not measured
            shoulder-movements/passive-flexion-loss | rangeDeg.passive=170 | mark.normal=true rangeDeg.passive=90 | positive | passive range 90
            two-point-discrimination/little-over-6-mm | - | mark.normal=true | negative | found normal, not measured
            empty-can/either | - | weakness.grade=mild | positive | a little weak
            empty-can/either | - | pain.familiar=false pain.present=true | negative | not the familiar one
            empty-can/weakness | forceN=100 | forceN=85 | positive | force 85 N
            empty-can/weakness | forceN=100 | forceN=86 weakness.grade=none | negative | force 86 N
            empty-can/weakness | - | forceN=85 | unclear | the other side is not measured
            empty-can/weakness | - | weakness.mrc=4 | positive | strength grade 4
            belly-press/wrist-flexes-or-elbow-drops | - | cheat=elbow-drops-back | positive | elbow drops back
            lift-off/cannot-lift | - | cannotHold=false cheat=trunk-tips | unclear | negative, but trunk tips forward
            belly-off/hand-leaves | - | holdsPosition=false | positive | hand comes off the belly
            biceps-load-1/pain-or-no-relief | - | pain.familiar=true relief=false | positive | not eased, or worse
            biceps-load-1/pain-or-no-relief | - | pain.familiar=true relief=true | negative | eases on bending
            load-and-shift/anterior-over-25 | translationPercent=10 | translationPercent=26 | positive | glide 26
            load-and-shift/anterior-over-25 | translationPercent=10 | translationPercent=25 | negative | glide 25
            load-and-shift/anterior-over-25 | translationPercent=40 | translationPercent=40 | unclear | as loose on the other side
            sulcus/at-least-20-mm | gapMm=22 | gapMm=20 | positive | gap below the acromion: 20 mm
            sulcus/any-dimple | gapMm=22 | gapMm=20 | unclear | as loose on the other side
            anterior-drawer/apprehension-or-laxity | - | click.present=true click.painful=true | unclear | looseness not recorded
            midcarpal-shift/catch-up-clunk | - | clunk=true | unclear | on this side alone
            midcarpal-shift/catch-up-clunk | - | clunk=true laxity.sideDifference=true | positive | on this side alone
            allen/ulnar-slow | - | visible=true | positive | seen
            anterior-drawer/apprehension-or-laxity | apprehension=true | apprehension=true | positive | apprehension
            shoulder-movements/internal-rotation-level-loss | spinalLevel=8 | spinalLevel=11 | positive | thumb reaches T11
            shoulder-movements/internal-rotation-level-loss | spinalLevel=8 | spinalLevel=10 | negative | thumb reaches T10
            shoulder-movements/passive-external-rotation-loss | rangeDeg.passive=80 | rangeDeg.passive=40 | positive | passive range 40
            shoulder-movements/passive-external-rotation-loss | rangeDeg.passive=80 | rangeDeg.passive=41 | negative | passive range 41
            phalen/median-symptoms-60s | - | tingling.present=true tingling.territory=median onsetSeconds=60 | positive | after 60 s
            phalen/median-symptoms-60s | - | tingling.present=true tingling.territory=median onsetSeconds=61 | negative | after 61 s
            phalen/median-symptoms-60s | - | tingling.present=false | negative | no
            elbow-movements/extension-loss | rangeDeg.active=0 | rangeDeg.active=10 | positive | active range 10
            """)
    void judges(String criterion, String other, String involved, String outcome, String reason) {
        Finding finding = evaluate(criterion, other, involved);
        assertThat(finding.outcome().id()).isEqualTo(outcome);
        assertThat(finding.reason()).contains(reason);
    }

    static Stream<String> criteria() {
        return Shipped.CATALOGUE.tests().stream()
                .flatMap(t -> t.criteria().stream())
                .map(Criterion::id);
    }

    /** No criterion is written so that it can never be met, or never be missed. */
    @ParameterizedTest
    @MethodSource("criteria")
    void everyCriterionCanComeOutEitherWay(String id) {
        ClinicalTest test = Shipped.CATALOGUE.testOf(id).orElseThrow();
        Criterion criterion = Shipped.CATALOGUE.criterion(id).orElseThrow();
        Map<ReadingLeaf, List<Object>> choices = new LinkedHashMap<>();
        criterion.positiveWhen().comparisons().forEach(c -> choices.computeIfAbsent(c.leaf(), l -> new ArrayList<>())
                .addAll(aroundTheLimits(c)));
        Map<String, Object> baseline = new LinkedHashMap<>();
        criterion
                .positiveWhen()
                .comparisons()
                .filter(EvaluationTest::isAgainstOtherSide)
                .forEach(c -> baseline.put(c.leaf().leafName(), BASELINE));
        if (test.particulars().relieves().isPresent()) {
            // What eases has to be there.
            choices.put(ReadingLeaf.PAIN_PRESENT, List.of(true));
        }
        Set<Outcome> outcomes = new HashSet<>();
        for (Map<String, Object> own : combinations(choices)) {
            Readings readings = readings(test.id(), criterion.at(), baseline, own);
            outcomes.add(new CriterionEvaluator(Shipped.CATALOGUE, readings)
                    .evaluate(test, criterion, Side.RIGHT)
                    .outcome());
        }
        assertThat(outcomes).contains(Outcome.POSITIVE, Outcome.NEGATIVE);
    }

    private static List<Object> aroundTheLimits(Comparison c) {
        if (c.operator() instanceof Operator.Is) {
            return List.of(true, false);
        }
        if (c.operator() instanceof Operator.IsCode is) {
            return List.of(is.code(), "firm");
        }
        if (c.operator() instanceof Operator.In in) {
            return List.of(in.codes().iterator().next(), c.leaf() == ReadingLeaf.CHEAT ? List.of() : "elsewhere");
        }
        if (c.operator() instanceof Operator.AtLeast least) {
            return List.of(least.limit(), least.limit() * 0.9, least.limit() * 1.1);
        }
        if (c.operator() instanceof Operator.AtMost most) {
            return List.of(
                    most.limit(),
                    most.limit() * 0.9,
                    Math.min(most.limit() * 1.1 + 1, c.leaf().high()));
        }
        if (c.operator() instanceof Operator.Between between) {
            return List.of(between.low(), between.high() + 1);
        }
        return c.operator() instanceof Operator.MoreThanOtherSideBy more
                ? List.of(BASELINE, BASELINE + more.amount(), BASELINE + more.amount() - 1)
                : List.of(BASELINE, BASELINE * 0.4);
    }

    private static boolean isAgainstOtherSide(Comparison c) {
        return c.operator() instanceof Operator.MoreThanOtherSideBy
                || c.operator() instanceof Operator.LessThanOtherSideByPercent;
    }

    private static List<Map<String, Object>> combinations(Map<ReadingLeaf, List<Object>> choices) {
        List<Map<String, Object>> all = List.of(Map.of());
        for (Map.Entry<ReadingLeaf, List<Object>> choice : choices.entrySet()) {
            List<Map<String, Object>> extended = new ArrayList<>();
            for (Map<String, Object> map : all) {
                for (Object value : choice.getValue()) {
                    Map<String, Object> more = new LinkedHashMap<>(map);
                    more.put(choice.getKey().leafName(), value);
                    extended.add(more);
                }
            }
            all = extended;
        }
        return all;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            neerr | '' | right | pain.present | true | test
            neer | front | right | pain.present | true | at
            neer | '' | middle | pain.present | true | side
            neer | '' | right | gapMm | 3 | changes.gapMm
            neer | '' | right | pain.present | 3 | changes.pain.present
            neer | '' | right | pain.site | Deep Inside | changes.pain.site
            sulcus | '' | right | gapMm | 900 | changes.gapMm
            """)
    void aTapThatTheTestDoesNotOfferIsRefused(
            String test, String at, String side, String leaf, String v, String field) {
        assertThatThrownBy(() -> TapReader.read(Shipped.CATALOGUE, test, at, side, Map.of(leaf, parse(v))))
                .isInstanceOf(InvalidDocumentException.class)
                .hasMessageStartingWith(field + ": ");
    }

    @Test
    void everyPadSetsWhatItsTestOffersAndNothingFoundIsNeverPositive() {
        for (ClinicalTest test : Shipped.CATALOGUE.tests()) {
            for (PadBoard board : PadBoard.of(test, Shipped.CATALOGUE)) {
                assertThat(board.pads()).extracting(Pad::id).doesNotHaveDuplicates();
                for (Pad pad : board.pads()) {
                    Map<String, Object> sets = new LinkedHashMap<>();
                    pad.sets().forEach((leaf, value) -> sets.put(leaf.leafName(), value.plain()));
                    if (pad.id().equals("nothing")) {
                        nothingIsPositive(test, board.at(), sets);
                    } else {
                        assertThat(TapReader.read(Shipped.CATALOGUE, test.id(), board.at(), "left", sets)
                                        .changes())
                                .isNotEmpty();
                    }
                }
            }
        }
    }

    private static void nothingIsPositive(ClinicalTest test, String at, Map<String, Object> sets) {
        if (sets.isEmpty()) {
            return;
        }
        Readings readings = readings(test.id(), at, Map.of(), sets);
        for (Criterion criterion : test.criteria()) {
            assertThat(new CriterionEvaluator(Shipped.CATALOGUE, readings)
                            .evaluate(test, criterion, Side.RIGHT)
                            .outcome())
                    .as(criterion.id())
                    .isNotEqualTo(Outcome.POSITIVE);
        }
    }

    @Test
    void agesAnswerTheirHistoryItems() {
        Readings none = Readings.of(List.of());
        Findings older = Findings.of(
                Shipped.CATALOGUE, none, Side.LEFT, Optional.of(AgeBand.FROM_46), Map.of("history/night-pain", false));
        assertThat(older.of("history/age-over-45").orElseThrow().outcome()).isEqualTo(Outcome.POSITIVE);
        assertThat(older.of("history/age-65-or-over").orElseThrow().outcome()).isEqualTo(Outcome.NEGATIVE);
        assertThat(older.of("history/night-pain").orElseThrow().outcome()).isEqualTo(Outcome.NEGATIVE);
        assertThat(older.of("history/shaking-relieves")).isEmpty();
    }

    private static Finding evaluate(String criterion, String other, String involved) {
        ClinicalTest test = Shipped.CATALOGUE.testOf(criterion).orElseThrow();
        Criterion c = Shipped.CATALOGUE.criterion(criterion).orElseThrow();
        return new CriterionEvaluator(Shipped.CATALOGUE, readings(test.id(), c.at(), leaves(other), leaves(involved)))
                .evaluate(test, c, Side.RIGHT);
    }

    private static Readings readings(String test, String at, Map<String, Object> left, Map<String, Object> right) {
        List<Tap> taps = new ArrayList<>();
        if (!left.isEmpty()) {
            taps.add(TapReader.read(Shipped.CATALOGUE, test, at, "left", left));
        }
        if (!right.isEmpty()) {
            taps.add(TapReader.read(Shipped.CATALOGUE, test, at, "right", right));
        }
        return Readings.of(taps);
    }

    private static Map<String, Object> leaves(String text) {
        Map<String, Object> leaves = new LinkedHashMap<>();
        if (text != null) {
            for (String part : text.split(" ")) {
                leaves.put(part.substring(0, part.indexOf('=')), parse(part.substring(part.indexOf('=') + 1)));
            }
        }
        return leaves;
    }

    private static Object parse(String value) {
        if (value.equals("true") || value.equals("false")) {
            return Boolean.valueOf(value);
        }
        return value.matches("[0-9.]+") ? (Object) Double.valueOf(value) : value;
    }
}
