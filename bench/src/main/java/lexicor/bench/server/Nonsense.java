package lexicor.bench.server;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;

/** Bodies and values that know what is expected, and are mostly something else. */
final class Nonsense {
    private static final int DEEPEST = 4;
    private static final List<String> STRINGS = List.of(
            "",
            "HB-001",
            "right",
            "shoulder-pain",
            "sulcus",
            "' or 1=1 --",
            "<script>alert(1)</script>",
            "=cmd|' /C calc'!A0",
            "../../../etc/passwd",
            "\\u0000",
            "\u0001",
            "a\u0007b",
            "\ud800",
            "\udfffx",
            "\uffff",
            "\ud83e\udd89",
            "%00",
            "NaN",
            "9".repeat(400),
            "x".repeat(5000),
            "2026-11-24T00:00:00Z",
            "00000000-0000-0000-0000-000000000000");
    private static final List<String> NUMBERS =
            List.of("0", "-1", "1e308", "-1e308", "9223372036854775808", "0.1", "1e-320", "42");
    private static final List<String> BROKEN = List.of(
            "{",
            "[1,2",
            "\"",
            "{\"a\":}",
            "null",
            "[]",
            "17",
            "{}",
            "\u0001",
            "[".repeat(3000),
            "{\"a\":".repeat(2000));

    private final JsonNode schemas;
    private final Random random;

    Nonsense(JsonNode api, Random random) {
        this.schemas = api.at("/components/schemas");
        this.random = random;
    }

    /** A body for the schema: near it, broken, or far too large. */
    String body(JsonNode schema) {
        int kind = random.nextInt(20);
        if (kind == 0) {
            return "{\"a\":\"" + "y".repeat(2 << 20) + "\"}";
        }
        return kind < 4 ? BROKEN.get(random.nextInt(BROKEN.size())) : value(schema, 0);
    }

    /** The address in a way that none is written in. */
    String otherwise(String address) {
        int at = 1 + random.nextInt(Math.max(1, address.length() - 1));
        char c = address.charAt(Math.min(at, address.length() - 1));
        return switch (random.nextInt(6)) {
            case 0 ->
                address.substring(0, at)
                        + String.format("%%%02x", (int) c)
                        + address.substring(Math.min(at + 1, address.length()));
            case 1 -> "/" + address;
            case 2 -> "/." + address;
            case 3 -> address.replaceFirst("/api", "/api/../api");
            case 4 -> address.replaceFirst("/api", "/api;x=1");
            default -> address.replaceFirst("/api", "/API");
        };
    }

    /** A file with one place of it damaged. */
    byte[] damaged(byte[] file) {
        byte[] damaged = file.clone();
        int at = random.nextInt(file.length);
        switch (random.nextInt(3)) {
            case 0 -> damaged[at] = (byte) random.nextInt(256);
            case 1 -> damaged = java.util.Arrays.copyOf(file, at);
            default -> {
                String text = new String(file, java.nio.charset.StandardCharsets.UTF_8);
                String[] fields = {"\"side\":\"right\"", "\"visit\":1", "\"day\":0", "\"takenBack\":false", "\"gapMm\":"
                };
                String field = fields[random.nextInt(fields.length)];
                damaged = text.replaceFirst(
                                java.util.regex.Pattern.quote(field),
                                java.util.regex.Matcher.quoteReplacement(field.substring(0, field.indexOf(':') + 1)
                                        + anything()
                                        + (field.endsWith(":") ? "+" : "")))
                        .getBytes(java.nio.charset.StandardCharsets.UTF_8);
            }
        }
        return damaged;
    }

    /** For a part of an address. */
    String word() {
        return STRINGS.get(random.nextInt(STRINGS.size()));
    }

    private String value(JsonNode schema, int depth) {
        if (depth > DEEPEST || random.nextInt(12) == 0) {
            return anything();
        }
        if (schema.has("$ref")) {
            String name = schema.get("$ref").asString();
            return value(schemas.path(name.substring(name.lastIndexOf('/') + 1)), depth);
        }
        JsonNode type = schema.path("type");
        String kind = type.isArray() ? type.get(0).asString() : type.asString("");
        return switch (kind) {
            case "object" -> object(schema, depth);
            case "array" -> array(schema, depth);
            case "string" -> quoted(word());
            case "integer", "number" -> NUMBERS.get(random.nextInt(NUMBERS.size()));
            case "boolean" -> String.valueOf(random.nextBoolean());
            default -> anything();
        };
    }

    private String object(JsonNode schema, int depth) {
        List<String> fields = new ArrayList<>();
        for (Map.Entry<String, JsonNode> property : schema.path("properties").properties()) {
            if (random.nextInt(8) > 0) {
                fields.add(quoted(property.getKey()) + ":" + value(property.getValue(), depth + 1));
            }
        }
        if (random.nextInt(8) == 0 || schema.has("additionalProperties")) {
            fields.add(quoted(word()) + ":" + anything());
        }
        return "{" + String.join(",", fields) + "}";
    }

    private String array(JsonNode schema, int depth) {
        List<String> items = new ArrayList<>();
        int length = random.nextInt(30) == 0 ? 2000 : random.nextInt(4);
        for (int i = 0; i < length; i++) {
            items.add(value(schema.path("items"), depth + 1));
        }
        return "[" + String.join(",", items) + "]";
    }

    private String anything() {
        return switch (random.nextInt(6)) {
            case 0 -> "null";
            case 1 -> "[]";
            case 2 -> "{}";
            case 3 -> NUMBERS.get(random.nextInt(NUMBERS.size()));
            case 4 -> String.valueOf(random.nextBoolean());
            default -> quoted(word());
        };
    }

    private static String quoted(String text) {
        StringBuilder quoted = new StringBuilder("\"");
        for (char c : text.replace("\\", "\\\\").replace("\"", "\\\"").toCharArray()) {
            // As a writer of JSON may put them, so that they come to be in the text and not in its way.
            boolean escaped = Character.isISOControl(c) || Character.isSurrogate(c);
            quoted.append(escaped ? String.format("\\u%04x", (int) c) : String.valueOf(c));
        }
        return quoted.append('"').toString();
    }
}
