package lexicor.core.catalogue.packs;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import lexicor.core.catalogue.Content;
import lexicor.core.catalogue.Measure;
import lexicor.core.catalogue.MeasureGroup;
import lexicor.core.catalogue.MeasureList;
import lexicor.core.catalogue.ReadingLeaf;
import lexicor.core.document.Entry;
import lexicor.core.document.Problems;

/** Reads what is measured. */
final class MeasuresReader {
    private static final Map<String, MeasureGroup> GROUPS =
            Arrays.stream(MeasureGroup.values()).collect(Collectors.toMap(MeasureGroup::id, Function.identity()));

    private MeasuresReader() {}

    static void read(Entry file, Content content, Problems problems) {
        List<Measure> measures = new ArrayList<>();
        file.children("measures").forEach(e -> problems.collect(() -> measures.add(measure(e))));
        Entry looseness = file.child("looseness");
        List<MeasureList.Direction> directions = new ArrayList<>();
        String general = looseness.text("general");
        file.map("looseness").keySet().stream()
                .filter(name -> !name.equals("general"))
                .forEach(name -> directions.add(new MeasureList.Direction(name, looseness.texts(name))));
        Entry ratio = file.child("rotationRatio");
        content.measures = new MeasureList(
                List.copyOf(measures),
                List.copyOf(directions),
                general,
                file.text("capsular"),
                ratio.text("external"),
                ratio.text("internal"),
                file.texts("labral"),
                regrowth(file.child("regrowth")),
                file.each("followed", MeasuresReader::followed));
        ratio.done();
        looseness.done();
        file.done();
    }

    private static Measure measure(Entry listed) {
        String id = listed.text("id");
        Entry entry = listed.named("measures." + id);
        entry.has("id");
        Measure measure = new Measure(
                id,
                entry.text("name"),
                entry.oneOf("group", GROUPS),
                entry.texts("regions"),
                feeds(entry),
                entry.texts("readings").stream().map(r -> leaf(entry, r)).toList(),
                bounds(entry, "possible"),
                bounds(entry, "usual"),
                entry.oneOf("worse", Map.of("more", true, "less", false), false),
                entry.optionalText("ratioTo"));
        entry.done();
        return measure;
    }

    /** Several tests are listed as `feeds`; one may stand as `test` and `at`. */
    private static List<Measure.Feeds> feeds(Entry entry) {
        if (entry.has("feeds")) {
            return entry.each("feeds", e -> {
                Measure.Feeds feeds =
                        new Measure.Feeds(e.text("test"), e.optionalText("at").orElse(""));
                e.done();
                return feeds;
            });
        }
        String at = entry.optionalText("at").orElse("");
        return entry.optionalText("test").map(test -> new Measure.Feeds(test, at)).stream()
                .toList();
    }

    private static MeasureList.Regrowth regrowth(Entry entry) {
        MeasureList.Regrowth regrowth = new MeasureList.Regrowth(
                entry.text("test"), entry.texts("nerves"), entry.texts("landmarks"), entry.texts("limbPositions"));
        entry.done();
        return regrowth;
    }

    private static MeasureList.Followed followed(Entry entry) {
        String reading = entry.text("reading");
        MeasureList.Followed followed = new MeasureList.Followed(
                entry.text("name"),
                entry.text("test"),
                ReadingLeaf.named(reading)
                        .filter(l -> l.kind() == ReadingLeaf.Kind.FLAG)
                        .orElseThrow(() -> entry.problem("reading", "there is no sign " + reading)));
        entry.done();
        return followed;
    }

    private static ReadingLeaf leaf(Entry entry, String name) {
        return ReadingLeaf.named(name)
                .filter(l -> l.kind() == ReadingLeaf.Kind.QUANTITY)
                .orElseThrow(() -> entry.problem("readings", "there is no quantity " + name));
    }

    private static Measure.Bounds bounds(Entry entry, String field) {
        List<Double> ends = entry.numbers(field);
        if (ends.size() != 2 || !(ends.get(0) < ends.get(1))) {
            throw entry.problem(field, "expected the lowest and the highest value");
        }
        return new Measure.Bounds(ends.get(0), ends.get(1));
    }
}
