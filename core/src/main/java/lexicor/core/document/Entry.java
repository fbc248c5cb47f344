package lexicor.core.document;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/**
 * An object of a document, read strictly. Fields are asked for by name; {@link #done()} refuses whatever was not asked
 * for. Every refusal is an {@link InvalidDocumentException} that carries the file and the path. A field set to null
 * counts as absent.
 */
public final class Entry {
    private static final double CLOSEST = 1e-9;

    private final String file;
    private final String path;
    private final JsonNode node;
    private final Set<String> asked = new HashSet<>();

    private Entry(String file, String path, JsonNode node) {
        this.file = file;
        this.path = path;
        this.node = node;
    }

    /**
     * @throws InvalidDocumentException if the node is not an object
     */
    public static Entry of(String file, String path, JsonNode node) {
        if (!node.isObject()) {
            throw new InvalidDocumentException(
                    new Problem(file, path, "expected an object with named fields, found " + shown(node)));
        }
        return new Entry(file, path, node);
    }

    /** The same entry under a path that names it by its id rather than by its place in a list. */
    public Entry named(String name) {
        return new Entry(file, name, node);
    }

    public String path() {
        return path;
    }

    public String file() {
        return file;
    }

    public boolean has(String field) {
        asked.add(field);
        return node.hasNonNull(field);
    }

    public Set<String> fieldNames() {
        return new TreeSet<>(node.propertyNames());
    }

    public String text(String field) {
        return optionalText(field).orElseThrow(() -> missing(field, "a text"));
    }

    public Optional<String> optionalText(String field) {
        return value(field).map(v -> {
            if (!v.isString()) {
                throw wrong(field, "a text", v);
            }
            if (v.asString().isBlank()) {
                throw problem(field, "expected a text, found an empty one");
            }
            return v.asString();
        });
    }

    public double number(String field) {
        return optionalNumber(field).orElseThrow(() -> missing(field, "a number"));
    }

    public OptionalDouble optionalNumber(String field) {
        Optional<JsonNode> found = value(field);
        if (found.isEmpty()) {
            return OptionalDouble.empty();
        }
        if (!found.get().isNumber() || !Double.isFinite(found.get().asDouble())) {
            throw wrong(field, "a number", found.get());
        }
        return OptionalDouble.of(found.get().asDouble());
    }

    public double number(String field, double low, double high) {
        return within(field, number(field), low, high);
    }

    public OptionalDouble optionalNumber(String field, double low, double high) {
        OptionalDouble found = optionalNumber(field);
        found.ifPresent(v -> within(field, v, low, high));
        return found;
    }

    public int wholeNumber(String field, int low, int high) {
        double v = number(field, low, high);
        if (v != Math.rint(v)) {
            throw problem(field, "expected a whole number, found " + v);
        }
        return (int) v;
    }

    /** A probability strictly between 0 and 1, and by no less than {@link #CLOSEST}. */
    public double openProbability(String field) {
        double v = number(field);
        if (!(v >= CLOSEST && v <= 1 - CLOSEST)) {
            throw problem(field, "expected a probability strictly between 0 and 1, found " + v);
        }
        return v;
    }

    public boolean flag(String field) {
        Optional<JsonNode> v = value(field);
        if (v.isEmpty()) {
            throw missing(field, "true or false");
        }
        return asFlag(field, v.get());
    }

    public boolean flag(String field, boolean whenAbsent) {
        return value(field).map(v -> asFlag(field, v)).orElse(whenAbsent);
    }

    private boolean asFlag(String field, JsonNode v) {
        if (!v.isBoolean()) {
            throw wrong(field, "true or false", v);
        }
        return v.asBoolean();
    }

    /** One of a fixed set of words, turned into its value. */
    public <T> T oneOf(String field, Map<String, T> words) {
        return word(field, text(field), words);
    }

    public <T> T oneOf(String field, Map<String, T> words, T whenAbsent) {
        return optionalText(field).map(v -> word(field, v, words)).orElse(whenAbsent);
    }

    private <T> T word(String field, String v, Map<String, T> words) {
        T found = words.get(v);
        if (found == null) {
            throw problem(
                    field, "expected one of " + String.join(", ", new TreeSet<>(words.keySet())) + ", found " + v);
        }
        return found;
    }

    public List<String> texts(String field) {
        List<String> result = new ArrayList<>();
        for (JsonNode item : list(field)) {
            if (!item.isString()) {
                throw wrong(field + "[" + result.size() + "]", "a text", item);
            }
            result.add(item.asString());
        }
        return List.copyOf(result);
    }

