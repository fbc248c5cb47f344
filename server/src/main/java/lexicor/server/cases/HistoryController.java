package lexicor.server.cases;

import java.util.List;
import java.util.UUID;
import lexicor.server.cases.CaseViews.Examination;
import lexicor.server.cases.HistoryViews.BringBack;
import lexicor.server.cases.HistoryViews.DeletionAsked;
import lexicor.server.cases.HistoryViews.DeletionRequest;
import lexicor.server.cases.HistoryViews.Happened;
import lexicor.server.cases.HistoryViews.Then;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A case's history and its end over HTTP. */
@RestController("caseHistoryController")
@RequestMapping("/api/cases/{code}")
class HistoryController {
    private final CaseHistory history;
    private final Deletion deletion;

    HistoryController(CaseHistory history, Deletion deletion) {
        this.history = history;
        this.deletion = deletion;
    }

    @GetMapping("/history")
    List<Happened> caseHistory(@PathVariable String code) {
        return history.of(code);
    }

    @GetMapping("/history/at")
    Then stoodAt(@PathVariable String code, @RequestParam UUID tap) {
        return history.at(code, tap);
    }

    @PostMapping("/history/bring-back")
    Examination bringBack(@PathVariable String code, @RequestBody BringBack request) {
        return history.bringBack(code, request.tap(), request.tapId());
    }

    @PostMapping("/deletion")
    DeletionAsked askToDelete(@PathVariable String code, @RequestBody DeletionRequest request) {
        return deletion.ask(code, request);
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteCase(@PathVariable String code, @RequestParam UUID confirmation) {
        deletion.confirm(code, confirmation);
    }
}
