package lexicor.server.cases;

import lexicor.server.cases.MeasureViews.Measures;
import lexicor.server.cases.MeasureViews.NewMeasure;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Measures over HTTP. */
@RestController
@RequestMapping("/api/cases/{code}/measures")
class MeasureController {
    private final MeasureService service;

    MeasureController(MeasureService service) {
        this.service = service;
    }

    @GetMapping
    Measures measures(@PathVariable String code) {
        return service.measures(code);
    }

    @PutMapping
    Measures saveMeasure(@PathVariable String code, @RequestBody NewMeasure request) {
        return service.save(code, request);
    }
}
