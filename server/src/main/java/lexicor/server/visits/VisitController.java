package lexicor.server.visits;

import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.visits.VisitViews.VisitDay;
import lexicor.server.visits.VisitViews.VisitOpening;
import lexicor.server.visits.VisitViews.VisitStart;
import lexicor.server.visits.VisitViews.Visits;
import org.springframework.http.HttpStatus;
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

/** Visits over HTTP. */
@RestController
@RequestMapping("/api/cases/{code}/visits")
class VisitController {
    private final VisitService service;

    VisitController(VisitService service) {
        this.service = service;
    }

    @GetMapping
    Visits visits(@PathVariable String code) {
        return service.visits(code);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    CaseView startVisit(@PathVariable String code, @RequestBody VisitStart start) {
        return service.start(code, start.version(), start.day());
    }

    @PutMapping("/{number}/day")
    CaseView dateVisit(@PathVariable String code, @PathVariable int number, @RequestBody VisitDay day) {
        return service.date(code, number, day.version(), day.day());
    }

    @PutMapping("/{number}/open")
    CaseView openVisit(@PathVariable String code, @PathVariable int number, @RequestBody VisitOpening opening) {
        return service.open(code, number, opening.version());
    }

    @DeleteMapping("/{number}")
    CaseView dropVisit(@PathVariable String code, @PathVariable int number, @RequestParam long version) {
        return service.drop(code, number, version);
    }
}
