package lexicor.server.cases;

import java.util.List;
import lexicor.server.cases.CaseViews.CaseSummary;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.CaseViews.Closure;
import lexicor.server.cases.CaseViews.Examination;
import lexicor.server.cases.CaseViews.IntakeChange;
import lexicor.server.cases.CaseViews.LadderChange;
import lexicor.server.cases.CaseViews.NewCase;
import lexicor.server.cases.CaseViews.NewOverride;
import lexicor.server.cases.CaseViews.NewTap;
import lexicor.server.cases.CaseViews.PlanChange;
import lexicor.server.cases.CaseViews.Sharing;
import lexicor.server.cases.CaseViews.TakeBack;
import lexicor.server.cases.CaseViews.TapView;
import lexicor.server.problems.Refusal;
import lexicor.server.standing.Weighed;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Cases over HTTP. */
@RestController
@RequestMapping("/api/cases")
class CaseController {
    private final CaseService service;
    private final Closing closing;

    CaseController(CaseService service, Closing closing) {
        this.service = service;
        this.closing = closing;
    }

    @GetMapping
    List<CaseSummary> cases(
            @RequestParam(defaultValue = "") String search, @RequestParam(defaultValue = "0") int page) {
        if (page < 0 || page > 100_000) {
            throw Refusal.field("page", "expected 0 or more");
        }
        return service.list(search, page);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    CaseView create(@RequestBody NewCase request) {
        return service.create(request);
    }

    @GetMapping("/{code}")
    CaseView get(@PathVariable String code) {
        return service.open(code);
    }

    @PutMapping("/{code}/intake")
    CaseView saveIntake(@PathVariable String code, @RequestBody IntakeChange change) {
        return service.saveIntake(code, change);
    }

    @PutMapping("/{code}/sharing")
    CaseView share(@PathVariable String code, @RequestBody Sharing sharing) {
        return service.share(code, sharing);
    }

    /** A closed case keeps what it was weighed with; opened again, it is weighed with what is in force. */
    @PutMapping("/{code}/closure")
    CaseView close(@PathVariable String code, @RequestBody Closure closure) {
        return closing.close(code, closure);
    }

    @PostMapping("/{code}/taps")
    Examination tap(@PathVariable String code, @RequestBody NewTap tap) {
        return service.tap(code, tap);
    }

    @PostMapping("/{code}/overrides")
    Examination goAhead(@PathVariable String code, @RequestBody NewOverride request) {
        return service.goAhead(code, request);
    }

    @PostMapping("/{code}/undo")
    Examination undo(@PathVariable String code, @RequestBody TakeBack request) {
        return service.undo(code, request.tapId());
    }

    @GetMapping("/{code}/taps")
    List<TapView> taps(@PathVariable String code) {
        return service.taps(code);
    }

    @PutMapping("/{code}/plan")
    CaseView savePlan(@PathVariable String code, @RequestBody PlanChange change) {
        return service.savePlan(code, change);
    }

    @PutMapping("/{code}/ladders/{ladder}")
    CaseView walkLadder(@PathVariable String code, @PathVariable String ladder, @RequestBody LadderChange change) {
        return service.walkLadder(code, ladder, change);
    }

    @GetMapping("/{code}/weighed")
    Weighed weighed(@PathVariable String code) {
        return service.weighed(code);
    }
}
