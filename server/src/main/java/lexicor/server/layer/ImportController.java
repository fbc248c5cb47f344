package lexicor.server.layer;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import lexicor.core.catalogue.packs.AccuracyTable;
import lexicor.server.catalogue.Editions;
import lexicor.server.catalogue.PackZip;
import lexicor.server.layer.ImportViews.ImportReason;
import lexicor.server.layer.ImportViews.ImportView;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Content in and out as files. */
@RestController
@RequestMapping("/api/evidence")
class ImportController {
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);
    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");

    private final Imports imports;
    private final Editions editions;

    ImportController(Imports imports, Editions editions) {
        this.imports = imports;
        this.editions = editions;
    }

    /** The accuracy table in force, with the columns of the shipped one. */
    @GetMapping("/accuracy.csv")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/csv", schema = @Schema(type = "string")))
    ResponseEntity<byte[]> table() {
        String table = AccuracyTable.write(editions.catalogue().accuracy());
        return file("accuracy.csv", CSV, table.getBytes(StandardCharsets.UTF_8));
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
