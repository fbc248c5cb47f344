package lexicor.core.examination.pads;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Choice;
import lexicor.core.catalogue.ClinicalTest;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.Criterion;
import lexicor.core.catalogue.MadeUp;
import lexicor.core.catalogue.Particulars;
import lexicor.core.catalogue.Particulars.Words;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Rule;
import lexicor.core.catalogue.Rule.AllOf;
import lexicor.core.catalogue.Rule.Comparison;
import lexicor.core.catalogue.Rule.Operator;
import lexicor.core.catalogue.packs.Shipped;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What there is to tap for a test: every pad in its place, with all that it says and nothing else. */
class PadBoardTest {
    private static final Catalogue NONE = new Catalogue(new Content());

    private static ClinicalTest test(String region, List<String> readings, Criterion... criteria) {
        return MadeUp.test("t", region, "special", "sitting", 0, readings, List.of(criteria), List.of());
    }

    private static Criterion criterion(String at, String label, Rule rule) {
        return MadeUp.criterion("t/" + label.replace(' ', '-'), label, at, rule);
    }

    private static Rule positive(ReadingLeaf leaf) {
        return new Comparison(leaf, new Operator.Is(true));
    }

    private static Rule in(ReadingLeaf leaf, String... codes) {
        return new Comparison(leaf, new Operator.In(Set.of(codes)));
    }

    /** Each pad as its label, its hint in brackets, and what it sets, in the order of the readings. */
    private static List<String> shown(PadBoard board) {
        return board.pads().stream()
                .map(p -> p.label() + (p.hint().isEmpty() ? "" : " (" + p.hint() + ")") + ": "
                        + p.sets().entrySet().stream()
                                .sorted(Map.Entry.comparingByKey())
                                .map(e -> e.getKey().leafName() + "="
                                        + e.getValue().plain())
                                .collect(Collectors.joining(" ")))
                .toList();
    }

