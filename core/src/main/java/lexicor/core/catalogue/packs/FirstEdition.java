package lexicor.core.catalogue.packs;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lexicor.core.document.Documents;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Packs of the first edition, completed with what they left unsaid, so that what was closed with them is read as it was. The
 * first edition is told by the files that it lacks.
 */
final class FirstEdition {
    private static final List<String> SECOND =
            List.of(Packs.PRECAUTIONS, Packs.FINGERS, Packs.PROVOKES, Packs.DEFINITIONS);
    private static final Pattern HOLD = Pattern.compile("(\\d+) (seconds|minutes)");
    private static final ObjectNode UNSAID = unsaid();

    private FirstEdition() {}

    /** The same where they are of the second edition. */
    static PackFiles completed(PackFiles files) {
        if (SECOND.stream().anyMatch(files::has) || !files.has(Packs.MEASURES)) {
            return files;
        }
        PackFiles all = files;
        for (String region : Packs.REGIONS) {
            String name = Packs.regionFile(region);
            if (all.has(name)) {
                ObjectNode tree = Documents.yamlTree(name, all.text(name));
                objects(tree.get("tests")).forEach(FirstEdition::completeTest);
                all = all.with(name, Documents.yamlText(tree));
            }
        }
        all = completed(all, Packs.HISTORY, "items", FirstEdition::completeQuestion);
        all = completed(all, Packs.CONDITIONS, "ladders", FirstEdition::completeLadder);
        ObjectNode measures = Documents.yamlTree(Packs.MEASURES, all.text(Packs.MEASURES));
        measures.set("regrowth", UNSAID.get("regrowth"));
        measures.set("followed", UNSAID.get("followed"));
        return all.with(Packs.MEASURES, Documents.yamlText(measures))
                .with(Packs.PRECAUTIONS, only("precautions"))
                .with(Packs.FINGERS, only("fingers", "territories"))
                .with(Packs.PROVOKES, "families: {}\ntests: {}\ncriteria: {}\n")
                .with(Packs.DEFINITIONS, "definitions: []\n");
    }

    private static PackFiles completed(PackFiles files, String name, String list, Consumer<ObjectNode> complete) {
        if (!files.has(name)) {
            return files;
        }
        ObjectNode tree = Documents.yamlTree(name, files.text(name));
        objects(tree.get(list)).forEach(complete);
        return files.with(name, Documents.yamlText(tree));
    }

    private static void completeTest(ObjectNode test) {
        if (Stream.of(UNSAID.get("loosenessFamilies"))
                .flatMap(FirstEdition::texts)
                .anyMatch(text(test, "family")::equals)) {
            test.put("looseness", true);
        }
        add(test, "relieves", UNSAID.get("relieves").get(text(test, "id")));
        objects(test.get("criteria"))
                .forEach(c -> add(c, "raises", UNSAID.get("raises").get(text(c, "id"))));
        objects(test.get("variants")).forEach(v -> {
            Matcher hold = HOLD.matcher(text(v, "name"));
            if (hold.matches()) {
                v.put(
                        "holdSeconds",
                        Integer.parseInt(hold.group(1)) * (hold.group(2).equals("minutes") ? 60 : 1));
            }
            JsonNode position = UNSAID.get("variantPositions").get(text(v, "name"));
            if (position != null && texts(test.get("otherPositions")).anyMatch(position.asString()::equals)) {
                v.set("position", position);
            }
        });
    }

    private static void completeQuestion(ObjectNode item) {
        add(item, "ageFrom", UNSAID.get("ageFrom").get(text(item, "id")));
    }

    private static void completeLadder(ObjectNode ladder) {
        add(ladder, "answeredBy", UNSAID.get("answeredBy").get(text(ladder, "id")));
    }

    private static void add(ObjectNode to, String field, JsonNode value) {
        if (value != null && !to.has(field)) {
            to.set(field, value);
        }
    }

    private static String text(ObjectNode node, String field) {
        return node.path(field).asString("");
    }

    private static Stream<String> texts(JsonNode list) {
        return list == null ? Stream.empty() : list.valueStream().map(JsonNode::asString);
    }

    private static List<ObjectNode> objects(JsonNode list) {
        return list == null
                ? List.of()
                : list.valueStream()
                        .filter(ObjectNode.class::isInstance)
                        .map(ObjectNode.class::cast)
                        .toList();
    }

    private static String only(String... fields) {
        return Documents.yamlText(UNSAID.deepCopy().retain(List.of(fields)));
    }

    private static ObjectNode unsaid() {
        try (InputStream in = FirstEdition.class.getResourceAsStream("first-edition.yaml")) {
            return Documents.yamlTree("first-edition.yaml", new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
