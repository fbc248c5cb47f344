package lexicor.server.casehistory;

import java.util.List;
import java.util.UUID;
import lexicor.server.casehistory.HistoryViews.BringBack;
import lexicor.server.casehistory.HistoryViews.Happened;
import lexicor.server.casehistory.HistoryViews.Then;
import lexicor.server.cases.CaseViews.Examination;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A case's history over HTTP. */
@RestController
@RequestMapping("/api/cases/{code}")
class CaseHistoryController {
    private final CaseHistory history;

    CaseHistoryController(CaseHistory history) {
        this.history = history;
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
}
