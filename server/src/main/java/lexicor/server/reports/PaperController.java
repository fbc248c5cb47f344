package lexicor.server.reports;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The case on paper over HTTP, by the same pen as its reports. */
@RestController
class PaperController {
    private final ReportService reports;

    PaperController(ReportService reports) {
        this.reports = reports;
    }

    @GetMapping("/api/cases/{code}/paper")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/html", schema = @Schema(type = "string")))
    ResponseEntity<String> paper(@PathVariable String code) {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "html", StandardCharsets.UTF_8))
                .body(ReportHtml.of(reports.paper(code)));
    }
}
