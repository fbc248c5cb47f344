package lexicor.server.practice;

import java.util.List;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.CaseViews.Examination;
import lexicor.server.intake.IntakeViews.LadderChange;
import lexicor.server.intake.IntakeViews.PlanChange;
import lexicor.server.practice.PracticeViews.Begun;
import lexicor.server.practice.PracticeViews.DebriefView;
import lexicor.server.practice.PracticeViews.EncounterView;
import lexicor.server.practice.PracticeViews.End;
import lexicor.server.practice.PracticeViews.NewDeed;
import lexicor.server.practice.PracticeViews.NewHunch;
import lexicor.server.practice.PracticeViews.NewPatient;
import lexicor.server.recording.RecordingViews.NewOverride;
import lexicor.server.recording.RecordingViews.NewTap;
import lexicor.server.recording.RecordingViews.TakeBack;
import lexicor.server.recording.RecordingViews.TapView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Simulated patients over HTTP. The couch finds under an address what it finds under a case's. */
@RestController
@RequestMapping("/api/practice/patients")
class PracticeController {
    private final Practising practising;
    private final Recordings recordings;

    PracticeController(Practising practising, Recordings recordings) {
        this.practising = practising;
        this.recordings = recordings;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Begun beginPatient(@RequestBody NewPatient asked) {
        return practising.begin(asked);
    }

    @GetMapping("/{id}")
    CaseView openPatient(@PathVariable long id) {
        return recordings.open(id);
    }

    @GetMapping("/{id}/encounter")
    EncounterView encounter(@PathVariable long id) {
        return practising.encounter(id);
    }

    @PostMapping("/{id}/deeds")
    EncounterView deed(@PathVariable long id, @RequestBody NewDeed deed) {
        return practising.deed(id, deed);
    }

    @PutMapping("/{id}/hunches")
    EncounterView hunch(@PathVariable long id, @RequestBody NewHunch hunch) {
        return practising.hunch(id, hunch);
    }

    @PostMapping("/{id}/end")
    DebriefView endPatient(@PathVariable long id, @RequestBody End end) {
        return practising.end(id, end);
    }

    @GetMapping("/{id}/debrief")
    DebriefView debrief(@PathVariable long id) {
        return practising.debriefOf(id);
    }

    @PostMapping("/{id}/taps")
    Examination tapPatient(@PathVariable long id, @RequestBody NewTap tap) {
        return recordings.tap(id, tap);
    }

    @GetMapping("/{id}/taps")
    List<TapView> tapsOfPatient(@PathVariable long id) {
        return recordings.taps(id);
    }

    @PostMapping("/{id}/undo")
    Examination undoOfPatient(@PathVariable long id, @RequestBody TakeBack request) {
        return recordings.undo(id, request.tapId());
    }

    @PostMapping("/{id}/overrides")
    Examination goAheadWithPatient(@PathVariable long id, @RequestBody NewOverride request) {
        return recordings.goAhead(id, request);
    }

    @PutMapping("/{id}/plan")
    CaseView planForPatient(@PathVariable long id, @RequestBody PlanChange change) {
        return recordings.plan(id, change);
    }

    @PutMapping("/{id}/ladders/{ladder}")
    CaseView walkWithPatient(@PathVariable long id, @PathVariable String ladder, @RequestBody LadderChange change) {
        return recordings.walk(id, ladder, change);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deletePatient(@PathVariable long id) {
        practising.delete(id);
    }
}
