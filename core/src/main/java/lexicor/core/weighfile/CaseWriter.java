package lexicor.core.weighfile;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import lexicor.core.catalogue.Catalogue;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.Cluster;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.catalogue.published.FindingRule;
import lexicor.core.evidence.Evidence;
import lexicor.core.evidence.EvidenceBase;
import lexicor.core.weighing.School;
import lexicor.core.weighing.input.Candidate;
import lexicor.core.weighing.input.CaseToWeigh;
import lexicor.core.weighing.input.OfferedTest;
import lexicor.core.weighing.input.RecordedCluster;
import lexicor.core.weighing.input.RecordedFinding;
import lexicor.core.weighing.input.WeighingSettings;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes a case in the form that {@link CaseReader} reads, with the studies behind every figure. */
final class CaseWriter {
    /** Half a 95 % interval in standard deviations, as the reader takes it. */
    private static final double NINETY_FIVE = 1.96;

    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private final CaseToWeigh given;
    private final School school;
    private final Catalogue catalogue;
    private final EvidenceBase evidence;

    CaseWriter(CaseToWeigh given, School school, Catalogue catalogue, EvidenceBase evidence) {
        this.given = given;
        this.school = school;
        this.catalogue = catalogue;
        this.evidence = evidence;
    }

    ObjectNode write() {
        ObjectNode root = JSON.objectNode();
        WeighingSettings settings = given.settings();
        root.putObject("weighing")
                .put("school", school.id())
                .put("familyOverlap", settings.familyOverlap())
                .put("generalOverlap", settings.generalOverlap())
                .put("crossActivation", settings.crossActivation())
                .put("clusterShare", settings.clusterShare())
                .put("highBias", settings.highBias().id())
                .put("judged", settings.judgements().id())
                .put("seed", settings.seed())
                .put("draws", settings.draws());
        ArrayNode conditions = root.putArray("conditions");
        given.conditions().forEach(c -> conditions.add(condition(c)));
        if (!given.kin().isEmpty()) {
            ArrayNode kin = root.putArray("kin");
            given.kin().forEach(k -> kin.addArray().add(k.whole()).add(k.part()));
        }
        ArrayNode findings = root.putArray("findings");
        given.findings().forEach(f -> findings.add(finding(f)));
        ArrayNode clusters = root.putArray("clusters");
        given.clusters().forEach(c -> clusters.add(cluster(c)));
        ArrayNode candidates = root.putArray("candidates");
        given.candidates().forEach(t -> candidates.add(candidate(t)));
        return root;
    }

    private ObjectNode condition(Candidate c) {
        ObjectNode node = JSON.objectNode()
                .put("id", c.id())
                .put("pretest", c.pretest())
                .put("pretestLogitSd", c.pretestLogitSd())
                .put("ruleOutBelow", c.ruleOutBelow())
                .put("actAbove", c.actAbove())
                .put("weight", c.weight());
        if (c.mustNotMiss()) {
            node.put("mustNotMiss", true);
        }
        List<String> settleFirst = c.settleFirst().stream()
                .filter(id -> given.conditions().stream().anyMatch(o -> o.id().equals(id)))
                .toList();
        if (!settleFirst.isEmpty()) {
            settleFirst.forEach(node.putArray("settleFirst")::add);
        }
        return node;
    }

    private ObjectNode finding(RecordedFinding f) {
        ObjectNode node = JSON.objectNode()
                .put("id", f.id())
                .put("test", f.test())
                .put("family", f.family())
                .put("result", f.result().id());
        node.set("accuracy", accuracy(f.id(), f.evidence()));
        putProvokes(node, f.provokes());
        putReads(node, f.reads());
        if (f.assumed()) {
            node.put("assumed", true);
        }
        return node;
    }

    private ObjectNode candidate(OfferedTest t) {
        ObjectNode node = JSON.objectNode()
                .put("id", t.id())
                .put("test", t.test())
                .put("family", t.family())
                .put("minutes", t.minutes());
        if (t.contraindicated()) {
            node.put("contraindicated", true);
        }
        node.set("accuracy", accuracy(t.id(), t.evidence()));
        putProvokes(node, t.provokes());
        putReads(node, t.reads());
        return node;
    }

    private static void putReads(ObjectNode node, Set<String> reads) {
        if (!reads.isEmpty()) {
            reads.stream().sorted().forEach(node.putArray("reads")::add);
        }
    }

    /** Those that are among the case's conditions; others would be refused on reading. */
    private void putProvokes(ObjectNode node, Set<String> provokes) {
        List<String> known = given.conditions().stream()
                .map(Candidate::id)
                .filter(provokes::contains)
                .toList();
        if (!known.isEmpty()) {
            ArrayNode list = node.putArray("provokes");
            known.forEach(list::add);
        }
    }

