package lexicor.server.catalogue;

import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

/** How the tests look, apart from the catalogue since it is only needed where something is drawn. */
@RestController
class FiguresController {
    private final PerEdition<PosedFigures> figures;

    FiguresController(Editions editions) {
        figures = new PerEdition<>(editions, e -> PosedFigures.of(e.catalogue().figures()));
    }

    @GetMapping("/api/figures")
    ResponseEntity<PosedFigures> figures(WebRequest request) {
        return figures.answer(request);
    }
}
