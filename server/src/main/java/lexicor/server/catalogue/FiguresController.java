package lexicor.server.catalogue;

import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

/** How the tests look, apart from the catalogue since it is only needed where something is drawn. */
@RestController
class FiguresController {
    private final Editions editions;

    FiguresController(Editions editions) {
        this.editions = editions;
    }

    /** A browser that has them asks whether they are still the same. */
    @GetMapping("/api/figures")
    ResponseEntity<PosedFigures> figures(WebRequest request) {
        Edition edition = editions.current();
        CacheControl mayBeKept = CacheControl.noCache().cachePrivate();
        if (request.checkNotModified(edition.version())) {
            return ResponseEntity.status(HttpStatus.NOT_MODIFIED)
                    .cacheControl(mayBeKept)
                    .build();
        }
        return ResponseEntity.ok()
                .cacheControl(mayBeKept)
                .eTag(edition.version())
                .body(PosedFigures.of(edition.catalogue().figures()));
    }
}
