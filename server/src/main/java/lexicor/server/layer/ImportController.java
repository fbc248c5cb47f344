package lexicor.server.layer;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import lexicor.core.catalogue.packs.AccuracyTable;
import lexicor.core.document.Dialect;
import lexicor.server.catalogue.Editions;
import lexicor.server.catalogue.PackZip;
import lexicor.server.layer.ImportViews.ImportReason;
import lexicor.server.layer.ImportViews.ImportView;
import lexicor.server.problems.Refusal;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Content in and out as files. */
@RestController
@RequestMapping("/api/evidence")
class ImportController {
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);
    private static final String XLSX = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";
    private static final Map<String, Character> SEPARATORS =
            new TreeMap<>(Map.of("comma", ',', "semicolon", ';', "tab", '\t'));
    private static final Map<String, Character> DECIMALS = new TreeMap<>(Map.of("point", '.', "comma", ','));
    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");

    private final Imports imports;
    private final Editions editions;

    ImportController(Imports imports, Editions editions) {
        this.imports = imports;
        this.editions = editions;
    }

    /**
     * The accuracy table in force, with the columns of the shipped one.
     *
     * @param separator comma, semicolon or tab
     * @param decimal point or comma
     * @param mark whether a byte order mark stands first, by which a spreadsheet knows that it is UTF-8
     */
    @GetMapping("/accuracy.csv")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/csv", schema = @Schema(type = "string")))
    ResponseEntity<byte[]> table(
            @RequestParam(defaultValue = "comma") String separator,
            @RequestParam(defaultValue = "point") String decimal,
            @RequestParam(defaultValue = "false") boolean mark) {
        Dialect dialect = new Dialect(oneOf("separator", separator, SEPARATORS), oneOf("decimal", decimal, DECIMALS));
        String table = AccuracyTable.write(editions.catalogue().accuracy(), dialect);
        return file("accuracy.csv", CSV, ((mark ? "\ufeff" : "") + table).getBytes(StandardCharsets.UTF_8));
    }

    private static char oneOf(String name, String word, Map<String, Character> words) {
        if (!words.containsKey(word)) {
            throw Refusal.field(name, "expected one of " + String.join(", ", words.keySet()) + ", found " + word);
        }
        return words.get(word);
    }

    /** The same as a workbook, the columns explained in a second sheet. */
    @GetMapping("/accuracy.xlsx")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = XLSX, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> workbook() {
        return file(
                "accuracy.xlsx",
                MediaType.parseMediaType(XLSX),
                AccuracyWorkbook.write(editions.catalogue().accuracy()));
    }

    /** All content in force. */
    @GetMapping("/packs.zip")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "application/zip", schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> packs() {
        return file("packs.zip", ZIP, PackZip.write(editions.current().files()));
    }

    private static ResponseEntity<byte[]> file(String name, MediaType type, byte[] content) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(content);
    }

    /** What a table or a zip would change; nothing is stored. */
    @PostMapping(path = "/import", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ImportView preview(@RequestBody byte[] content) {
        return imports.preview(content);
    }

    @GetMapping("/import/{id}")
    ImportView progress(@PathVariable String id) {
        return imports.get(id);
    }

    @PostMapping("/import/{id}")
    ImportView apply(@PathVariable String id, @RequestBody ImportReason reason) {
        return imports.apply(id, reason);
    }
}
