package lexicor.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.packs.PackEntries;
import lexicor.core.catalogue.packs.PackEntry;
import lexicor.core.catalogue.packs.PackFiles;
import lexicor.core.catalogue.packs.Packs;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.document.InvalidDocumentException;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

/** What a department counted for a published rule weighs as one more study of it (method M13). */
class OwnCasesOfAClusterTest {
    private static final String RULE = "subacromial-five";
    private static final String CONDITION = "subacromial-pain";

    private static Catalogue with(String rule) {
        PackEntries entries = PackEntries.of(PackFiles.under(Shipped.PACKS));
        ObjectNode fields =
                entries.find(PackEntry.Kind.CLUSTER, rule).orElseThrow().fields();
        fields.putObject("ownCases")
                .put("sensitivity", 0.5)
                .put("specificity", 0.9)
                .put("diseased", 40)
                .put("healthy", 60)
                .put("highRiskOfBias", true);
        entries.put(new PackEntry(PackEntry.Kind.CLUSTER, rule, fields));
        return Packs.read(entries.files());
    }

    private static double sensitivity(Catalogue catalogue, HighBias way) {
        return EvidenceBase.of(catalogue, way).ofCluster(RULE).orElseThrow() instanceof Evidence.Weighable w
                ? w.accuracy().sensitivity()
                : Double.NaN;
    }

    @Test
    void itIsPooledWithWhatWasPublishedAndTakenLikeAnyStudyAtHighRisk() {
        Catalogue own = with(RULE);
        double published = sensitivity(Shipped.CATALOGUE, HighBias.AS_PRINTED);
        assertThat(sensitivity(own, HighBias.AS_PRINTED)).isBetween(0.5, published);
        assertThat(sensitivity(own, HighBias.LEFT_OUT)).isCloseTo(published, within(1e-12));
        EvidenceBase evidence = EvidenceBase.of(own, HighBias.AS_PRINTED);
        assertThat(evidence.without(r -> false, RULE, CONDITION).orElseThrow().sensitivity())
                .as("beside the own cases stands what was published")
                .isCloseTo(published, within(1e-12));
        assertThat(evidence.behindCluster(RULE)).hasSize(2);
        assertThat(own.cluster(RULE).orElseThrow().citation().caution()).contains("40 with the condition, 60 without");
    }

    @Test
    void aNewCountIsToBeCheckedAnew() {
        assertThat(with(RULE).cluster(RULE).orElseThrow().fingerprint())
                .isNotEqualTo(Shipped.CATALOGUE.cluster(RULE).orElseThrow().fingerprint());
    }

    @Test
    void aRuleReadInStrataTakesNone() {
        assertThatThrownBy(() -> with("full-tear-three"))
                .isInstanceOf(InvalidDocumentException.class)
                .hasMessageContaining("ownCases");
    }
}
