package lexicor.server.honesty;

import lexicor.server.honesty.TrialViews.NewTrial;
import lexicor.server.honesty.TrialViews.TrialView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** How right the program is with the department's own base rates and candidates, over HTTP; for leads. */
@RestController
@RequestMapping("/api/settings/honesty")
class HonestyController {
    private final HonestyTrials trials;

    HonestyController(HonestyTrials trials) {
        this.trials = trials;
    }

    @GetMapping
    TrialView honesty() {
        return trials.latest();
    }

    /** Begins a trial, which takes up to a minute. */
    @PostMapping
    @ResponseStatus(HttpStatus.ACCEPTED)
    TrialView tryHonesty(@RequestBody NewTrial asked) {
        return trials.start(asked);
    }
}
