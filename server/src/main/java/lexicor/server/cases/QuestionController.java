package lexicor.server.cases;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import lexicor.server.standing.Questions.Apart;
import lexicor.server.standing.Questions.SequenceView;
import lexicor.server.standing.Questions.Supposed;
import lexicor.server.standing.Questions.Supposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Questions about a case, or about all, over HTTP. None of them changes anything. */
@RestController
@RequestMapping("/api")
class QuestionController {
    private final CaseQuestions questions;
    private final ClusterTallies tallies;

    QuestionController(CaseQuestions questions, ClusterTallies tallies) {
        this.tallies = tallies;
        this.questions = questions;
    }

    @GetMapping("/cluster-tally")
    ClusterTallies.ClusterTally clusterTally() {
        return tallies.tally();
    }

    @PostMapping("/cases/{code}/what-if")
    Supposed whatIf(@PathVariable String code, @RequestBody Supposition supposition) {
        return questions.suppose(code, supposition);
    }

    @GetMapping("/cases/{code}/apart")
    Apart apart(@PathVariable String code, @RequestParam String first, @RequestParam String second) {
        return questions.apart(code, first, second);
    }

    @GetMapping("/cases/{code}/short-sequence")
    SequenceView shortSequence(@PathVariable String code, @RequestParam(defaultValue = "5") double minutes) {
        return questions.sequence(code, minutes);
    }

    /** The case with its figures, to be weighed again elsewhere. */
    @GetMapping("/cases/{code}/weigh-file")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "object")))
    ResponseEntity<JsonNode> weighFile(@PathVariable String code) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + code + ".json\"")
                .body(questions.file(code));
    }
}