    /** Texts that need not be there; none where they are not. */
    public List<String> optionalTexts(String field) {
        return has(field) ? texts(field) : List.of();
    }

    public List<Double> numbers(String field) {
        List<Double> result = new ArrayList<>();
        for (JsonNode item : list(field)) {
            if (!item.isNumber()) {
                throw wrong(field + "[" + result.size() + "]", "a number", item);
            }
            result.add(item.asDouble());
        }
        return List.copyOf(result);
    }

    /** A list of lists of texts; empty where there is none. */
    public List<List<String>> textLists(String field) {
        if (!has(field)) {
            return List.of();
        }
        List<List<String>> lists = new ArrayList<>();
        for (JsonNode inner : list(field)) {
            String place = field + "[" + lists.size() + "]";
            if (!inner.isArray()) {
                throw wrong(place, "a list of texts", inner);
            }
            List<String> texts = new ArrayList<>();
            for (JsonNode item : inner) {
                if (!item.isString()) {
                    throw wrong(place + "[" + texts.size() + "]", "a text", item);
                }
                texts.add(item.asString());
            }
            lists.add(List.copyOf(texts));
        }
        return lists;
    }

    public Entry child(String field) {
        JsonNode v = value(field).orElseThrow(() -> missing(field, "an object"));
        return of(file, at(field), v);
    }

    /** An object without fields, under the path of a field that is not there. */
    public Entry nothing(String field) {
        return of(file, at(field), JsonNodeFactory.instance.objectNode());
    }

    /** The objects of a list; an absent list is empty. */
    public List<Entry> children(String field) {
        List<Entry> result = new ArrayList<>();
        for (JsonNode item : list(field)) {
            result.add(of(file, at(field) + "[" + result.size() + "]", item));
        }
        return result;
    }

    /** The objects of a list, each turned into a value. */
    public <T> List<T> each(String field, Function<Entry, T> reading) {
        return children(field).stream().map(reading).toList();
    }

    /** An object whose keys are names rather than fields, in the order written. */
    public Map<String, JsonNode> map(String field) {
        Optional<JsonNode> v = value(field);
        if (v.isEmpty()) {
            return Map.of();
        }
        if (!v.get().isObject()) {
            throw wrong(field, "an object", v.get());
        }
        Map<String, JsonNode> result = new LinkedHashMap<>();
        v.get().properties().forEach(p -> result.put(p.getKey(), p.getValue()));
        return result;
    }

    /** The value itself, for the rare field that may take more than one form. */
    public Optional<JsonNode> value(String field) {
        asked.add(field);
        JsonNode v = node.get(field);
        return v == null || v.isNull() ? Optional.empty() : Optional.of(v);
    }

    /**
     * To be called when everything was asked for.
     *
     * @throws InvalidDocumentException if the object has a key that nobody asked for
     */
    public void done() {
        for (String name : node.propertyNames()) {
            if (!asked.contains(name)) {
                throw problem(name, "unknown key; known here are " + String.join(", ", new TreeSet<>(asked)));
            }
        }
    }

    public InvalidDocumentException problem(String field, String message) {
        return new InvalidDocumentException(new Problem(file, at(field), message));
    }

    private double within(String field, double v, double low, double high) {
        if (v < low || v > high) {
            throw problem(field, "expected a number from " + plain(low) + " to " + plain(high) + ", found " + plain(v));
        }
        return v;
    }

    private List<JsonNode> list(String field) {
        Optional<JsonNode> v = value(field);
        if (v.isEmpty()) {
            return List.of();
        }
        if (!v.get().isArray()) {
            throw wrong(field, "a list", v.get());
        }
        List<JsonNode> items = new ArrayList<>();
        v.get().forEach(items::add);
        return items;
    }

    private InvalidDocumentException missing(String field, String expected) {
        return problem(field, "missing; expected " + expected);
    }

    private InvalidDocumentException wrong(String field, String expected, JsonNode found) {
        return problem(field, "expected " + expected + ", found " + shown(found));
    }

    private String at(String field) {
        return path.isEmpty() ? field : path + "." + field;
    }

    private static String plain(double v) {
        return v == Math.rint(v) && Math.abs(v) < 1e15 ? Long.toString((long) v) : Double.toString(v);
    }

    private static String shown(JsonNode node) {
        String text = node.isObject() ? "an object" : node.isArray() ? "a list" : node.toString();
        return text.length() > 60 ? text.substring(0, 60) + "..." : text;
    }
}
