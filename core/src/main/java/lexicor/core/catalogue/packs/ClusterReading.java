package lexicor.core.catalogue.packs;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import lexicor.core.catalogue.published.ClusterRule;
import lexicor.core.catalogue.published.ClusterRule.Weighted;
import lexicor.core.catalogue.published.FindingRule;
import lexicor.core.document.Entry;

/**
 * A cluster's members and how their results are read (method M5), as an entry has them: {@code members} with {@code atLeast}, with
 * {@code points} beside it, or with {@code strata} for every count; {@code items} that earn points, each a member or any of several; or a
 * nested {@code rule}, whose findings are the members.
 */
public record ClusterReading(List<String> members, ClusterRule rule) {
    private static final double MOST_POINTS = 1000;

    /**
     * @throws lexicor.core.document.InvalidDocumentException if it is none of these, or has gaps
     */
    public static ClusterReading of(Entry entry) {
        if (entry.has("rule")) {
            FindingRule rule = FindingRuleReader.read(entry.child("rule"));
            return new ClusterReading(rule.findings().distinct().toList(), new ClusterRule.Nested(rule));
        }
        if (entry.has("items")) {
            List<Weighted> items = entry.each("items", ClusterReading::item);
            if (items.isEmpty()) {
                throw entry.problem("items", "expected at least one item with points");
            }
            List<String> members =
                    items.stream().flatMap(i -> i.rule().findings()).distinct().toList();
            return new ClusterReading(members, points(entry, items));
        }
        List<String> members = entry.texts("members");
        if (members.isEmpty()) {
            throw entry.problem("members", "expected at least one finding");
        }
        Set<String> seen = new HashSet<>();
        Optional<String> twice = members.stream().filter(m -> !seen.add(m)).findFirst();
        if (twice.isPresent()) {
            throw entry.problem("members", twice.get() + " is given twice");
        }
        return new ClusterReading(members, ofMembers(entry, members));
    }

    private static ClusterRule ofMembers(Entry entry, List<String> members) {
        boolean threshold = entry.has("atLeast");
        if (threshold == entry.has("strata")) {
            throw entry.problem("atLeast", "expected either atLeast or strata");
        }
        if (!threshold) {
            return strata(entry, members.size());
        }
        return entry.has("points")
                ? points(entry, weighted(entry, members))
                : new ClusterRule.AtLeast(entry.wholeNumber("atLeast", 1, members.size()));
    }

    private static List<Weighted> weighted(Entry entry, List<String> members) {
        List<Double> points = entry.numbers("points");
        if (points.size() != members.size() || points.stream().anyMatch(p -> !(p > 0 && p <= MOST_POINTS))) {
            throw entry.problem("points", "expected points above 0 for each of the " + members.size() + " members");
        }
        return IntStream.range(0, members.size())
                .mapToObj(i -> new Weighted("", new FindingRule.Leaf(members.get(i)), points.get(i)))
                .toList();
    }

    private static ClusterRule.Points points(Entry entry, List<Weighted> items) {
        double most = items.stream().mapToDouble(Weighted::points).sum();
        double line = entry.number("atLeast", 0, most);
        if (line == 0) {
            throw entry.problem("atLeast", "expected a line above 0 points");
        }
        return new ClusterRule.Points(List.copyOf(items), line);
    }

    private static Weighted item(Entry entry) {
        List<FindingRule> any = FindingRuleReader.parts(entry, "any");
        Weighted item = new Weighted(
                entry.optionalText("label").orElse(""),
                any.size() == 1 ? any.get(0) : new FindingRule.AnyOf(any),
                entry.number("points", 0, MOST_POINTS));
        if (item.points() == 0) {
            throw entry.problem("points", "expected more than 0 points");
        }
        entry.done();
        return item;
    }

    private static ClusterRule.Strata strata(Entry entry, int members) {
        List<ClusterRule.Stratum> byCount = new ArrayList<>();
        for (int i = 0; i <= members; i++) {
            byCount.add(null);
        }
        for (Entry stratum : entry.children("strata")) {
            int positives = stratum.wholeNumber("positives", 0, members);
            if (byCount.get(positives) != null) {
                throw stratum.problem("positives", "the count " + positives + " is given twice");
            }
            byCount.set(positives, stratum(stratum));
        }
        int gap = byCount.indexOf(null);
        if (gap >= 0) {
            throw entry.problem(
                    "strata", "the count " + gap + " is missing; expected every count from 0 to " + members);
        }
        return new ClusterRule.Strata(List.copyOf(byCount));
    }

    private static ClusterRule.Stratum stratum(Entry entry) {
        double lr = entry.number("lr", 1e-6, 1e6);
        OptionalDouble low = entry.optionalNumber("low", 1e-9, 1e9);
        OptionalDouble high = entry.optionalNumber("high", 1e-9, 1e9);
        entry.done();
        if (low.isPresent() != high.isPresent()) {
            throw entry.problem("low", "expected low and high together");
        }
        if (low.isEmpty()) {
            return new ClusterRule.Stratum(lr, ClusterRule.Stratum.DEFAULT_LOG_SD);
        }
        if (low.getAsDouble() > lr || high.getAsDouble() < lr) {
            throw entry.problem("low", "expected low, lr, high in rising order");
        }
        return new ClusterRule.Stratum(lr, Math.log(high.getAsDouble() / low.getAsDouble()) / 3.92);
    }
}
