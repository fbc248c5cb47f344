package lexicor.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.Ladder;
import lexicor.core.catalogue.Ladder.Rung;
import lexicor.core.catalogue.Ladder.Step;
import lexicor.core.catalogue.MadeUp;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.Rule;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.planning.Proposal.Suspect;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Every reason to propose a test, by itself, on a catalogue made for it. */
class ProposalTest {
    private static final Suspect SUSPECT = new Suspect("ours", 0.2);

    private final Content content = new Content();

    private void test(String id, String region, String kind, String... after) {
        content.tests.add(MadeUp.test(
                id,
                region,
                kind,
                "sitting",
                0,
                List.of("drops"),
                List.of(MadeUp.criterion(
                        id + "/it", id, "", new Rule.Comparison(ReadingLeaf.DROPS, new Rule.Operator.Is(true)))),
                List.of(after)));
    }

    private void figures(String test, String condition, double sensitivity, double specificity) {
        content.accuracy.add(new AccuracyRow(
                test + "/it",
                condition,
                AccuracyRow.Kind.STUDY,
                new Figures(
                        sensitivity, OptionalDouble.of(specificity), OptionalDouble.of(100), OptionalDouble.of(100)),
                "Somebody",
                2001,
                "surgery",
                "",
                "low",
                "high",
                ""));
    }

    private Set<String> proposed(Suspect... suspects) {
        Catalogue catalogue = new Catalogue(content);
        return Proposal.tests(
                catalogue,
                EvidenceBase.of(catalogue, HighBias.AS_PRINTED),
                Set.of("wrist"),
                List.of(),
                List.of(suspects));
    }

    @BeforeEach
    void lookingAndMoving() {
        test("look", "wrist", "inspection");
        test("move", "wrist", "movement");
        test("look-elsewhere", "neck", "inspection");
    }

    @Test
    void lookingAndMovingOfTheRegionAlwaysAndNothingElse() {
        test("feel", "wrist", "palpation");
        test("squeeze", "wrist", "special");
        assertThat(proposed()).containsExactlyInAnyOrder("look", "move");
        assertThat(proposed(SUSPECT)).containsExactlyInAnyOrder("look", "move");
    }

    @Test
    void theFourThatWouldTellMostOfTheSuspectInTheRegion() {
        for (int n = 1; n <= 6; n++) {
            test("t" + n, "wrist", "special");
            figures("t" + n, "ours", 0.5 + 0.05 * n, 0.8);
        }
        test("best-elsewhere", "neck", "special");
        figures("best-elsewhere", "ours", 0.99, 0.99);
        test("of-another", "wrist", "special");
        figures("of-another", "theirs", 0.99, 0.99);
        test("of-nothing", "wrist", "special");
        figures("of-nothing", "ours", 0.5, 0.5);
        assertThat(proposed(SUSPECT)).containsExactlyInAnyOrder("look", "move", "t3", "t4", "t5", "t6");
    }

    @Test
    void whatTellsNothingIsNotAmongTheBestOfFew() {
        test("of-nothing", "wrist", "special");
        figures("of-nothing", "ours", 0.5, 0.5);
        test("of-something", "wrist", "special");
        figures("of-something", "ours", 0.5, 0.8);
        assertThat(proposed(SUSPECT)).containsExactlyInAnyOrder("look", "move", "of-something");
    }

    @Test
    void everyMemberOfACandidatesCluster() {
        test("a", "wrist", "special");
        test("b", "neck", "special");
        content.clusters.add(new Cluster(
                "c",
                "c",
                "ours",
                List.of("a/it", "b/it"),
                new ClusterRule.AtLeast(2),
                List.of(),
                "low",
                false,
                new Cluster.Citation("Somebody", "high", false, false, ""),
                Optional.empty()));
        assertThat(proposed(SUSPECT)).containsExactlyInAnyOrder("look", "move", "a", "b");
        assertThat(proposed(new Suspect("theirs", 0.2))).containsExactlyInAnyOrder("look", "move");
    }

    @Test
    void whatIsUsuallyDoneForACandidateInTheRegion() {
        test("usual", "wrist", "special");
        content.examines.put("f", List.of("ours"));
        assertThat(proposed(SUSPECT)).contains("usual");
        assertThat(proposed(new Suspect("theirs", 0.2))).doesNotContain("usual");
    }

    @Test
    void theRungsOfALadderThatPointAtACandidate() {
        test("points", "wrist", "special");
        test("points-away", "wrist", "special");
        test("goes-on", "wrist", "special");
        content.ladders.add(new Ladder(
                "l",
                "l",
                List.of(),
                "",
                Map.of(),
                Map.of(),
                Map.of(
                        "1", new Rung("goes-on", new Step.To("2"), end("ours")),
                        "2", new Rung("points", end("ours"), new Step.To("3")),
                        "3", new Rung("points-away", end("theirs"), end("ours")))));
        assertThat(proposed(SUSPECT)).containsExactlyInAnyOrder("look", "move", "points");
    }

    private static Step end(String suspect) {
        return new Step.End(List.of(suspect), "");
    }

    @Test
    void whateverHasToComeBeforeThemHoweverFarBack() {
        test("first", "wrist", "special");
        test("second", "wrist", "special", "first");
        test("third", "wrist", "special", "second");
        figures("third", "ours", 0.9, 0.9);
        assertThat(proposed(SUSPECT)).containsExactlyInAnyOrder("look", "move", "third", "second", "first");
    }
}
