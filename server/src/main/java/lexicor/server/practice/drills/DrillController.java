package lexicor.server.practice.drills;

import lexicor.server.practice.drills.DrillViews.DrillAnswer;
import lexicor.server.practice.drills.DrillViews.DrillHome;
import lexicor.server.practice.drills.DrillViews.DrillResult;
import lexicor.server.practice.drills.DrillViews.DrillView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Quick questions over HTTP. */
@RestController
@RequestMapping("/api/practice/drills")
class DrillController {
    private final DrillService service;

    DrillController(DrillService service) {
        this.service = service;
    }

    @GetMapping
    DrillHome drillHome() {
        return service.home();
    }

    @GetMapping("/next")
    DrillView nextDrill(@RequestParam(required = false) String kind) {
        return service.next(kind);
    }

    @PostMapping("/answers")
    DrillResult answerDrill(@RequestBody DrillAnswer given) {
        return service.answer(given);
    }
}
