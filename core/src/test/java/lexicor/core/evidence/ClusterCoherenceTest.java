package lexicor.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lexicor.core.catalogue.packs.Shipped;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.Cluster.Citation;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.catalogue.published.Figures;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What cannot be in a published rule, held against the shipped figures of two tests for one condition (method M5). */
class ClusterCoherenceTest {
    private static final EvidenceBase EVIDENCE = EvidenceBase.of(Shipped.CATALOGUE, HighBias.AS_PRINTED);
    private static final String CONDITION = "subacromial-pain";
    private static final List<String> MEMBERS = List.of("neer/pain", "hawkins-kennedy/pain");

    @ParameterizedTest(name = "{0} of two, sensitivity {1}, specificity {2}")
    @CsvSource({
        "1, 0.90, 0.99, specificity, 2",
        "1, 0.90, 0.01, '', 0",
        "2, 0.99, 0.90, sensitivity, 2",
        "2, 0.01, 0.99, '', 0"
    })
    void aRuleIsNoBetterThanItsMembersWhereItCannotBe(
            int atLeast, double sensitivity, double specificity, String what, int members) {
        List<String> warnings =
                ClusterCoherence.warnings(rule(atLeast, sensitivity, specificity), Shipped.CATALOGUE, EVIDENCE);
        assertThat(warnings).hasSize(members).allMatch(w -> w.contains("higher " + what));
        if (members > 0) {
            assertThat(warnings.get(0)).contains("Neer sign", "99 %");
        }
    }

    /** Counts of positives and rules without figures of their own say nothing that could not be. */
    @Test
    void aRuleWithoutFiguresIsCoherent() {
        Cluster rule = rule(1, 0.9, 0.99);
        Cluster bare = new Cluster(
                rule.id(),
                rule.name(),
                CONDITION,
                MEMBERS,
                rule.rule(),
                List.of(),
                "low",
                false,
                rule.citation(),
                Optional.empty());
        assertThat(ClusterCoherence.warnings(bare, Shipped.CATALOGUE, EVIDENCE)).isEmpty();
    }

    private static Cluster rule(int atLeast, double sensitivity, double specificity) {
        Figures figures =
                new Figures(sensitivity, OptionalDouble.of(specificity), OptionalDouble.of(50), OptionalDouble.of(50));
        return new Cluster(
                "ours",
                "Ours",
                CONDITION,
                MEMBERS,
                new ClusterRule.AtLeast(atLeast),
                List.of(figures),
                "low",
                false,
                new Citation("Harbour audit", "low", false, false, ""),
                Optional.empty());
    }
}
