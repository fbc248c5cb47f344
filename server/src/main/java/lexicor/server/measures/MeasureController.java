package lexicor.server.measures;

import lexicor.server.measures.MeasureViews.Measures;
import lexicor.server.measures.MeasureViews.NewMeasure;
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
    private final MeasurePage page;
    private final Measuring measuring;

    MeasureController(MeasurePage page, Measuring measuring) {
        this.page = page;
        this.measuring = measuring;
    }

    @GetMapping
    Measures measures(@PathVariable String code) {
        return page.of(code);
    }

    @PutMapping
    Measures saveMeasure(@PathVariable String code, @RequestBody NewMeasure request) {
        return measuring.save(code, request);
    }
}
