package lexicor.core.weighfile;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** Holds a result against a worked example's expectation, each kind of number within its tolerance. */
final class Agreement {
    private static final Set<String> RATIOS =
            Set.of("lr", "lrAlone", "lrAdded", "lrPositive", "lrNegative", "clusterPull");
    private static final Set<String> PROBABILITIES = Set.of(
            "pretest",
            "posttest",
            "low",
            "high",
            "lowNewClinic",
            "highNewClinic",
            "sensitivity",
            "specificity",
            "sensitivityLow",
            "sensitivityHigh",
            "specificityLow",
            "specificityHigh",
            "ifAbsent");

    private final JsonNode tolerance;
    final List<String> differences = new ArrayList<>();

    Agreement(JsonNode tolerance) {
        this.tolerance = tolerance;
    }

    void object(String path, JsonNode got, JsonNode expected) {
        expected.properties()
                .forEach(e -> field(path + "." + e.getKey(), e.getKey(), got.get(e.getKey()), e, expected));
    }

    private void field(String path, String key, JsonNode got, Map.Entry<String, JsonNode> e, JsonNode within) {
        JsonNode expected = e.getValue();
        if (expected.isNull() || got == null || got.isNull()) {
            if (!expected.isNull() || got != null && !got.isNull()) {
                differ(path, got, expected);
            }
        } else if (key.equals("ledger")) {
            ledger(path, got, expected);
        } else if (key.equals("tau")) {
            tau(path, got, expected);
        } else if (expected.isArray()) {
            inOrder(path, got, expected);
        } else if (key.equals("schools") || key.equals("predictive")) {
            object(path, got, expected);
        } else if (key.equals("ifPositive") || key.equals("ifNegative") || path.contains(".schools.")) {
            expected.properties()
                    .forEach(p -> number(path, got.get(p.getKey()), p.getValue(), allowed("probability"), 0));
        } else if (key.equals("result") && !expected.isString()) {
            return;
        } else if (expected.isNumber() && !key.equals("rank") && !key.equals("atLeast")) {
            number(path, key, got, expected, within);
        } else if (!(key.equals("result") && expected.asString().equals("open")) && !got.equals(expected)) {
            differ(path, got, expected);
        }
    }

    private void number(String path, String key, JsonNode got, JsonNode expected, JsonNode within) {
        if (PROBABILITIES.contains(key) || path.contains(".predictive.")) {
            number(path, got, expected, allowed("probability"), 0);
        } else if (RATIOS.contains(key)) {
            number(path, got, expected, 0, allowed("relative"));
        } else if (key.equals("gainPerMinute")) {
            double perMinute = within.get("gain").asDouble() > 0
                    ? expected.asDouble() / within.get("gain").asDouble()
                    : 1;
            number(path, got, expected, allowed("gain") * Math.max(1, perMinute), allowed("relative"));
        } else {
            number(path, got, expected, allowed(key), 0);
        }
    }

    private void inOrder(String path, JsonNode got, JsonNode expected) {
        if (got.size() != expected.size()) {
            differ(path, got, expected);
            return;
        }
        for (int i = 0; i < expected.size(); i++) {
            object(path + "[" + i + "]", got.get(i), expected.get(i));
        }
    }

    private void ledger(String path, JsonNode got, JsonNode expected) {
        Map<String, JsonNode> rows = new HashMap<>();
        got.forEach(r -> rows.put(r.get("kind").asString() + " " + r.get("id").asString(), r));
        if (rows.size() != expected.size()) {
            differ(path, got, expected);
        }
        for (JsonNode row : expected) {
            String id = row.get("kind").asString() + " " + row.get("id").asString();
            if (rows.containsKey(id)) {
                object(path + "[" + id + "]", rows.get(id), row);
            } else {
                differ(path, null, row);
            }
        }
    }

    private void tau(String path, JsonNode got, JsonNode expected) {
        for (int i = 0; i < 2; i++) {
            for (int j = 0; j < 2; j++) {
                double scale = Math.sqrt(expected.get(i).get(i).asDouble()
                        * expected.get(j).get(j).asDouble());
                double absolute = Math.max(allowed("tau"), allowed("relative") * scale);
                number(path, got.get(i).get(j), expected.get(i).get(j), absolute, 0);
            }
        }
    }

    private void number(String path, JsonNode got, JsonNode expected, double absolute, double relative) {
        double allowed = Math.max(absolute, relative * Math.abs(expected.asDouble()));
        if (got == null || !got.isNumber() || !(Math.abs(got.asDouble() - expected.asDouble()) <= allowed)) {
            differ(path, got, expected);
        }
    }

    private double allowed(String kind) {
        return tolerance.get(kind).asDouble();
    }

    private void differ(String path, JsonNode got, JsonNode expected) {
        differences.add(path + ": got " + got + ", expected " + expected);
    }
}
