package lexicor.server.recording;

import java.util.List;
import lexicor.server.cases.CaseViews.CaseView;
import lexicor.server.cases.CaseViews.Examination;
import lexicor.server.recording.RecordingViews.NewOverride;
import lexicor.server.recording.RecordingViews.NewTap;
import lexicor.server.recording.RecordingViews.SettleWarning;
import lexicor.server.recording.RecordingViews.TakeBack;
import lexicor.server.recording.RecordingViews.TapView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Recording over HTTP. */
@RestController
@RequestMapping("/api/cases/{code}")
class RecordingController {
    private final Recording recording;
    private final Precautions precautions;
    private final SettledWarnings warnings;

    RecordingController(Recording recording, Precautions precautions, SettledWarnings warnings) {
        this.recording = recording;
        this.precautions = precautions;
        this.warnings = warnings;
    }

    @PostMapping("/taps")
    Examination tap(@PathVariable String code, @RequestBody NewTap tap) {
        return recording.tap(code, tap);
    }

    @GetMapping("/taps")
    List<TapView> taps(@PathVariable String code) {
        return recording.taps(code);
    }

    @PostMapping("/undo")
    Examination undo(@PathVariable String code, @RequestBody TakeBack request) {
        return recording.undo(code, request.tapId());
    }

    @PostMapping("/overrides")
    Examination goAhead(@PathVariable String code, @RequestBody NewOverride request) {
        return precautions.goAhead(code, request);
    }

    @PostMapping("/warnings")
    CaseView settle(@PathVariable String code, @RequestBody SettleWarning request) {
        return warnings.settle(code, request);
    }
}
