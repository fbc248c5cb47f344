package lexicor.server.exchange;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import lexicor.core.document.Utf8;
import lexicor.server.casefiles.CaseFile;
import lexicor.server.casefiles.CaseFileSchema;
import lexicor.server.fhir.FhirText;
import lexicor.server.problems.CleanText;
import lexicor.server.problems.Refusal;
import org.apache.commons.io.input.BoundedInputStream;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Finds the cases in whatever was given: one case's file, a document that carries one, or a zip of all. Of a zip one case at a
 * time is unpacked, so that the memory it takes does not grow with the number of cases.
 */
final class ArchiveReader {
    private static final long MOST_BYTES = 1L << 30;
    private static final int LONGEST_LINE = 8 << 20;
    private static final int MOST_CASES = 20_000;
    private static final int PART = 1 << 16;
    private static final String FIGURES = "weigh";

    private final JsonMapper json;
    private final byte[] content;
    private final long mostBytes;

    ArchiveReader(JsonMapper json, byte[] content) {
        this(json, content, MOST_BYTES);
    }

    /** @param mostBytes how many a zip may unpack to */
    ArchiveReader(JsonMapper json, byte[] content, long mostBytes) {
        this.json = json;
        this.content = content;
        this.mostBytes = mostBytes;
        if (content.length == 0) {
            throw Refusal.field("file", "empty; expected a case, a document or a zip of cases");
        }
    }

    /** How many cases there are. */
    int count() {
        int[] cases = new int[1];
        lines((line, where) -> {
            cases[0]++;
            return true;
        });
        return cases[0];
    }

    /** A case that does not keep to the schema of such files, and by what. */
    record Unfit(String code, String why) {}

    /**
     * Gives each case in turn.
     *
     * @param visitor whether to go on
     * @param unfit the same for a case that cannot be read
     */
    void each(Predicate<CaseFile> visitor, Predicate<Unfit> unfit) {
        lines((line, where) -> {
            JsonNode tree = tree(line, where);
            Optional<String> objection = CaseFileSchema.objection(tree.toString());
            if (objection.isPresent()) {
                return unfit.test(new Unfit(code(tree, where, objection.get()), objection.get()));
            }
            CaseFile file;
            try {
                file = json.treeToValue(tree, CaseFile.class);
            } catch (JacksonException e) {
                // What a schema cannot say: a number too large for a count, a day that no calendar has.
                return unfit.test(new Unfit(code(tree, where, ""), "a value that cannot be used"));
            }
            return visitor.test(file);
        });
    }

    /** What is not even called a case is refused as a whole. */
    private static String code(JsonNode tree, String where, String why) {
        boolean isCase = CaseFile.FORMAT.equals(tree.path("format").asString(""))
                && tree.path("code").isString();
        if (!isCase) {
            throw Refusal.field("file", where + "not a case of Lexicor's: " + why);
        }
        return tree.get("code").asString();
    }

    private interface LineVisitor {
        boolean visit(String line, String where);
    }

    private void lines(LineVisitor visitor) {
        if (content.length > 1 && content[0] == 'P' && content[1] == 'K') {
            zipped(visitor);
            return;
        }
        String text = text(content);
        boolean document = text.contains("\"resourceType\"") && text.contains("\"Bundle\"");
        visitor.visit(document ? carried(text) : text, "");
    }

    private static String carried(String document) {
        return text(FhirText.caseFile(document)
                .orElseThrow(() -> Refusal.field("file", "a document without a case of Lexicor's in it")));
    }

    private void zipped(LineVisitor visitor) {
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(content))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.getName().equals(ArchiveWriter.LINES)) {
                    unpacked(limited(zip), visitor);
                    return;
                }
            }
        } catch (CharacterCodingException e) {
            throw Refusal.field("file", "not text in UTF-8");
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            throw Refusal.field("file", "not a whole zip file");
        }
        throw Refusal.field("file", "a zip without " + ArchiveWriter.LINES);
    }

    private static void unpacked(InputStream in, LineVisitor visitor) throws IOException {
        Reader reader = new InputStreamReader(
                in,
                StandardCharsets.UTF_8
                        .newDecoder()
                        .onMalformedInput(CodingErrorAction.REPORT)
                        .onUnmappableCharacter(CodingErrorAction.REPORT));
        StringBuilder line = new StringBuilder();
        char[] part = new char[PART];
        int number = 1;
        int cases = 0;
        for (int got = reader.read(part); ; got = reader.read(part)) {
            int from = 0;
            // The last line may end with the file.
            for (int end = end(part, from, got); end >= 0 || got < 0; end = end(part, from, got)) {
                line.append(part, from, Math.max(0, end - from));
                if (!line.toString().isBlank()) {
                    if (++cases > MOST_CASES) {
                        throw Refusal.field("file", "more than " + MOST_CASES + " cases");
                    }
                    if (!visitor.visit(line.toString(), ArchiveWriter.LINES + ", line " + number + ": ")) {
                        return;
                    }
                }
                if (got < 0) {
                    return;
                }
                line.setLength(0);
                number++;
                from = end + 1;
            }
            line.append(part, from, got - from);
            if (line.length() > LONGEST_LINE) {
                throw Refusal.field("file", ArchiveWriter.LINES + ", line " + number + ": longer than any case");
            }
        }
    }

    /** Where the line ends within what was read; -1 where it goes on. */
    private static int end(char[] part, int from, int to) {
        for (int i = from; i < to; i++) {
            if (part[i] == '\n') {
                return i;
            }
        }
        return -1;
    }

    private JsonNode tree(String text, String where) {
        try {
            JsonNode tree = recorded(text);
            CleanText.check(tree, "");
            return tree;
        } catch (JacksonException e) {
            String at = e.getLocation() == null || e.getLocation().getLineNr() < 1
                    ? ""
                    : " (line " + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr() + ")";
            throw Refusal.field("file", where + "not a case of Lexicor's" + at);
        } catch (Refusal e) {
            throw Refusal.field("file", where + e.getMessage());
        }
    }

    /** Without the figures, which are most of a file and are not brought in. */
    private JsonNode recorded(String text) {
        try (JsonParser parser = json.createParser(text)) {
            if (parser.nextToken() != JsonToken.START_OBJECT) {
                return json.readTree(text);
            }
            ObjectReader part = json.reader().without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
            ObjectNode recorded = json.createObjectNode();
            for (String name = parser.nextName(); name != null; name = parser.nextName()) {
                parser.nextToken();
                if (name.equals(FIGURES)) {
                    parser.skipChildren();
                } else {
                    recorded.set(name, part.readTree(parser));
                }
            }
            return parser.nextToken() == null ? recorded : json.readTree(text);
        }
    }

    private static String text(byte[] content) {
        return Utf8.text(content).orElseThrow(() -> Refusal.field("file", "not text in UTF-8"));
    }

    /** A small file can unpack to a very large one. */
    private InputStream limited(InputStream zip) throws IOException {
        return BoundedInputStream.builder()
                .setInputStream(zip)
                .setMaxCount(mostBytes)
                .setOnMaxCount((max, count) -> {
                    throw Refusal.field("file", "more than " + (mostBytes >> 20) + " MB when unpacked");
                })
                .get();
    }
}