    /** The rows for the case's conditions; those for others would be refused on reading. */
    private ArrayNode accuracy(String criterion, Map<String, Evidence> known) {
        ArrayNode rows = JSON.arrayNode();
        given.conditions().stream()
                .map(Candidate::id)
                .filter(known::containsKey)
                .forEach(condition -> {
                    for (AccuracyRow row : evidence.used(criterion, condition)) {
                        ObjectNode node = JSON.objectNode().put("condition", condition);
                        figures(node, row.figures());
                        if (row.isAtHighRisk()) {
                            node.put("bias", AccuracyRow.HIGH);
                        }
                        rows.add(node);
                    }
                    catalogue.judged(criterion, condition).ifPresent(j -> rows.addObject()
                            .put("condition", condition)
                            .putObject("judged")
                            .put("with", j.with().words())
                            .put("without", j.without().words()));
                });
        return rows;
    }

    private static void row(ArrayNode rows, Figures figures, boolean highRiskOfBias) {
        ObjectNode row = rows.addObject();
        figures(row, figures);
        if (highRiskOfBias) {
            row.put("bias", AccuracyRow.HIGH);
        }
    }

    private ObjectNode cluster(RecordedCluster c) {
        ObjectNode node = JSON.objectNode().put("id", c.id()).put("condition", c.condition());
        if (c.rulesInOnly()) {
            node.put("speaks", "positive");
        }
        rule(node, c);
        if (c.rule().isThreshold()) {
            ArrayNode rows = node.putArray("accuracy");
            Cluster cluster = catalogue.cluster(c.id()).orElseThrow();
            cluster.accuracy().forEach(f -> row(rows, f, cluster.isAtHighRisk()));
            cluster.ownCases().ifPresent(own -> row(rows, own.figures(), own.highRiskOfBias()));
        } else if (c.rule() instanceof ClusterRule.Strata strata) {
            ArrayNode rows = node.putArray("strata");
            for (int count = 0; count < strata.byCount().size(); count++) {
                ClusterRule.Stratum stratum = strata.byCount().get(count);
                ObjectNode row = rows.addObject().put("positives", count).put("lr", stratum.lr());
                if (stratum.logSd() != ClusterRule.Stratum.DEFAULT_LOG_SD) {
                    row.put("low", stratum.lr() * Math.exp(-NINETY_FIVE * stratum.logSd()));
                    row.put("high", stratum.lr() * Math.exp(NINETY_FIVE * stratum.logSd()));
                }
            }
        }
        return node;
    }

    /** Members and how they are read, as {@link lexicor.core.catalogue.packs.ClusterReading} takes them. */
    private static void rule(ObjectNode node, RecordedCluster c) {
        if (c.rule() instanceof ClusterRule.Nested nested) {
            node.set("rule", rule(nested.rule()));
            return;
        }
        if (c.rule() instanceof ClusterRule.Points points) {
            ArrayNode items = node.putArray("items");
            points.items().forEach(i -> {
                ObjectNode item = items.addObject().put("label", i.label()).put("points", i.points());
                item.putArray("any").add(rule(i.rule()));
            });
            node.put("atLeast", points.line());
            return;
        }
        c.members().forEach(node.putArray("members")::add);
        if (c.rule() instanceof ClusterRule.AtLeast rule) {
            node.put("atLeast", rule.positives());
        }
    }

    private static JsonNode rule(FindingRule rule) {
        if (rule instanceof FindingRule.Leaf leaf) {
            return JSON.stringNode(leaf.finding());
        }
        ObjectNode node = JSON.objectNode();
        if (rule instanceof FindingRule.Not not) {
            node.set("not", rule(not.rule()));
            return node;
        }
        String field = rule instanceof FindingRule.AllOf ? "all" : rule instanceof FindingRule.AnyOf ? "any" : "of";
        ArrayNode parts = node.putArray(field);
        rule.parts().forEach(p -> parts.add(rule(p)));
        if (rule instanceof FindingRule.AtLeast count) {
            node.put("atLeast", count.count());
        }
        return node;
    }

    private static void figures(ObjectNode node, Figures f) {
        node.put("sensitivity", f.sensitivity());
        put(node, "specificity", f.specificity());
        put(node, "diseased", f.diseased());
        put(node, "healthy", f.healthy());
        put(node, "people", f.people());
    }

    private static void put(ObjectNode node, String field, OptionalDouble value) {
        value.ifPresent(v -> node.put(field, v));
    }
}
