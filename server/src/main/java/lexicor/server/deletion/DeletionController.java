package lexicor.server.deletion;

import java.util.UUID;
import lexicor.server.deletion.DeletionViews.DeletionAsked;
import lexicor.server.deletion.DeletionViews.DeletionRequest;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A case's end over HTTP. */
@RestController
@RequestMapping("/api/cases/{code}")
class DeletionController {
    private final Deletion deletion;

    DeletionController(Deletion deletion) {
        this.deletion = deletion;
    }

    @PostMapping("/deletion")
    DeletionAsked askToDelete(@PathVariable String code, @RequestBody DeletionRequest request) {
        return deletion.ask(code, request);
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteCase(@PathVariable String code, @RequestParam UUID confirmation) {
        deletion.confirm(code, confirmation);
    }
}
