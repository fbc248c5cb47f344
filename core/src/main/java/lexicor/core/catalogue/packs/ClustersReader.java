package lexicor.core.catalogue.packs;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.CountHabit;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.Cluster.OwnCases;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.document.Entry;
import lexicor.core.document.Problems;

/** Reads the clusters file: published clusters, and counts practised without published accuracy. */
final class ClustersReader {
    private ClustersReader() {}

    static void read(Entry file, Content content, Problems problems) {
        file.children("clusters").forEach(e -> problems.collect(() -> content.clusters.add(cluster(e))));
        file.children("counts").forEach(e -> problems.collect(() -> content.counts.add(count(e))));
        problems.collect(file::done);
    }

    private static Cluster cluster(Entry listed) {
        String id = listed.text("id");
        Entry entry = listed.named("clusters." + id);
        entry.has("id");
        ClusterReading reading = ClusterReading.of(entry);
        List<Figures> accuracy = entry.has("accuracy") ? List.of(figures(entry.child("accuracy"))) : List.of();
        Optional<OwnCases> ownCases =
                entry.has("ownCases") ? Optional.of(ownCases(entry.child("ownCases"))) : Optional.empty();
        if (ownCases.isPresent() && accuracy.isEmpty()) {
            throw entry.problem("ownCases", "expected a rule with accuracy of its own beside it");
        }
        Cluster cluster = new Cluster(
                id,
                entry.text("name"),
                entry.text("condition"),
                reading.members(),
                reading.rule(),
                accuracy,
                entry.optionalText("bias").map(b -> bias(entry, b)).orElse(AccuracyRow.UNCLEAR),
                entry.oneOf("speaks", Map.of("positive", true, "both", false), false),
                new Cluster.Citation(
                        entry.text("source"),
                        entry.text("confidence"),
                        entry.flag("derived", false),
                        entry.flag("designed", false),
                        caution(entry.optionalText("caution").orElse(""), ownCases)),
                ownCases);
        entry.done();
        return cluster;
    }

    private static String bias(Entry entry, String bias) {
        if (!AccuracyRow.BIASES.contains(bias)) {
            throw entry.problem("bias", "expected low, unclear or high, found " + bias);
        }
        return bias;
    }

    private static CountHabit count(Entry listed) {
        String id = listed.text("id");
        Entry entry = listed.named("counts." + id);
        entry.has("id");
        List<String> members = entry.texts("members");
        CountHabit count = new CountHabit(
                id,
                entry.text("name"),
                entry.text("condition"),
                members,
                entry.wholeNumber("atLeast", 1, members.size()),
                entry.text("note"));
        entry.done();
        return count;
    }

    private static String caution(String printed, Optional<OwnCases> ownCases) {
        return ownCases.map(own -> String.format(
                                Locale.ROOT,
                                "%s The department's own cases weigh as one more study (%.0f with the condition, %.0f without).",
                                printed,
                                own.figures().diseased().orElse(0),
                                own.figures().healthy().orElse(0))
                        .strip())
                .orElse(printed);
    }

    private static OwnCases ownCases(Entry entry) {
        boolean highRisk = entry.flag("highRiskOfBias", false);
        return new OwnCases(figures(entry), highRisk);
    }

    private static Figures figures(Entry entry) {
        Figures figures = new Figures(
                entry.number("sensitivity", 0, 1),
                entry.optionalNumber("specificity", 0, 1),
                entry.optionalNumber("diseased", 1, 1e7),
                entry.optionalNumber("healthy", 1, 1e7),
                entry.optionalNumber("people", 1, 1e7));
        entry.done();
        return figures;
    }
}
