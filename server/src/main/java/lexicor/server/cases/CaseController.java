package lexicor.server.cases;

import java.util.List;
import lexicor.server.cases.CaseViews.CaseSummary;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.CaseViews.Closure;
import lexicor.server.cases.CaseViews.Sharing;
import lexicor.server.problems.Refusal;
import lexicor.server.standing.Weighed;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

/** Cases over HTTP. */
@RestController
@RequestMapping("/api/cases")
class CaseController {
    private static final int LAST_PAGE = 100_000;

    private final CaseList list;
    private final Opening opening;
    private final Keeping keeping;

    CaseController(CaseList list, Opening opening, Keeping keeping) {
        this.list = list;
        this.opening = opening;
        this.keeping = keeping;
    }

    @GetMapping
    List<CaseSummary> cases(
            @RequestParam(defaultValue = "") String search, @RequestParam(defaultValue = "0") int page) {
        if (page < 0 || page > LAST_PAGE) {
            throw Refusal.field("page", "expected 0 or more");
        }
        return list.summaries(search, page);
    }

    /** A page asks again every few seconds; while nothing changed, that is answered without working anything out. */
    @GetMapping("/{code}")
    ResponseEntity<CaseView> get(@PathVariable String code, WebRequest request) {
        String tag = opening.tag(code);
        return request.checkNotModified(tag)
                ? null
                : ResponseEntity.ok().eTag(tag).body(opening.open(code));
    }

    @PutMapping("/{code}/sharing")
    CaseView share(@PathVariable String code, @RequestBody Sharing sharing) {
        return keeping.share(code, sharing);
    }

    /** A closed case keeps what it was weighed with; opened again, it is weighed with what is in force. */
    @PutMapping("/{code}/closure")
    CaseView close(@PathVariable String code, @RequestBody Closure closure) {
        return keeping.close(code, closure);
    }

    @GetMapping("/{code}/weighed")
    Weighed weighed(@PathVariable String code) {
        return opening.weighed(code);
    }
}
