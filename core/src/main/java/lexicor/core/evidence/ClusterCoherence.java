package lexicor.core.evidence;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.catalogue.published.Figures;

/**
 * What cannot be in a published rule (method M5): an either-of rule cannot be more specific than one of its members, nor an
 * all-of rule more sensitive, each pooled over the same criterion and condition.
 */
public final class ClusterCoherence {
    private ClusterCoherence() {}

    /** What cannot be, each as a sentence; empty where the rule is coherent or its members have no figures. */
    public static List<String> warnings(Cluster cluster, Catalogue catalogue, EvidenceBase evidence) {
        List<String> warnings = new ArrayList<>();
        if (cluster.rule() instanceof ClusterRule.AtLeast rule
                && !cluster.accuracy().isEmpty()) {
            Figures own = cluster.accuracy().get(0);
            if (rule.positives() == 1 && own.specificity().isPresent()) {
                warn(
                        cluster,
                        catalogue,
                        evidence,
                        own.specificity().getAsDouble(),
                        a -> a.shown().specificity(),
                        "Any one of these makes the rule positive, so it cannot have a higher specificity than",
                        warnings);
            }
            if (rule.positives() == cluster.members().size()) {
                warn(
                        cluster,
                        catalogue,
                        evidence,
                        own.sensitivity(),
                        a -> a.shown().sensitivity(),
                        "All of these have to be positive, so the rule cannot have a higher sensitivity than",
                        warnings);
            }
        }
        return List.copyOf(warnings);
    }

    private static void warn(
            Cluster cluster,
            Catalogue catalogue,
            EvidenceBase evidence,
            double rule,
            ToDoubleFunction<Accuracy> margin,
            String why,
            List<String> warnings) {
        for (String member : cluster.members()) {
            evidence.accuracy(member, cluster.condition())
                    .map(margin::applyAsDouble)
                    .filter(alone -> alone < rule)
                    .ifPresent(alone -> warnings.add(String.format(
                            Locale.ROOT,
                            "%s %s alone (%.0f %% against %.0f %%).",
                            why,
                            catalogue.findingName(member),
                            100 * rule,
                            100 * alone)));
        }
    }
}
