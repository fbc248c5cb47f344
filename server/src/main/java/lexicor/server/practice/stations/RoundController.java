package lexicor.server.practice.stations;

import java.util.List;
import lexicor.server.practice.stations.RoundViews.NewRound;
import lexicor.server.practice.stations.RoundViews.RoundView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Rounds of stations over HTTP. */
@RestController
@RequestMapping("/api/practice/rounds")
class RoundController {
    private final RoundService service;

    RoundController(RoundService service) {
        this.service = service;
    }

    @GetMapping
    List<RoundView> rounds() {
        return service.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    RoundView createRound(@RequestBody NewRound asked) {
        return service.create(asked);
    }

    @PostMapping("/{id}/start")
    RoundView startRound(@PathVariable long id) {
        return service.start(id);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteRound(@PathVariable long id) {
        service.delete(id);
    }
}
