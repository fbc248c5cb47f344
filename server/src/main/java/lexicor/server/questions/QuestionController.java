package lexicor.server.questions;

import lexicor.server.questions.Questions.Apart;
import lexicor.server.questions.Questions.SequenceView;
import lexicor.server.questions.Questions.Supposed;
import lexicor.server.questions.Questions.Supposition;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Questions about a case, or about all, over HTTP. None of them changes anything. */
@RestController
@RequestMapping("/api")
class QuestionController {
    private final CaseQuestions questions;
    private final ClusterTallies tallies;
    private final Asking asking;

    QuestionController(CaseQuestions questions, ClusterTallies tallies, Asking asking) {
        this.asking = asking;
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

    @GetMapping("/cases/{code}/asked")
    Asking.AskedView asked(@PathVariable String code) {
        return asking.of(code);
    }

    @GetMapping("/cases/{code}/apart")
    Apart apart(@PathVariable String code, @RequestParam String first, @RequestParam String second) {
        return questions.apart(code, first, second);
    }

    @GetMapping("/cases/{code}/short-sequence")
    SequenceView shortSequence(@PathVariable String code, @RequestParam(defaultValue = "5") double minutes) {
        return questions.sequence(code, minutes);
    }
}
