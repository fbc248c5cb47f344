package lexicor.server.layer;

import lexicor.server.layer.LayerViews.Check;
import lexicor.server.layer.LayerViews.EntryChange;
import lexicor.server.layer.LayerViews.EntryList;
import lexicor.server.layer.LayerViews.EntryView;
import lexicor.server.layer.LayerViews.FigureChange;
import lexicor.server.layer.LayerViews.FigurePreview;
import lexicor.server.layer.LayerViews.FigureStored;
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

/** The department's own content over HTTP. */
@RestController
@RequestMapping("/api/evidence")
class LayerController {
    private final OwnFigures figures;
    private final OwnEntries entries;

    LayerController(OwnFigures figures, OwnEntries entries) {
        this.figures = figures;
        this.entries = entries;
    }

    /** What a figure would come to; nothing is stored. */
    @PostMapping("/figures/preview")
    FigurePreview preview(@RequestBody FigureChange change) {
        return figures.preview(change);
    }

    @PostMapping("/figures")
    @ResponseStatus(HttpStatus.CREATED)
    FigureStored add(@RequestBody FigureChange change) {
        return figures.add(change);
    }

    @PutMapping("/figures/{fingerprint}")
    FigureStored change(@PathVariable String fingerprint, @RequestBody FigureChange change) {
        return figures.change(fingerprint, change);
    }

    @DeleteMapping("/figures/{fingerprint}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(
            @PathVariable String fingerprint,
            @RequestParam(defaultValue = "") String why,
            @RequestParam(defaultValue = "false") boolean sure) {
        figures.remove(fingerprint, why, sure);
    }

    /** For a figure or a cluster. */
    @PutMapping("/checks/{fingerprint}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void check(@PathVariable String fingerprint, @RequestBody Check check) {
        figures.check(fingerprint, check);
    }

    @GetMapping("/entries")
    EntryList entries() {
        return entries.all();
    }

    @GetMapping("/entries/{kind}/{*id}")
    EntryView entry(@PathVariable String kind, @PathVariable String id) {
        return entries.entry(kind, named(id));
    }

    @PutMapping("/entries/{kind}/{*id}")
    EntryView save(@PathVariable String kind, @PathVariable String id, @RequestBody EntryChange change) {
        return entries.save(kind, named(id), change);
    }

    @DeleteMapping("/entries/{kind}/{*id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void reset(
            @PathVariable String kind,
            @PathVariable String id,
            @RequestParam(defaultValue = "0") long version,
            @RequestParam(defaultValue = "") String why,
            @RequestParam(defaultValue = "false") boolean sure) {
        entries.reset(kind, named(id), version, why, sure);
    }

    /** A question's id has a slash in it, so the id is the whole rest of the address. */
    private static String named(String rest) {
        return rest.substring(1);
    }
}
