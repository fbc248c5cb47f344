package lexicor.server.reports;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import lexicor.server.reports.ReportViews.NewReport;
import lexicor.server.reports.ReportViews.ReportEdit;
import lexicor.server.reports.ReportViews.ReportSigning;
import lexicor.server.reports.ReportViews.ReportView;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Reports over HTTP. */
@RestController
@RequestMapping("/api/cases/{code}/reports")
class ReportController {
    private static final MediaType HTML = new MediaType("text", "html", StandardCharsets.UTF_8);
    private static final MediaType PLAIN = new MediaType("text", "plain", StandardCharsets.UTF_8);

    private final ReportService reports;

    ReportController(ReportService reports) {
        this.reports = reports;
    }

    @GetMapping
    List<ReportView> reports(@PathVariable String code) {
        return reports.all(code);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ReportView compose(@PathVariable String code, @RequestBody NewReport request) {
        return reports.compose(code, request);
    }

    @PutMapping("/{id}")
    ReportView edit(@PathVariable String code, @PathVariable long id, @RequestBody ReportEdit edit) {
        return reports.edit(code, id, edit);
    }

    @PostMapping("/{id}/signature")
    ReportView sign(@PathVariable String code, @PathVariable long id, @RequestBody ReportSigning signing) {
        return reports.sign(code, id, signing.version());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void discard(@PathVariable String code, @PathVariable long id, @RequestParam(defaultValue = "0") long version) {
        reports.discard(code, id, version);
    }

    /** @param dates whether dates are written; without them the visit's number stands alone */
    @GetMapping("/{id}/pdf")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "application/pdf", schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> pdf(
            @PathVariable String code, @PathVariable long id, @RequestParam(defaultValue = "true") boolean dates) {
        Paper paper = reports.exported(code, id, dates);
        return file(paper.fileName() + ".pdf", MediaType.APPLICATION_PDF).body(ReportPdf.of(ReportHtml.of(paper)));
    }

    @GetMapping("/{id}/html")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/html", schema = @Schema(type = "string")))
    ResponseEntity<String> html(
            @PathVariable String code, @PathVariable long id, @RequestParam(defaultValue = "true") boolean dates) {
        Paper paper = reports.exported(code, id, dates);
        return file(paper.fileName() + ".html", HTML).body(ReportHtml.of(paper));
    }

    @GetMapping("/{id}/text")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/plain", schema = @Schema(type = "string")))
    ResponseEntity<String> text(
            @PathVariable String code, @PathVariable long id, @RequestParam(defaultValue = "true") boolean dates) {
        Paper paper = reports.exported(code, id, dates);
        return file(paper.fileName() + ".txt", PLAIN).body(ReportPlain.of(paper));
    }

    private static ResponseEntity.BodyBuilder file(String name, MediaType type) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"");
    }
}
