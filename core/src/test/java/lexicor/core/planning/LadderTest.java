package lexicor.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Ladder;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Outcome;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.examination.Tap;
import lexicor.core.examination.TapReader;
import lexicor.core.examination.pads.Dial;
import lexicor.core.examination.pads.PadBoard;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class LadderTest {
    private static final Catalogue CATALOGUE = Shipped.CATALOGUE;

    static Stream<Arguments> everyAnswer() {
        return CATALOGUE.ladders().stream()
                .flatMap(l -> l.answers().keySet().stream().map(a -> Arguments.of(l.id(), a)));
    }

    /** One rung after the other: each is asked for exactly when the one before it is done, until the ladder ends. */
    @ParameterizedTest
    @MethodSource("everyAnswer")
    void withNothingFoundEveryLadderIsWalkedToItsEnd(String id, String answer) {
        Ladder ladder = ladder(id);
        List<Tap> taps = new ArrayList<>();
        LadderWalk walk = LadderWalk.of(CATALOGUE, ladder, answer, findings(taps));
        while (walk.current().isPresent()) {
            String test = walk.current().get().test();
            int taken = walk.taken().size();
            taps.addAll(nothing(test));
            walk = LadderWalk.of(CATALOGUE, ladder, answer, findings(taps));
            assertThat(walk.taken()).hasSize(taken + 1);
            assertThat(walk.taken().get(taken)).isEqualTo(new LadderWalk.Step(test, Outcome.NEGATIVE));
            assertThat(taken).isLessThanOrEqualTo(ladder.rungs().size());
        }
        assertThat(walk.end().orElseThrow().reading()).isNotBlank();
    }

    @Test
    void aPositiveEndsTheWristLadderWithWhatToSuspect() {
        List<Tap> taps = new ArrayList<>(nothing("druj-ballottement"));
        LadderWalk walk = LadderWalk.of(CATALOGUE, ladder("painful-passive-pronation"), "palm side", findings(taps));
        assertThat(walk.current()).contains(new LadderWalk.Current("volar-radioulnar-shift", false));
        taps.addAll(nothing("volar-radioulnar-shift"));
        taps.add(tap("ulnar-fovea", Map.of("mark.cannotTell", true)));
        walk = LadderWalk.of(CATALOGUE, ladder("painful-passive-pronation"), "palm side", findings(taps));
        assertThat(walk.current()).contains(new LadderWalk.Current("ulnar-fovea", true));
        Map<String, Object> again = new LinkedHashMap<>(Map.of("tender", true, "pain.familiar", true));
        again.put("mark.cannotTell", null);
        again.keySet().removeIf(leaf -> CATALOGUE.test("ulnar-fovea").orElseThrow().readings().stream()
                .noneMatch(r -> leaf.startsWith(r) || leaf.startsWith("mark")));
        taps.add(tap("ulnar-fovea", again));
        walk = LadderWalk.of(CATALOGUE, ladder("painful-passive-pronation"), "palm side", findings(taps));
        assertThat(walk.end().orElseThrow().suspect()).containsExactly("tfcc-injury", "ulnar-impaction");
    }

    @ParameterizedTest
    @CsvSource({
        "unstable-shoulder, apprehension, apprehension, clear",
        "thumb-side-wrist, eichhoff, pain.site=radial-styloid, yes",
        "median-tingling, median-tinel-wrist, tingling.territory=median, yes"
    })
    void aFindingAnswersTheLaddersQuestion(String ladder, String test, String leaf, String answer) {
        assertThat(LadderStart.answer(ladder(ladder), findings(List.of()))).isEmpty();
        String[] parts = leaf.split("=");
        Map<String, Object> changes = new LinkedHashMap<>();
        changes.put(parts[0], parts.length > 1 ? parts[1] : true);
        if (parts.length > 1) {
            changes.put(parts[0].startsWith("pain") ? "pain.familiar" : "tingling.present", true);
        }
        assertThat(LadderStart.answer(ladder(ladder), findings(List.of(tap(test, changes)))))
                .contains(answer);
        assertThat(ladder(ladder).answers()).containsKey(answer);
    }

    private static Ladder ladder(String id) {
        return CATALOGUE.ladders().stream()
                .filter(l -> l.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Findings findings(List<Tap> taps) {
        return Findings.of(CATALOGUE, Readings.of(taps), Side.RIGHT, Optional.empty(), Map.of());
    }

    private static Tap tap(String test, Map<String, Object> changes) {
        return TapReader.read(CATALOGUE, test, "", "right", changes);
    }

    /** What a number is where nothing is wrong. */
    private static double usual(ReadingLeaf leaf) {
        return leaf == ReadingLeaf.WEAKNESS_MRC ? 5 : leaf == ReadingLeaf.FORCE_N ? 100 : 0;
    }

    private static List<Tap> nothing(String test) {
        return PadBoard.of(CATALOGUE.test(test).orElseThrow(), CATALOGUE).stream()
                .flatMap(b -> Stream.of("left", "right").map(side -> {
                    Map<String, Object> sets = new LinkedHashMap<>();
                    b.pads().get(0).sets().forEach((leaf, value) -> sets.put(leaf.leafName(), value.plain()));
                    b.dials().stream()
                            .filter(Dial::decides)
                            .forEach(d -> sets.put(d.leaf().leafName(), usual(d.leaf())));
                    return TapReader.read(CATALOGUE, test, b.at(), side, sets);
                }))
                .toList();
    }
}
