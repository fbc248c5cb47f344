package lexicor.server.casefiles;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Self-contained cases over HTTP. */
@RestController
class WeighFileController {
    private final WholeCases cases;

    WeighFileController(WholeCases cases) {
        this.cases = cases;
    }

    /** The case with its figures, to be weighed again elsewhere. */
    @GetMapping("/api/cases/{code}/weigh-file")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "object")))
    ResponseEntity<JsonNode> weighFile(@PathVariable String code) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + code + ".json\"")
                .body(cases.weighFile(code));
    }
}
