package lexicor.server.deletion;

import java.util.List;
import lexicor.server.deletion.DeletionViews.DeletedCase;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Deleted cases that are not gone yet, for leads. */
@RestController
@RequestMapping("/api/deleted-cases")
class DeletedCaseController {
    private final Deletion deletion;

    DeletedCaseController(Deletion deletion) {
        this.deletion = deletion;
    }

    @GetMapping
    List<DeletedCase> deletedCases() {
        return deletion.kept();
    }

    @PostMapping("/{id}/bring-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bringBackCase(@PathVariable long id) {
        deletion.bringBack(id);
    }
}
