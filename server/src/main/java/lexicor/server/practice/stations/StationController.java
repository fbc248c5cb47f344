package lexicor.server.practice.stations;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import lexicor.core.catalogue.packs.SpreadsheetText;
import lexicor.core.document.Table;
import lexicor.server.practice.PracticeViews.Begun;
import lexicor.server.practice.stations.StationViews.SittingView;
import lexicor.server.practice.stations.StationViews.StationChange;
import lexicor.server.practice.stations.StationViews.StationResults;
import lexicor.server.practice.stations.StationViews.StationView;
import lexicor.server.practice.stations.StationViews.Stations;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Stations over HTTP. */
@RestController
@RequestMapping("/api/practice/stations")
class StationController {
    private final StationService service;

    StationController(StationService service) {
        this.service = service;
    }

    @GetMapping
    Stations stations() {
        return service.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    StationView createStation(@RequestBody StationChange change) {
        return service.create(change);
    }

    @PutMapping("/{id}")
    StationView changeStation(@PathVariable long id, @RequestBody StationChange change) {
        return service.change(id, change);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteStation(@PathVariable long id) {
        service.delete(id);
    }

    @PostMapping("/{id}/sittings")
    @ResponseStatus(HttpStatus.CREATED)
    Begun sit(@PathVariable long id) {
        return service.sit(id);
    }

    @GetMapping("/{id}/results")
    StationResults stationResults(@PathVariable long id) {
        return service.results(id);
    }

    /** The same as a table for a spreadsheet. */
    @GetMapping(value = "/{id}/results.csv", produces = "text/csv")
    ResponseEntity<String> stationResultsAsCsv(@PathVariable long id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"station-" + id + ".csv\"")
                .contentType(MediaType.parseMediaType("text/csv; charset=utf-8"))
                .body(csv(service.results(id)));
    }

    private static String csv(StationResults results) {
        List<String> head = new ArrayList<>(List.of("student", "ended"));
        head.addAll(results.marks());
        head.addAll(List.of("points", "of", "minutes", "brier", "program brier"));
        return Table.write(
                head, results.sittings().stream().map(StationController::line).toList());
    }

    private static List<String> line(SittingView s) {
        List<String> line = new ArrayList<>(
                List.of(SpreadsheetText.guarded(s.person()), s.endedAt().toString()));
        s.marked().forEach(m -> line.add(String.valueOf(m.got())));
        line.addAll(List.of(
                String.valueOf(s.got()),
                String.valueOf(s.points()),
                number(s.minutes()),
                number(s.brier()),
                number(s.programBrier())));
        return line;
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }
}
