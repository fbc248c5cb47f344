package lexicor.core.document;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Opens JSON and YAML documents. A key given twice is an error in both. */
public final class Documents {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();
    private static final YAMLMapper YAML = YAMLMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();

    private Documents() {}

    /**
     * @throws InvalidDocumentException if the text is not one JSON object
     */
    public static Entry json(String file, String text) {
        return read(JSON, "JSON", file, text);
    }

    /**
     * @throws InvalidDocumentException if the text is not one YAML mapping
     */
    public static Entry yaml(String file, String text) {
        return read(YAML, "YAML", file, text);
    }

    public static Entry yaml(Path root, String name) {
        try {
            return yaml(name, Files.readString(root.resolve(name)));
        } catch (IOException e) {
            throw new UncheckedIOException("cannot read " + root.resolve(name), e);
        }
    }

    /**
     * @throws InvalidDocumentException if the text is not one YAML mapping
     */
    public static ObjectNode yamlTree(String file, String text) {
        return (ObjectNode) tree(YAML, "YAML", file, text);
    }

    public static String yamlText(ObjectNode tree) {
        return YAML.writeValueAsString(tree);
    }

    private static Entry read(ObjectMapper mapper, String kind, String file, String text) {
        return Entry.of(file, "", tree(mapper, kind, file, text));
    }

    private static JsonNode tree(ObjectMapper mapper, String kind, String file, String text) {
        JsonNode node;
        try {
            node = mapper.readTree(text);
        } catch (JacksonException e) {
            String where = e.getLocation() == null
                    ? ""
                    : " at line " + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr();
            throw new InvalidDocumentException(
                    new Problem(file, "", "not valid " + kind + where + ": " + e.getOriginalMessage()));
        }
        if (node == null || node.isMissingNode()) {
            throw new InvalidDocumentException(new Problem(file, "", "empty; expected a " + kind + " object"));
        }
        if (!node.isObject()) {
            throw new InvalidDocumentException(
                    new Problem(file, "", "expected a " + kind + " object with named fields"));
        }
        return node;
    }
}
