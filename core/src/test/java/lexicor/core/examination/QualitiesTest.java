package lexicor.core.examination;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeSet;
import java.util.stream.Stream;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.examination.pads.Dial;
import lexicor.core.examination.pads.Pad;
import lexicor.core.examination.pads.PadBoard;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Over all shipped criteria, with what their own pads and dials set: what was not tapped never speaks by being left out. */
class QualitiesTest {
    private static final int EXAMINATIONS = 80;

    /** A quality says what a sign is like: where, familiar or not, which fingers, eased or not, how far, how long. */
    @ParameterizedTest
    @MethodSource("lexicor.core.examination.EvaluationTest#criteria")
    void aQualityLeftOutNeverMakesANegative(String id) {
        ClinicalTest test = Shipped.CATALOGUE.testOf(id).orElseThrow();
        Criterion criterion = Shipped.CATALOGUE.criterion(id).orElseThrow();
        PadBoard board = PadBoard.of(test, Shipped.CATALOGUE).stream()
                .filter(b -> b.at().equals(criterion.at()))
                .findFirst()
                .orElseThrow();
        Random random = new Random(id.hashCode());
        for (int i = 0; i < EXAMINATIONS; i++) {
            Map<ReadingLeaf, Object> other = random.nextBoolean() ? Map.of() : examined(board, random);
            Map<ReadingLeaf, Object> own = examined(board, random);
            Outcome whole = outcome(test, criterion, own, other);
            for (ReadingLeaf leaf : own.keySet()) {
                if (isQuality(test, leaf)
                        && !isAnsweredBySign(leaf)
                        && !isTheSign(leaf, own)
                        && !isFoundNormal(leaf, own)) {
                    Map<ReadingLeaf, Object> without = new LinkedHashMap<>(own);
                    without.remove(leaf);
                    assertThat(outcome(test, criterion, without, other))
                            .as("%s without %s", own, leaf)
                            .satisfies(o -> assertThat(o != Outcome.NEGATIVE || whole == Outcome.NEGATIVE)
                                    .isTrue());
                }
            }
        }
    }

    /** Without its number a measure that was found normal is what was found. */
    private static boolean isFoundNormal(ReadingLeaf leaf, Map<ReadingLeaf, Object> own) {
        return leaf.kind() == ReadingLeaf.Kind.QUANTITY && own.containsKey(ReadingLeaf.MARK_NORMAL);
    }

    private static boolean isQuality(ClinicalTest test, ReadingLeaf leaf) {
        boolean isMark = leaf.leafName().startsWith("mark.");
        return !isMark && (!Signs.isSign(leaf) || test.particulars().qualities().contains(leaf));
    }

    /** A place that was tapped alone is itself how the pain was tapped, and a finger the tingling. */
    private static boolean isTheSign(ReadingLeaf leaf, Map<ReadingLeaf, Object> own) {
        ReadingLeaf sign = leaf.leafName().startsWith("pain.")
                ? ReadingLeaf.PAIN_PRESENT
                : leaf.leafName().startsWith("tingling.") ? ReadingLeaf.TINGLING_PRESENT : leaf;
        return sign != leaf && !own.containsKey(sign);
    }

    /** A lag and the force are how much of a sign that is tapped by itself. */
    private static boolean isAnsweredBySign(ReadingLeaf leaf) {
        return Stream.of(ReadingLeaf.values()).anyMatch(s -> Signs.isSign(s) && Quality.sameQuality(s, leaf));
    }

    private static Map<ReadingLeaf, Object> examined(PadBoard board, Random random) {
        Map<ReadingLeaf, Object> taps = new LinkedHashMap<>();
        for (Pad pad : board.pads()) {
            if (random.nextInt(3) == 0) {
                pad.sets().forEach((leaf, value) -> taps.merge(leaf, value.plain(), QualitiesTest::both));
            }
        }
        for (Dial dial : board.dials()) {
            if (random.nextInt(3) == 0 && !dial.quick().isEmpty()) {
                taps.put(
                        dial.leaf(),
                        dial.quick().get(random.nextInt(dial.quick().size())));
            }
        }
        return taps;
    }

    /** Several sites, fingers or ways round add up; of anything else the later tap stands. */
    private static Object both(Object before, Object now) {
        if (!(before instanceof Collection<?> some) || !(now instanceof Collection<?> more)) {
            return now;
        }
        TreeSet<String> all = new TreeSet<>();
        some.forEach(c -> all.add(String.valueOf(c)));
        more.forEach(c -> all.add(String.valueOf(c)));
        return List.copyOf(all);
    }

    private static Outcome outcome(
            ClinicalTest test, Criterion criterion, Map<ReadingLeaf, Object> own, Map<ReadingLeaf, Object> other) {
        List<Tap> taps = new ArrayList<>();
        add(taps, test, criterion, Side.LEFT, other);
        add(taps, test, criterion, Side.RIGHT, own);
        return new CriterionEvaluator(Shipped.CATALOGUE, Readings.of(taps))
                .evaluate(test, criterion, Side.RIGHT)
                .outcome();
    }

    private static void add(
            List<Tap> taps, ClinicalTest test, Criterion criterion, Side side, Map<ReadingLeaf, Object> values) {
        if (!values.isEmpty()) {
            Map<String, Object> named = new LinkedHashMap<>();
            values.forEach((leaf, value) -> named.put(leaf.leafName(), value));
            taps.add(TapReader.read(Shipped.CATALOGUE, test.id(), criterion.at(), side.id(), named));
        }
    }
}
