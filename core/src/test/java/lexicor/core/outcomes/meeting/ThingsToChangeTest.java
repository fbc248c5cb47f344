package lexicor.core.outcomes.meeting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.Setting;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.outcomes.Followed;
import lexicor.core.outcomes.accuracy.OwnTable;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Reference;
import lexicor.core.outcomes.followed.Slice;
import lexicor.core.outcomes.foresight.Foresight;
import lexicor.core.outcomes.rates.OwnRates;
import org.junit.jupiter.api.Test;

class ThingsToChangeTest {
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(Shipped.CATALOGUE, HighBias.CORRECTED);
    private static final Foresight NOTHING = Foresight.of(List.of(), Slice.ALL);
    private static final String PAIN = "subacromial-pain";

    private static List<Thing> things(
            List<OwnTable> tables, List<OwnRates.Counted> rates, Foresight foresight, int late) {
        return ThingsToChange.of(Shipped.CATALOGUE, EVIDENCE, tables, rates, foresight, late);
    }

    private static OwnTable neer(int tp, int fn, int fp, int tn, int positiveOnly, int negativeOnly) {
        return new OwnTable("neer/pain", PAIN, tp, fn, fp, tn, positiveOnly, negativeOnly);
    }

    @Test
    void nothingIsSaidThatChanceExplainsOrOfTooFew() {
        assertThat(things(List.of(neer(3, 6, 30, 30, 0, 0)), List.of(), NOTHING, 4))
                .isEmpty();
        // As published, about: sensitivity 0.72, specificity 0.6.
        double sn = EVIDENCE.accuracy("neer/pain", PAIN).orElseThrow().shown().sensitivity();
        double sp = EVIDENCE.accuracy("neer/pain", PAIN).orElseThrow().shown().specificity();
        int tp = (int) Math.round(40 * sn);
        int tn = (int) Math.round(40 * sp);
        assertThat(things(List.of(neer(tp, 40 - tp, 40 - tn, tn, 0, 0)), List.of(), NOTHING, 0))
                .isEmpty();
    }

    @Test
    void everyThingIsOfAnotherKindAndThereAreThreeAtMost() {
        List<FollowedCase> cases = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            cases.add(Followed.with(
                    i,
                    Set.of(PAIN),
                    List.of(),
                    List.of(Followed.known(PAIN, i % 10 == 0, Reference.MRI)),
                    List.of(Followed.foreseen(PAIN, 0.7, 0.1, Optional.empty()))));
        }
        Foresight foresight = Foresight.of(cases, Slice.ALL);
        List<Thing> things = things(
                List.of(neer(10, 60, 10, 60, 0, 200)),
                List.of(new OwnRates.Counted("shoulder-pain", Setting.COMMUNITY, PAIN, 80, 4, 40)),
                foresight,
                14);
        assertThat(things).hasSize(3);
        assertThat(things).extracting(Thing::kind).doesNotHaveDuplicates();
        assertThat(things).isSortedAccordingTo((a, b) -> Double.compare(b.weight(), a.weight()));
        assertThat(things(List.of(), List.of(), foresight, 0))
                .extracting(Thing::words)
                .anySatisfy(
                        w -> assertThat(w)
                                .startsWith(
                                        "Subacromial (cuff-related) pain was put at 70 % on average and was there in 10 % of 40."))
                .anySatisfy(w -> assertThat(w).startsWith("Another way to weigh"));
    }

    @Test
    void aTestThatTellsNothingIsNamedWhereItIsMeantForTheCondition() {
        List<Thing> things = things(List.of(neer(20, 20, 20, 20, 0, 0)), List.of(), NOTHING, 0);
        assertThat(things).extracting(Thing::kind).contains(Thing.Kind.SAYS_NOTHING);
        OwnTable beside = new OwnTable("neer/pain", "mallet-finger", 20, 20, 20, 20, 0, 0);
        assertThat(things(List.of(beside), List.of(), NOTHING, 0)).isEmpty();
    }

    @Test
    void lateAnswersAndUnseenNegativesAreAskedFor() {
        assertThat(things(List.of(), List.of(), NOTHING, 11)).singleElement().satisfies(t -> assertThat(t.words())
                .startsWith("11 answers have been waited for"));
        assertThat(things(List.of(neer(20, 2, 8, 5, 2, 120)), List.of(), NOTHING, 0))
                .extracting(Thing::kind)
                .contains(Thing.Kind.VERIFY_NEGATIVES);
    }
}