    private static PadBoard only(ClinicalTest test) {
        assertThat(PadBoard.of(test, NONE)).hasSize(1);
        return PadBoard.of(test, NONE).get(0);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            weakness         | A little weak: weakness.grade=mild ; Clearly weak: weakness.grade=marked
            apprehension     | Apprehension: apprehension=true
            relief           | It eases: relief=true ; Does not ease: relief=false ; Gets worse: relief=false relief.worse=true
            click            | Click with pain: click.present=true click.painful=true ; Painless click: click.present=true click.painful=false
            clunk            | Clunk: clunk=true
            crepitus         | Grating: crepitus=true
            laxity           | Loose: laxity.sideDifference=true ; No firm end point: laxity.endPoint=none ; Firm end point: laxity.endPoint=firm
            drops            | Drops: drops=true
            cannotHold       | Cannot hold: cannotHold=true
            holdsPosition    | Gives way: holdsPosition=false
            tender           | Tender: tender=true
            sensationReduced | Feels less: sensationReduced=true
            visible          | Sign seen: visible=true
            """)
    void eachReadingHasItsPads(String reading, String pads) {
        List<String> shown =
                shown(only(test("elbow", List.of(reading), criterion("", "it", positive(ReadingLeaf.RELIEF)))));
        assertThat(shown.subList(1, shown.size() - 1)).containsExactly(pads.split(" ; "));
        assertThat(shown.get(0)).startsWith("Nothing found: ");
        assertThat(shown).last().isEqualTo("Guarded (could not relax): mark.guarded=true");
    }

    @Test
    void nothingFoundSaysOfEveryReadingThatItIsNotThere() {
        Criterion drop = criterion("", "it", positive(ReadingLeaf.DROPS));
        assertThat(shown(only(test(
                                "wrist",
                                List.of(
                                        "pain",
                                        "weakness",
                                        "holdsPosition",
                                        "laxity",
                                        "tingling",
                                        "cheat",
                                        "lagDegrees"),
                                drop)))
                        .get(0))
                .isEqualTo(
                        "Nothing found: pain.present=false pain.familiar=false weakness.grade=none"
                                + " laxity.sideDifference=false laxity.endPoint=firm holdsPosition=true tingling.present=false");
        // A gap that is only measured has no value before it is; one that is seen is not there.
        assertThat(shown(only(test("shoulder", List.of("gapMm"), drop))))
                .containsExactly("Guarded (could not relax): mark.guarded=true");
        assertThat(shown(only(test("shoulder", List.of("visible", "gapMm"), drop)))
                        .get(0))
                .isEqualTo("Nothing found: visible=false");
    }

    private static ClinicalTest with(ClinicalTest test, Particulars particulars) {
        return new ClinicalTest(
                test.id(),
                test.name(),
                test.aliases(),
                test.region(),
                test.kind(),
                test.family(),
                test.structures(),
                test.position(),
                test.otherPositions(),
                test.minutes(),
                test.provocation(),
                test.holdSeconds(),
                test.equipment(),
                test.bothSides(),
                test.steps(),
                test.readings(),
                test.criteria(),
                test.unreliableIf(),
                test.watchFor(),
                test.contraindications(),
                test.after(),
                test.variants(),
                particulars);
    }

    private static Particulars particulars(List<Choice> sites, List<Choice> cheats, Map<ReadingLeaf, Words> words) {
        return new Particulars(
                Optional.empty(),
                false,
                10,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                sites,
                cheats,
                List.of(),
                words,
                Set.of());
    }

    /** Sites are offered in the test's own order and words; one without a list offers what its criteria ask for, or none. */
    @Test
    void placesOfPainAreOfferedInTheTestsOwnWords() {
        Rule familiar = positive(ReadingLeaf.PAIN_FAMILIAR);
        String theirs = "Their pain (the familiar one): pain.present=true pain.familiar=true";
        String another = "Another pain (not familiar): pain.present=true pain.familiar=false";
        List<String> plain = shown(only(test("shoulder", List.of("pain"), criterion("", "it", familiar))));
        assertThat(plain.subList(1, plain.size() - 1)).containsExactly(theirs, another);
        Criterion asks =
                criterion("", "it", new AllOf(List.of(familiar, in(ReadingLeaf.PAIN_SITE, "ac-joint", "snuffbox"))));
        ClinicalTest bare = test("wrist", List.of("pain"), asks);
        assertThat(only(bare).pads())
                .extracting(Pad::id)
                .containsExactly("nothing", "their-pain", "another-pain", "site-ac-joint", "site-snuffbox", "guarded");
        ClinicalTest own = with(
                bare,
                particulars(
                        List.of(new Choice("snuffbox", "in the snuffbox"), new Choice("ac-joint", "on top")),
                        List.of(),
                        Map.of()));
        assertThat(shown(only(own)).subList(3, 5))
                .containsExactly("In the snuffbox: pain.site=[snuffbox]", "On top: pain.site=[ac-joint]");
    }

    @Test
    void waysRoundATestAreItsOwnThenThoseThatACriterionKnows() {
        Criterion asks = criterion("", "it", in(ReadingLeaf.CHEAT, "trunk-leans", "elbow-drops-back"));
        ClinicalTest test = with(
                test("neck", List.of("tingling", "cheat"), asks),
                particulars(List.of(), List.of(new Choice("trunk-leans", "Trunk leans")), Map.of()));
        assertThat(shown(only(test)).subList(1, 5))
                .containsExactly(
                        "Their tingling (the familiar one): tingling.present=true tingling.familiar=true",
                        "Another tingling (not familiar): tingling.present=true tingling.familiar=false",
                        "Trunk leans: cheat=[trunk-leans]",
                        "The elbow dropped back: cheat=[elbow-drops-back]");
    }

    /** A sign that two sides of a question have words for is called by them, also where it is not there. */
    @Test
    void aSignGoesByTheWordsOfItsTest() {
        ClinicalTest test = with(
                test("neck", List.of("relief"), criterion("", "it", positive(ReadingLeaf.RELIEF))),
                particulars(List.of(), List.of(), Map.of(ReadingLeaf.RELIEF, new Words("Eases so", "Stays so"))));
        assertThat(shown(only(test)).subList(1, 3)).containsExactly("Eases so: relief=true", "Stays so: relief=false");
    }

    /** In the hand the fingers are tapped, several at once, and no range stands without its movement. */
    @Test
    void theShippedTestsNameTheirFingersAndTheirMovements() {
        ClinicalTest phalen = Shipped.CATALOGUE.test("phalen").orElseThrow();
        assertThat(PadBoard.of(phalen, Shipped.CATALOGUE).get(0).pads())
                .filteredOn(p -> p.group() == Pad.Group.FINGER)
                .extracting(Pad::label)
                .startsWith("Thumb", "Index finger", "Middle finger", "Ring finger, thumb side");
        for (ClinicalTest test : Shipped.CATALOGUE.tests()) {
            for (PadBoard board : PadBoard.of(test, Shipped.CATALOGUE)) {
                assertThat(board.dials())
                        .extracting(Dial::label)
                        .as(test.id())
                        .doesNotContain("Active range", "Passive range");
            }
        }
    }

    @Test
    void everyPlaceHasABoardOfItsOwnWithItsSignAndItsDials() {
        List<PadBoard> boards = PadBoard.of(
                test(
                        "hand",
                        List.of("visible", "gapMm", "score"),
                        criterion("index", "bent at the tip", positive(ReadingLeaf.VISIBLE)),
                        criterion("thumb", "wide", new Comparison(ReadingLeaf.GAP_MM, new Operator.AtLeast(5)))),
                NONE);
        assertThat(boards).extracting(PadBoard::at).containsExactly("index", "thumb");
        assertThat(boards).extracting(PadBoard::label).containsExactly("bent at the tip", "wide");
        assertThat(boards.get(0).pads().get(1).label()).isEqualTo("bent at the tip");
        assertThat(boards.get(1).pads().get(1).label()).isEqualTo("Sign seen");
        assertThat(boards.get(0).dials()).extracting(Dial::decides).containsExactly(false, false);
        // What a criterion reads comes first.
        assertThat(boards.get(1).dials())
                .containsExactly(
                        new Dial(ReadingLeaf.GAP_MM, "Gap", 5, List.of(20.0, 10.0, 30.0, 0.0), true),
                        new Dial(ReadingLeaf.SCORE, "Score", 1, List.of(), false));
    }

    @Test
    void aTestWithoutPlacesHasOneBoardWithoutAName() {
        PadBoard board = only(test("hand", List.of("forceN"), criterion("", "weak", positive(ReadingLeaf.RELIEF))));
        assertThat(board.at()).isEmpty();
        assertThat(board.label()).isEmpty();
        assertThat(board.dials()).extracting(Dial::leaf).containsExactly(ReadingLeaf.FORCE_N);
    }
}
