package lexicor.core.weighfile;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import lexicor.core.evidence.Accuracy;
import lexicor.core.evidence.Covariance;
import lexicor.core.numbers.Interval;
import lexicor.core.weighing.LedgerRow;
import lexicor.core.weighing.NextTest;
import lexicor.core.weighing.School;
import lexicor.core.weighing.WeighedCase;
import lexicor.core.weighing.WeighedCondition;
import lexicor.core.weighing.input.ClusterDesign;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes results in the form that docs/method.md shows. */
final class ResultWriter {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private ResultWriter() {}

    static ObjectNode weighed(WeighedCase result, School school) {
        ObjectNode root = JSON.objectNode();
        ArrayNode conditions = root.putArray("conditions");
        result.conditions().forEach(c -> conditions.add(condition(c, school)));
        ObjectNode schools = root.putObject("schools");
        result.schools().forEach((each, byCondition) -> schools.set(each.id(), probabilities(byCondition)));
        root.put("rankingDependsOnSchool", result.rankingDependsOnSchool());
        ArrayNode next = root.putArray("nextTests");
        result.nextTests().forEach(t -> next.add(nextTest(t)));
        root.put("settled", result.settled());
        return root;
    }

    private static ObjectNode condition(WeighedCondition c, School school) {
        ObjectNode node = JSON.objectNode();
        node.put("id", c.id());
        node.put("rank", c.rank());
        node.put("pretest", c.pretest());
        node.put("lr", c.lr());
        node.put("posttest", c.posttest());
        node.put("low", c.average().low());
        node.put("high", c.average().high());
        node.put("lowNewClinic", c.newClinic().low());
        node.put("highNewClinic", c.newClinic().high());
        node.put("probabilityFirst", c.probabilityFirst());
        node.put("verdict", c.verdict().words());
        node.put("borderline", c.borderline());
        ArrayNode ledger = node.putArray("ledger");
        c.ledger().forEach(row -> ledger.add(ledgerRow(row)));
        if (school.isTogether()) {
            ArrayNode rivals = node.putArray("rivals");
            c.rivals().forEach(r -> rivals.addObject().put("id", r.id()).put("ifAbsent", r.ifAbsent()));
            putOrNull(node, "clusterPull", c.clusterPull());
        }
        if (!c.settle().isEmpty()) {
            c.settle().forEach(node.putArray("settle")::add);
        }
        return node;
    }

    private static ObjectNode ledgerRow(LedgerRow row) {
        ObjectNode node = JSON.objectNode();
        node.put("id", row.id());
        node.put("kind", row.kind().id());
        if (row.result().chars().allMatch(Character::isDigit)) {
            node.put("result", Integer.parseInt(row.result()));
        } else {
            node.put("result", row.result());
        }
        putOrNull(node, "lrAlone", row.lrAlone());
        putOrNull(node, "lrAdded", row.lrAdded());
        node.put("status", row.status().id());
        if (row.judged()) {
            node.put("judged", true);
        }
        return node;
    }

    private static ObjectNode nextTest(NextTest test) {
        ObjectNode node = JSON.objectNode();
        node.put("id", test.id());
        node.put("gain", test.gain());
        test.gainPerMinute().ifPresent(g -> node.put("gainPerMinute", g));
        node.set("ifPositive", probabilities(test.ifPositive()));
        node.set("ifNegative", probabilities(test.ifNegative()));
        return node;
    }

    static ObjectNode pooled(Accuracy a) {
        ObjectNode node = JSON.objectNode();
        node.put("method", a.method().id());
        put(node, "sensitivity", a.shown().sensitivity(), a.shown().sensitivityInterval());
        put(node, "specificity", a.shown().specificity(), a.shown().specificityInterval());
        node.put("lrPositive", Math.exp(a.logPositiveRatio()));
        node.put("lrNegative", Math.exp(a.logNegativeRatio()));
        Covariance t = a.between();
        ArrayNode tau = node.putArray("tau");
        tau.addArray().add(t.sensitivity()).add(t.both());
        tau.addArray().add(t.both()).add(t.specificity());
        ObjectNode predictive = node.putObject("predictive");
        putInterval(predictive, "sensitivity", a.newClinicSensitivity());
        putInterval(predictive, "specificity", a.newClinicSpecificity());
        return node;
    }

    static ObjectNode designed(List<ClusterDesign.Rule> rules) {
        ObjectNode node = JSON.objectNode();
        ArrayNode list = node.putArray("rules");
        for (ClusterDesign.Rule rule : rules) {
            list.addObject()
                    .put("atLeast", rule.atLeast())
                    .put("sensitivity", rule.sensitivity())
                    .put("specificity", rule.specificity())
                    .put("lrPositive", rule.lrPositive())
                    .put("lrNegative", rule.lrNegative());
        }
        return node;
    }

    private static ObjectNode probabilities(Map<String, Double> byCondition) {
        ObjectNode node = JSON.objectNode();
        byCondition.forEach(node::put);
        return node;
    }

    private static void put(ObjectNode node, String name, double value, Interval interval) {
        node.put(name, value);
        putInterval(node, name, interval);
    }

    private static void putInterval(ObjectNode node, String name, Interval interval) {
        node.put(name + "Low", interval.low());
        node.put(name + "High", interval.high());
    }

    private static void putOrNull(ObjectNode node, String name, OptionalDouble value) {
        if (value.isPresent()) {
            node.put(name, value.getAsDouble());
        } else {
            node.putNull(name);
        }
    }
}
