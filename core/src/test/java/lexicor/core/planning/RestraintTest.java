package lexicor.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.evidence.HighBias;
import lexicor.core.examination.Findings;
import lexicor.core.examination.Readings;
import lexicor.core.examination.Side;
import lexicor.core.examination.Tap;
import lexicor.core.examination.TapReader;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.Weighing;
import lexicor.core.weighing.input.BedsideCase;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.WeighingSettings;
import org.junit.jupiter.api.Test;

class RestraintTest {
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(Shipped.CATALOGUE, HighBias.CORRECTED);

    @Test
    void aClusterThatIsDecidedLeavesItsRemainingMembers() {
        List<Tap> taps = new ArrayList<>();
        List<String> candidates = List.of("subacromial-pain");
        assertThat(left(taps, candidates, Restraint.Kind.DECIDED)).isEmpty();
        taps.add(tap("neer", Map.of("pain.familiar", true, "pain.present", true)));
        taps.add(tap("hawkins-kennedy", Map.of("pain.familiar", true, "pain.present", true)));
        assertThat(left(taps, candidates, Restraint.Kind.DECIDED)).isEmpty();
        taps.add(tap("external-rotation-resisted", Map.of("pain.familiar", true, "weakness.grade", "marked")));
        // The arc is also a member of the cluster that counts three, and that one is still open.
        assertThat(left(taps, candidates, Restraint.Kind.DECIDED))
                .extracting(Restraint.Left::test)
                .containsExactly("empty-can");
        assertThat(left(taps, candidates, Restraint.Kind.DECIDED).get(0).words())
                .isEqualTo("Subacromial pain, three of five: decided, 3 of 5 positive. The rest adds little.");
    }

    @Test
    void whatHurtsAndTellsNothingIsSaid() {
        List<String> candidates = List.of("anterior-instability");
        List<Restraint.Left> left = left(List.of(), candidates, Restraint.Kind.FOR_NOTHING);
        assertThat(left)
                .extracting(Restraint.Left::test)
                .contains("cmc-grind")
                .doesNotContain("apprehension", "sulcus");
        assertThat(left).allSatisfy(l -> {
            assertThat(Shipped.CATALOGUE.test(l.test()).orElseThrow().provocation())
                    .isGreaterThanOrEqualTo(2);
            double gain = weighed(List.of(), candidates).nextTests().stream()
                    .filter(n ->
                            Shipped.CATALOGUE.testOf(n.id()).orElseThrow().id().equals(l.test()))
                    .mapToDouble(NextTest::gain)
                    .sum();
            assertThat(gain).isLessThan(Restraint.LITTLE_BITS);
        });
    }

    private static List<Restraint.Left> left(List<Tap> taps, List<String> candidates, Restraint.Kind kind) {
        return Restraint.of(Shipped.CATALOGUE, findings(taps), weighed(taps, candidates)).stream()
                .filter(l -> l.kind() == kind)
                .toList();
    }

    private static WeighedCase weighed(List<Tap> taps, List<String> candidates) {
        List<Candidate> conditions = candidates.stream()
                .map(c -> new Candidate(c, 0.3, Candidate.ASSUMED_LOGIT_SD, 0.05, 0.8, 1))
                .toList();
        BedsideCase bedside = new BedsideCase(conditions, findings(taps), Set.of("shoulder"), Set.of());
        return Weighing.weigh(bedside.against(Shipped.CATALOGUE, EVIDENCE, WeighingSettings.DEFAULT));
    }

    private static Findings findings(List<Tap> taps) {
        return Findings.of(Shipped.CATALOGUE, Readings.of(taps), Side.RIGHT, Optional.empty(), Map.of());
    }

    private static Tap tap(String test, Map<String, Object> changes) {
        return TapReader.read(Shipped.CATALOGUE, test, "", "right", changes);
    }
}
