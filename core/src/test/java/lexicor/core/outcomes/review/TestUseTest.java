package lexicor.core.outcomes.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.outcomes.Followed;
import lexicor.core.outcomes.followed.FollowedCase;
import lexicor.core.outcomes.followed.Read;
import org.junit.jupiter.api.Test;

class TestUseTest {
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(Shipped.CATALOGUE, HighBias.CORRECTED);
    private static final String PAIN = "subacromial-pain";

    private static List<TestUse> of(List<FollowedCase> cases) {
        return TestUse.of(cases, Shipped.CATALOGUE, EVIDENCE);
    }

    private static FollowedCase with(long patient, String candidate, Read... reads) {
        return Followed.with(patient, Set.of(candidate), List.of(reads), List.of(), List.of());
    }

    /** A negative Neer sign speaks for subacromial pain, and has no figure for a fracture. */
    @Test
    void aTestTellsWhereAFigureOfItMovesACandidate() {
        double negative =
                Math.exp(EVIDENCE.accuracy("neer/pain", PAIN).orElseThrow().logNegativeRatio());
        assertThat(negative).isLessThan(1 / TestUse.LEAST);
        assertThat(of(List.of(
                        with(1, PAIN, Followed.read("neer/pain", false)),
                        with(2, "scaphoid-fracture", Followed.read("neer/pain", false)))))
                .containsExactly(new TestUse("neer", 2, 1));
    }

    @Test
    void itIsOftenSilentFromTenCasesOnAndNineOfTen() {
        List<FollowedCase> cases = new ArrayList<>();
        for (int i = 0; i < TestUse.OFTEN - 1; i++) {
            cases.add(with(i, "scaphoid-fracture", Followed.read("neer/pain", true)));
        }
        assertThat(of(cases).get(0).isOftenSilent()).isFalse();
        cases.add(with(9, PAIN, Followed.read("neer/pain", false)));
        assertThat(of(cases)).containsExactly(new TestUse("neer", 10, 9));
        assertThat(of(cases).get(0).isOftenSilent()).isTrue();
        cases.set(0, with(0, PAIN, Followed.read("neer/pain", false)));
        assertThat(of(cases).get(0).isOftenSilent()).isFalse();
    }

    @Test
    void severalCriteriaOfATestAreOneAndAClusterIsNone() {
        FollowedCase one = with(
                1,
                PAIN,
                Followed.read("neer/pain", true),
                Followed.read("empty-can/pain", true),
                Followed.read("empty-can/weakness", true),
                Followed.read("subacromial-five", true));
        assertThat(of(List.of(one))).extracting(TestUse::test).containsExactlyInAnyOrder("neer", "empty-can");
    }
}
