package lexicor.server.exchange;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import lexicor.core.document.Utf8;
import lexicor.server.cases.CaseFile;
import lexicor.server.fhir.FhirText;
import lexicor.server.problems.Refusal;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Finds the cases in whatever was given: one case's file, a document that carries one, or a zip of all. */
final class ArchiveReader {
    private static final int MOST_BYTES = 128 << 20;
    private static final int MOST_CASES = 20_000;

    private final JsonMapper json;

    ArchiveReader(JsonMapper json) {
        this.json = json;
    }

    List<CaseFile> read(byte[] content) {
        if (content.length == 0) {
            throw Refusal.field("file", "empty; expected a case, a document or a zip of cases");
        }
        if (content.length > 1 && content[0] == 'P' && content[1] == 'K') {
            return lines(unpacked(content));
        }
        String text = text(content);
        return List.of(
                text.contains("\"resourceType\"") && text.contains("\"Bundle\"") ? carried(text) : file(text, ""));
    }

    private CaseFile carried(String document) {
        byte[] content = FhirText.caseFile(document)
                .orElseThrow(() -> Refusal.field("file", "a document without a case of Lexicor's in it"));
        return file(text(content), "");
    }

    private List<CaseFile> lines(String text) {
        List<CaseFile> files = new ArrayList<>();
        int number = 0;
        for (String line : text.split("\n")) {
            number++;
            if (!line.isBlank()) {
                files.add(file(line, ArchiveWriter.LINES + ", line " + number + ": "));
            }
            if (files.size() > MOST_CASES) {
                throw Refusal.field("file", "more than " + MOST_CASES + " cases");
            }
        }
        return files;
    }

    private CaseFile file(String text, String where) {
        try {
            return json.readValue(text, CaseFile.class);
        } catch (JacksonException e) {
            String at = e.getLocation() == null
                    ? ""
                    : " (line " + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr() + ")";
            throw Refusal.field("file", where + "not a case of Lexicor's" + at);
        }
    }

    private static String unpacked(byte[] zipped) {
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(zipped))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.getName().equals(ArchiveWriter.LINES)) {
                    byte[] bytes = zip.readNBytes(MOST_BYTES + 1);
                    if (bytes.length > MOST_BYTES) {
                        throw Refusal.field("file", "more than " + (MOST_BYTES >> 20) + " MB when unpacked");
                    }
                    return text(bytes);
                }
            }
        } catch (IOException | IllegalArgumentException e) {
            throw Refusal.field("file", "not a whole zip file");
        }
        throw Refusal.field("file", "a zip without " + ArchiveWriter.LINES);
    }

    private static String text(byte[] content) {
        return Utf8.text(content).orElseThrow(() -> Refusal.field("file", "not text in UTF-8"));
    }
}
