package lexicor.server.intake;

import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.intake.IntakeViews.IntakeChange;
import lexicor.server.intake.IntakeViews.LadderChange;
import lexicor.server.intake.IntakeViews.NewCase;
import lexicor.server.intake.IntakeViews.PlanChange;
import lexicor.server.intake.IntakeViews.TimeThere;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Intakes, running orders and ladders over HTTP. */
@RestController
@RequestMapping("/api/cases")
class IntakeController {
    private final Intakes intakes;
    private final Plans plans;

    IntakeController(Intakes intakes, Plans plans) {
        this.intakes = intakes;
        this.plans = plans;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    CaseView create(@RequestBody NewCase request) {
        return intakes.create(request);
    }

    @PutMapping("/{code}/intake")
    CaseView saveIntake(@PathVariable String code, @RequestBody IntakeChange change) {
        return intakes.save(code, change);
    }

    @PutMapping("/{code}/plan")
    CaseView savePlan(@PathVariable String code, @RequestBody PlanChange change) {
        return plans.save(code, change);
    }

    @PutMapping("/{code}/time")
    CaseView saveTime(@PathVariable String code, @RequestBody TimeThere change) {
        return plans.keepWithin(code, change);
    }

    @PutMapping("/{code}/ladders/{ladder}")
    CaseView walkLadder(@PathVariable String code, @PathVariable String ladder, @RequestBody LadderChange change) {
        return plans.walk(code, ladder, change);
    }
}
