package lexicor.core.document;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A place in a document, written as messages write it: {@code findings[0].accuracy[1].tp}. */
public record Place(List<Object> steps) {
    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;

    /** Every place of a document, of lists and objects as of what is in them. */
    public static List<Place> all(JsonNode document) {
        List<Place> places = new ArrayList<>();
        collect(document, new Place(List.of()), places);
        return places;
    }

    private static void collect(JsonNode node, Place here, List<Place> places) {
        if (node.isObject()) {
            node.propertyNames().forEach(name -> collect(node.get(name), here.then(name), places));
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                collect(node.get(i), here.then(i), places);
            }
        }
        if (!here.steps.isEmpty()) {
            places.add(here);
        }
    }

    private Place then(Object step) {
        List<Object> longer = new ArrayList<>(steps);
        longer.add(step);
        return new Place(longer);
    }

    private Object last() {
        return steps.get(steps.size() - 1);
    }

    private static JsonNode step(JsonNode node, Object step) {
        return step instanceof Integer i ? node.get(i) : node.get((String) step);
    }

    private JsonNode parent(JsonNode document) {
        JsonNode node = document;
        for (Object step : steps.subList(0, steps.size() - 1)) {
            node = step(node, step);
        }
        return node;
    }

    /** What stands there. */
    public JsonNode in(JsonNode document) {
        return step(parent(document), last());
    }

    /** A copy of the document with something else there. */
    public JsonNode with(JsonNode document, JsonNode value) {
        JsonNode copy = document.deepCopy();
        if (last() instanceof Integer i) {
            ((ArrayNode) parent(copy)).set(i, value);
        } else {
            ((ObjectNode) parent(copy)).set((String) last(), value);
        }
        return copy;
    }

    /** A copy of the document without it. */
    public JsonNode without(JsonNode document) {
        JsonNode copy = document.deepCopy();
        if (last() instanceof Integer i) {
            ((ArrayNode) parent(copy)).remove(i);
        } else {
            ((ObjectNode) parent(copy)).remove((String) last());
        }
        return copy;
    }

    /** What cannot stand there, since something of another kind stands there now. */
    public List<JsonNode> otherKinds(JsonNode document) {
        JsonNode now = in(document);
        List<JsonNode> all = new ArrayList<>();
        if (!now.isString()) {
            all.add(MAKE.stringNode("harbour"));
        }
        if (!now.isNumber()) {
            all.add(MAKE.numberNode(7));
        }
        if (!now.isBoolean()) {
            all.add(MAKE.booleanNode(true));
        }
        if (!now.isArray()) {
            all.add(MAKE.arrayNode().add(MAKE.arrayNode()));
        }
        if (!now.isObject()) {
            all.add(MAKE.objectNode().put("colour", "red"));
        }
        return all;
    }

    @Override
    public String toString() {
        StringBuilder text = new StringBuilder();
        for (Object step : steps) {
            text.append(step instanceof Integer ? "[" + step + "]" : (text.isEmpty() ? "" : ".") + step);
        }
        return text.toString();
    }
}
