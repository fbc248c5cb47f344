package lexicor.core.catalogue.packs;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.catalogue.ReadingLeaf.Kind;
import lexicor.core.catalogue.Rule;
import lexicor.core.catalogue.Rule.Operator;
import lexicor.core.document.Entry;
import tools.jackson.databind.JsonNode;

/** Reads a criterion's {@code positiveWhen}: a comparison, or all, any or not of further rules. */
final class RuleReader {
    private static final Map<String, Function<Entry, Operator>> OPERATORS = new LinkedHashMap<>();

    static {
        OPERATORS.put("in", e -> new Operator.In(Set.copyOf(e.texts("in"))));
        OPERATORS.put("atLeast", e -> new Operator.AtLeast(e.number("atLeast")));
        OPERATORS.put("atMost", e -> new Operator.AtMost(e.number("atMost")));
        OPERATORS.put("between", RuleReader::between);
        OPERATORS.put("moreThanOtherSideBy", e -> new Operator.MoreThanOtherSideBy(e.number("moreThanOtherSideBy")));
        OPERATORS.put(
                "lessThanOtherSideByPercent",
                e -> new Operator.LessThanOtherSideByPercent(e.number("lessThanOtherSideByPercent", 0, 100)));
    }

    private RuleReader() {}

    /**
     * @param testReadings the readings that the criterion's test lists
     */
    static Rule read(Entry entry, List<String> testReadings) {
        if (entry.has("reading")) {
            return comparison(entry, testReadings);
        }
        Rule rule;
        if (entry.has("all")) {
            rule = new Rule.AllOf(parts(entry, "all", testReadings));
        } else if (entry.has("any")) {
            rule = new Rule.AnyOf(parts(entry, "any", testReadings));
        } else if (entry.has("not")) {
            rule = new Rule.Not(read(entry.child("not"), testReadings));
        } else {
            throw entry.problem("", "expected a reading, or one of all, any, not");
        }
        entry.done();
        return rule;
    }

    private static List<Rule> parts(Entry entry, String field, List<String> testReadings) {
        List<Rule> rules = entry.each(field, e -> read(e, testReadings));
        if (rules.isEmpty()) {
            throw entry.problem(field, "expected at least one rule");
        }
        return rules;
    }

    private static Rule comparison(Entry entry, List<String> testReadings) {
        String name = entry.text("reading");
        ReadingLeaf leaf =
                ReadingLeaf.named(name).orElseThrow(() -> entry.problem("reading", "there is no reading " + name));
        if (!testReadings.contains(leaf.reading())) {
            throw entry.problem(
                    "reading",
                    leaf.reading() + " is not among the test's readings (" + String.join(", ", testReadings) + ")");
        }
        Operator operator = operator(entry);
        entry.done();
        if (!fits(operator, leaf.kind())) {
            throw entry.problem("reading", "this comparison does not fit " + name + ", which is a " + word(leaf));
        }
        return new Rule.Comparison(leaf, operator);
    }

    private static Operator operator(Entry entry) {
        if (entry.has("is")) {
            JsonNode value = entry.value("is").orElseThrow();
            return value.isBoolean() ? new Operator.Is(entry.flag("is")) : new Operator.IsCode(entry.text("is"));
        }
        for (Map.Entry<String, Function<Entry, Operator>> known : OPERATORS.entrySet()) {
            if (entry.has(known.getKey())) {
                return known.getValue().apply(entry);
            }
        }
        throw entry.problem("", "expected one of is, " + String.join(", ", OPERATORS.keySet()));
    }

    private static Operator between(Entry entry) {
        List<Double> limits = entry.numbers("between");
        if (limits.size() != 2 || limits.get(0) > limits.get(1)) {
            throw entry.problem("between", "expected two numbers, the lower first");
        }
        return new Operator.Between(limits.get(0), limits.get(1));
    }

    private static boolean fits(Operator operator, Kind kind) {
        if (operator instanceof Operator.Is) {
            return kind == Kind.FLAG;
        }
        if (operator instanceof Operator.IsCode || operator instanceof Operator.In) {
            return kind == Kind.CODE || kind == Kind.CODES;
        }
        return kind == Kind.QUANTITY;
    }

    private static String word(ReadingLeaf leaf) {
        return switch (leaf.kind()) {
            case FLAG -> "yes or no";
            case CODE, CODES -> "word from a list";
            case TEXT -> "text";
            case QUANTITY -> "number";
        };
    }
}
